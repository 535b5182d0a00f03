import { parseAsBoolean, parseAsInteger, parseAsNumberLiteral, parseAsStringLiteral, useQueryStates } from 'nuqs';
import { useEffect, useRef, useState } from 'react';
import { FASTEST_CLICK, type Metronome as Clicking, SLOWEST_CLICK, tappedTempo } from '#core/practice/metronome';
import { SUBDIVISIONS } from '#core/practice/item';
import { meterOf, METERS } from '#core/rhythm';
import { soundPractice, stopPractice } from '../../audio/index.ts';
import { CheckField, LabelledChoice } from '../../ui/fields/index.ts';
import { guardIsland } from '../../ui/states/index.ts';
import { NO_SOUND } from '../../words/notices.ts';
import { beatText, KEYS_HINT, measureText, START_WORDS, STOP_WORDS } from '../../words/practice/metronome.ts';
import { Addressed, PageShell } from '../frame/index.ts';
import { StandButton } from '../practise/stand/StandButton.tsx';
import { Beats } from './Beats.tsx';
import { useBeat } from './use-beat.ts';

/** A metronome by itself, for playing from memory, or from paper. */
export const Metronome = guardIsland(GuardedMetronome);

function GuardedMetronome() {
  return (
    <Addressed>
      <PageShell current="Metronome" title="Metronome">
        <OfAddress />
      </PageShell>
    </Addressed>
  );
}

/** The first tempo, a walking pace. */
const FIRST_TEMPO = 72;

const ADDRESS = {
  tempo: parseAsInteger.withDefault(FIRST_TEMPO),
  meter: parseAsStringLiteral(METERS).withDefault('4/4'),
  clicks: parseAsNumberLiteral(SUBDIVISIONS).withDefault(1),
  silent: parseAsBoolean.withDefault(false),
  count: parseAsBoolean.withDefault(true),
};

/** The steps by which keys change the tempo, beats a minute. */
const STEPS: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 5, PageDown: -5 };

function OfAddress() {
  const [{ tempo: asked, meter, clicks, silent, count }, setAddress] = useQueryStates(ADDRESS);
  const tempo = within(asked);
  const metronome: Clicking = { tempo, meter: meterOf({ meter }), subdivision: clicks, silentMeasures: silent, countIn: count };
  const { sounds, trouble, toggle } = useSounding(metronome);
  const now = useBeat(sounds);
  const taps = useRef<readonly number[]>([]);
  const change = (next: number): void => void setAddress({ tempo: within(next) });
  const tap = (): void => {
    taps.current = [...taps.current, performance.now()];
    const tapped = tappedTempo(taps.current);
    if (tapped !== null) change(Math.round(tapped));
  };
  useKeys({ toggle, tap, step: (by) => change(tempo + by) });
  return (
    <div className="mt-2 grid gap-[2.2dvh]">
      <div className="flex flex-wrap items-center gap-4">
        <StandButton aria-label="Slower by one" className="sm:grow-0" onClick={() => change(tempo - 1)}>
          −
        </StandButton>
        <p
          aria-label="Tempo"
          className="order-first w-full grow text-center text-[clamp(72px,14vw,200px)] leading-none font-semibold tabular-nums sm:order-none sm:w-auto"
        >
          {beatText(metronome)}
        </p>
        <StandButton aria-label="Faster by one" className="sm:grow-0" onClick={() => change(tempo + 1)}>
          +
        </StandButton>
      </div>
      <input
        type="range"
        aria-label="Beats a minute"
        className="w-full accent-ink"
        min={SLOWEST_CLICK}
        max={FASTEST_CLICK}
        value={tempo}
        onChange={({ target }) => change(Number(target.value))}
      />
      <Beats metronome={metronome} now={now} />
      <p role="status" className="text-[28px] leading-none">
        {measureText(now)}
      </p>
      {trouble !== null && <p role="alert">{trouble}</p>}
      <div className="flex flex-wrap gap-4">
        <StandButton onClick={tap}>Tap the tempo</StandButton>
        <StandButton main onClick={toggle}>
          {sounds ? STOP_WORDS : START_WORDS}
        </StandButton>
      </div>
      <Choices />
      <p className="text-[14px] text-dove-dark">{KEYS_HINT}</p>
    </div>
  );
}

/** Shows the choices before it sounds. */
function Choices() {
  const [{ meter, clicks, silent, count }, setAddress] = useQueryStates(ADDRESS);
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <LabelledChoice label="Meter" value={meter} among={METERS} nameOf={String} onChoose={(next) => void setAddress({ meter: next })} />
      <LabelledChoice
        label="Clicks to a beat"
        value={clicks}
        among={SUBDIVISIONS}
        nameOf={String}
        onChoose={(next) => void setAddress({ clicks: next })}
      />
      <CheckField label="Every other measure silent" checked={silent} onChange={(next) => void setAddress({ silent: next })} />
      <CheckField label="One measure counted in" checked={count} onChange={(next) => void setAddress({ count: next })} />
    </div>
  );
}

function within(tempo: number): number {
  return Math.min(FASTEST_CLICK, Math.max(SLOWEST_CLICK, tempo));
}

/** Sounds a metronome until it is stopped; one that is changed while it sounds begins again, without being counted in. */
function useSounding(metronome: Clicking): { readonly sounds: boolean; readonly trouble: string | null; readonly toggle: () => void } {
  const [sounds, setSounds] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const sounding = useRef('');
  const written = JSON.stringify(metronome);
  useEffect(() => {
    if (!sounds) {
      sounding.current = '';
      stopPractice();
      return;
    }
    if (sounding.current === written) return;
    const countIn = metronome.countIn && sounding.current === '';
    sounding.current = written;
    soundPractice({
      model: null,
      inTurns: false,
      vibrato: false,
      countIn: false,
      droneHz: null,
      metronome: { ...metronome, countIn },
    }).catch((error: unknown) => {
      setTrouble(error instanceof Error ? error.message : NO_SOUND);
      setSounds(false);
    });
  });
  useEffect(() => stopPractice, []);
  return {
    sounds,
    trouble,
    toggle: () => {
      setTrouble(null);
      setSounds(!sounds);
    },
  };
}

interface Keys {
  readonly toggle: () => void;
  readonly tap: () => void;
  readonly step: (by: number) => void;
}

/** Handles keys and a pedal, unless the focus is in a field, on a button or on a link. */
function useKeys({ toggle, tap, step }: Keys): void {
  useEffect(() => {
    const press = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.altKey || event.metaKey || isForControl(event.target)) return;
      const by = STEPS[event.code];
      if (event.code === 'Space' && !event.repeat) toggle();
      else if (event.code === 'KeyT' && !event.repeat) tap();
      else if (by !== undefined) step(by);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
}

/** Tells whether a key is meant for a field, a button or a link that has the focus. */
function isForControl(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest('input, select, button, a') !== null;
}

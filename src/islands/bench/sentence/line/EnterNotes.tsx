import { useEffect, useRef, useState } from 'react';
import type { Brief } from '#core/brief';
import { TUNINGS, WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import { parsePitch } from '#core/pitch';
import { plainName } from '#core/key';
import { NOTE_VALUES } from '#core/rhythm';
import type { MidiKeyboards } from '../../../../audio/index.ts';
import { playKey } from '../../../../state/edits/index.ts';
import { enteringStore, useEntering } from '../../../../state/entering.ts';
import { Button } from '../../../../ui/Button.tsx';
import { CheckField, SelectField } from '../../../../ui/fields/index.ts';
import { ENTERING, listeningText } from '../../../../words/line/entering.ts';
import { TYPED_FOR_BASS } from '../../../../words/line/typed-form.ts';
import { NOTE_LENGTH_LABELS } from '../../../../words/line/note-lengths.ts';

interface EnterNotesProps {
  readonly kind: Brief['instrument']['kind'];
  readonly onClose: () => void;
}

/** Enters notes: by clicking on the staff, with a MIDI keyboard, or on the keys shown. */
export function EnterNotes({ kind, onClose }: EnterNotesProps) {
  const { duration, startOver, clicking } = useEntering();
  useEffect(() => () => enteringStore.setState({ clicking: false, startOver: false }), []);
  return (
    <section aria-label={ENTERING.title} className="mt-2 border border-line px-3 py-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <label className="flex items-center gap-2">
          {ENTERING.value}
          <SelectField
            value={duration}
            options={NOTE_VALUES.map((value) => ({ value, name: NOTE_LENGTH_LABELS[value] ?? value }))}
            onChoose={(next) => enteringStore.setState({ duration: next })}
          />
        </label>
        <CheckField label={ENTERING.clicking} checked={clicking} onChange={(on) => enteringStore.setState({ clicking: on })} />
        <CheckField label={ENTERING.startOver} checked={startOver} onChange={(on) => enteringStore.setState({ startOver: on })} />
        <Button onClick={() => playKey(null, performance.now())}>{ENTERING.rest}</Button>
        <MidiKeyboard />
        <Button className="ml-auto" onClick={onClose}>
          {ENTERING.close}
        </Button>
      </div>
      <Keys key={kind} kind={kind} />
      <p className="mt-1 text-sm text-dove-dark">
        {ENTERING.how} {kind === 'bass' && TYPED_FOR_BASS}
      </p>
    </section>
  );
}

/** Connects keyboards. It asks for them when it is pressed, not before, since the browser asks the teacher. */
function MidiKeyboard() {
  const [said, setSaid] = useState<string | null>(null);
  const keyboards = useRef<MidiKeyboards | null>(null);
  useEffect(() => () => keyboards.current?.stop(), []);
  const connect = async (): Promise<void> => {
    const { listenToKeyboards } = await import('../../../../audio/keyboard/midi-keyboards.ts');
    try {
      const tell = (): void => setSaid(listeningText(keyboards.current?.names() ?? []));
      keyboards.current = await listenToKeyboards(playKey, tell);
      tell();
    } catch {
      setSaid(ENTERING.noMidi);
    }
  };
  if (said !== null) return <span role="status">{said}</span>;
  return <Button onClick={() => void connect()}>{ENTERING.connect}</Button>;
}

/** The white keys of an octave, semitones above C; a black key lies after those that have one. */
const WHITE = [0, 2, 4, 5, 7, 9, 11] as const;
const BLACK_AFTER: ReadonlySet<number> = new Set([0, 2, 5, 7, 9]);

/** The number of octaves shown, and the width of a white key, px. */
const OCTAVES = 3;
const KEY_WIDTH = 30;

/** Shows keys to press, from the octave of the lowest string as the player reads it. */
function Keys({ kind }: Pick<EnterNotesProps, 'kind'>) {
  const open = parsePitch(TUNINGS[kind].at(-1) ?? '');
  const [octave, setOctave] = useState((open.ok ? open.value.octave : 3) + WRITTEN_OCTAVES_ABOVE[kind]);
  const white = Array.from({ length: OCTAVES }, (_, order) => WHITE.map((above) => 12 * (octave + order) + above)).flat();
  return (
    <div className="mt-2 flex items-center gap-2 overflow-x-auto">
      <Button aria-label={ENTERING.octaveDown} disabled={octave <= 0} onClick={() => setOctave(octave - 1)}>
        ‹
      </Button>
      <div role="group" aria-label={ENTERING.keyboard} className="relative h-20 shrink-0" style={{ width: white.length * KEY_WIDTH }}>
        {white.map((semitones, order) => (
          <Key key={semitones} semitones={semitones} left={order * KEY_WIDTH} width={KEY_WIDTH} black={false} />
        ))}
        {white.map((semitones, order) =>
          BLACK_AFTER.has(semitones % 12) ? (
            <Key key={semitones + 1} semitones={semitones + 1} left={(order + 1) * KEY_WIDTH - 9} width={18} black />
          ) : null,
        )}
      </div>
      <Button aria-label={ENTERING.octaveUp} disabled={octave >= 6} onClick={() => setOctave(octave + 1)}>
        ›
      </Button>
    </div>
  );
}

interface KeyProps {
  readonly semitones: number;
  readonly left: number;
  readonly width: number;
  readonly black: boolean;
}

function Key({ semitones, left, width, black }: KeyProps) {
  const name = plainName(semitones);
  const look = black ? 'z-1 h-12 bg-ink active:bg-dove-dark' : 'h-20 bg-white active:bg-dove-light text-ink';
  return (
    <button
      type="button"
      aria-label={name}
      className={`absolute top-0 border border-dove-dark ${look} flex items-end justify-center pb-1 text-xs`}
      style={{ left, width }}
      onClick={(event) => playKey(semitones, event.timeStamp)}
    >
      {semitones % 12 === 0 ? name : ''}
    </button>
  );
}

import { useMemo, useState } from 'react';
import { waysOf } from '#core/brief';
import { dueNotes } from '#core/listening';
import type { LivePlace } from '#core/listening/live';
import { sideOf } from '#core/listening/report';
import type { Plan } from '#core/plan/describe';
import { useLogPages } from '../../state/practice/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/fields/index.ts';
import { Mic, Square } from '../../ui/icons.ts';
import { Notice } from '../../ui/states/index.ts';
import { LIVE, LIVE_MODES, liveMissText, type LiveMode } from '../../words/intonation/live.ts';
import { NO_MICROPHONE } from '../../words/intonation/tuner.ts';
import { noteAtText, tellNotesOfPlan } from '../../words/line/note-places.ts';
import { type EarAnswer, EarFirst } from './EarFirst.tsx';
import { SureBefore } from './SureBefore.tsx';
import { useLive } from './use-live.ts';

interface LivePanelProps {
  readonly plan: Plan;
  readonly playerId: string | null;
  readonly toleranceCents: number;
}

/** The ways to listen that a school leaves open. */
const MODES_OF = { both: ['show', 'ear', 'sure'], late: ['ear', 'sure'], never: [] } as const;

/** Listens while the line is played: shows the note and its miss at once, or asks the ear first. */
export function LivePanel({ plan, playerId, toleranceCents }: LivePanelProps) {
  const modes: readonly LiveMode[] = MODES_OF[waysOf(plan.brief).liveTuner ?? 'both'];
  const [chosen, choose] = useState<LiveMode>(modes[0] ?? 'ear');
  const { live, begin, stop } = useLive(plan);
  if (modes.length === 0) return <p className="text-dove-dark">{LIVE.never}</p>;
  const isOn = live.state === 'on';
  return (
    <section aria-label={LIVE.title}>
      <p className="font-serif text-[17px]">
        While you play, <Choice label={LIVE.choice} value={chosen} values={modes} name={(mode) => LIVE_MODES[mode]} onChange={choose} />.{' '}
        <Button className="font-sans text-[15px]" disabled={live.state === 'asking'} onClick={isOn ? stop : begin}>
          {isOn ? <Square size={15} aria-hidden="true" /> : <Mic size={15} aria-hidden="true" />} {isOn ? LIVE.stop : LIVE.begin}
        </Button>
      </p>
      {live.state === 'no-microphone' && <Notice trouble>{NO_MICROPHONE[live.why]}</Notice>}
      {live.state === 'failed' && <Notice trouble>{LIVE.failed}</Notice>}
      {live.state === 'on' && (
        <div className="mt-2 min-h-24 border-l-2 border-line pl-4">
          <LiveShown plan={plan} playerId={playerId} toleranceCents={toleranceCents} mode={chosen} place={live.place} />
        </div>
      )}
    </section>
  );
}

interface LiveShownProps extends LivePanelProps {
  readonly mode: LiveMode;
  readonly place: LivePlace;
}

/** Shows the player’s place in the chosen way. */
function LiveShown({ plan, playerId, toleranceCents, mode, place }: LiveShownProps) {
  const due = useMemo(() => dueNotes(plan), [plan]);
  const log = useLogPages({ playerId, name: plan.brief.player?.name ?? '' });
  const keep = ({ written, given, right }: EarAnswer): void =>
    void log.add({ kind: 'answer', question: `ear first ${written}`, given: [given], right, seconds: null });
  switch (mode) {
    case 'show':
      return <LiveNote plan={plan} place={place} note={due[place.order]?.note ?? null} toleranceCents={toleranceCents} />;
    case 'ear':
      return <EarFirst due={due} place={place} toleranceCents={toleranceCents} onAnswer={keep} />;
    case 'sure':
      return <SureBefore place={place} toleranceCents={toleranceCents} />;
  }
}

interface LiveNoteProps {
  readonly plan: Plan;
  readonly place: LivePlace;
  /** The line index of the note; null before the first. */
  readonly note: number | null;
  readonly toleranceCents: number;
}

/** The half of the scale, cents, and its width, px. */
const SCALE = { cents: 50, px: 360 } as const;

/** Shows the note that the player is on, and its miss, large enough for the stand. */
function LiveNote({ plan, place: { cents }, note, toleranceCents }: LiveNoteProps) {
  const tell = tellNotesOfPlan(plan);
  const side = cents === null ? null : sideOf(cents, toleranceCents);
  const shown = Math.max(-SCALE.cents, Math.min(SCALE.cents, cents ?? 0));
  const pxOf = (value: number): number => (SCALE.px / 2) * (1 + value / SCALE.cents);
  return (
    <div className="flex flex-wrap items-center gap-x-8 gap-y-2">
      <p className="min-w-80 font-serif text-[34px]" data-live-note={note ?? ''}>
        {note === null ? LIVE.waiting : noteAtText(tell(note), note)}
      </p>
      <svg width={SCALE.px} height={44} role="img" aria-label={LIVE.scale}>
        <rect x={pxOf(-toleranceCents)} y={8} width={pxOf(toleranceCents) - pxOf(-toleranceCents)} height={28} className="fill-line" />
        <line x1={0} x2={SCALE.px} y1={22} y2={22} className="stroke-ink" />
        {cents !== null && <circle cx={pxOf(shown)} cy={22} r={9} className={side === 'in tune' ? 'fill-verdigris' : 'fill-ochre'} />}
      </svg>
      <p className="min-w-56 font-serif text-[34px] tabular-nums">{cents === null || side === null ? '–' : liveMissText(cents, side)}</p>
    </div>
  );
}

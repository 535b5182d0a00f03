import type { BeatNow, Metronome } from '#core/practice/metronome';

interface BeatsProps {
  readonly metronome: Metronome;
  readonly now: BeatNow | null;
}

/** Shows the beats of a measure, large enough for the stand; the one that is heard is filled, in a silent measure only framed. */
export function Beats({ metronome: { meter }, now }: BeatsProps) {
  return (
    <ol aria-hidden="true" className="flex flex-wrap gap-2">
      {Array.from({ length: meter.beats }, (_, beat) => (
        <li
          key={beat}
          className={`grid h-[clamp(80px,20dvh,220px)] min-w-14 flex-1 place-items-center rounded-[8px] border-2 font-serif text-[clamp(40px,11dvh,120px)] leading-none tabular-nums ${lookOf(beat, now)}`}
        >
          {beat + 1}
        </li>
      ))}
    </ol>
  );
}

function lookOf(beat: number, now: BeatNow | null): string {
  if (now === null || now.beat !== beat) return 'border-line text-dove-dark';
  if (now.silent) return 'border-ink text-ink';
  return now.measure < 0 ? 'border-dove bg-dove-light text-ink' : 'border-ink bg-ink text-paper';
}

import type { NoteGroup } from '#core/practice/item';
import type { Plan } from '#core/plan/describe';
import { namesByMeasure } from '../../words/names/names-by-measure.ts';

interface NamesByMeasureProps {
  readonly plan: Plan;
  /** The notes that are shown; absent for all. */
  readonly group?: NoteGroup;
  readonly className: string;
}

/** Shows fingers and names instead of notes, a line for each measure. */
export function NamesByMeasure({ plan, group, className }: NamesByMeasureProps) {
  return (
    <ol className={className} aria-label="Fingers and names">
      {namesByMeasure(plan, group).map(({ number, notes }) => (
        <li key={number} value={number} className="flex break-inside-avoid gap-[0.6em]">
          <span className="min-w-[1.4em] shrink-0 text-right text-dove-dark tabular-nums">{number}</span>
          <span>{notes.join(' · ')}</span>
        </li>
      ))}
    </ol>
  );
}

import { measureIndexAt, measuresOf } from '#core/material/measures';
import { positionShort } from '#core/messages';
import { pitchLabel } from '#core/pitch';
import type { NoteGroup } from '#core/practice/item';
import type { Plan } from '#core/plan/describe';

/** A measure of a line without notation. */
export interface MeasureOfNames {
  /** The number on the page. */
  readonly number: number;
  /** The notes: "1 B", "2+4 C5+A5"; before the first note of a hand its position: "3rd: 1 D". */
  readonly notes: readonly string[];
}

/** Lists fingers and names of a line, or of some of its notes, measure by measure. */
export function namesByMeasure(plan: Plan, group?: NoteGroup): readonly MeasureOfNames[] {
  const measures = measuresOf(plan.line);
  const named = new Map<number, string[]>();
  let position = '';
  for (const [index, note] of plan.notes.entries()) {
    if (note.kind === 'rest' || (group && (index < group.from || index > group.to))) continue;
    const onset = plan.line.notes[index]?.onset;
    const measure = measures[onset === undefined ? 0 : measureIndexAt(measures, onset)]?.number ?? 1;
    const here = positionShort(note.position);
    const fingers = note.stops.map(({ finger }) => finger).join('+');
    const text = `${fingers} ${note.stops.map(({ written }) => pitchLabel(written)).join('+')}`;
    named.set(measure, [...(named.get(measure) ?? []), here === position ? text : `${here}: ${text}`]);
    position = here;
  }
  return [...named].map(([number, notes]) => ({ number, notes }));
}

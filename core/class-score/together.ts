import { addFractions, asNumber, compareFractions, type Fraction } from '#core/fraction';
import { measureIndexAt, measuresOf, noteAt } from '#core/material/measures';
import type { Plan } from '#core/plan/describe';

/** A moment at which all who play arrive by a shift. */
export interface SharedShift {
  /** The number of the measure on the page; a pick-up is 0. */
  readonly measure: number;
  /** The beat on which it comes, or after which, from 1. */
  readonly beat: number;
}

/** Measures on the page in which nobody shifts; both ends belong to them. */
export interface QuietMeasures {
  /** The number of the first. */
  readonly from: number;
  /** The number of the last. */
  readonly to: number;
}

/** Finds the moments at which everyone who has a note arrives on it by a shift, two players or more. */
export function sharedShifts(plans: readonly Plan[]): readonly SharedShift[] {
  const found = new Map<number, SharedShift>();
  for (const { line, shifts } of plans) {
    for (const { to } of shifts) {
      const onset = line.notes[to]?.onset;
      const at = noteAt(line, to);
      if (!onset || !at) continue;
      const arriving = plans.filter((plan) => arrivesAt(plan, onset)).length;
      const playing = plans.filter((plan) => soundsAt(plan, onset)).length;
      if (arriving >= 2 && arriving === playing) found.set(asNumber(onset), { measure: at.measure, beat: at.beat });
    }
  }
  return [...found].toSorted(([one], [other]) => one - other).map(([, shift]) => shift);
}

function arrivesAt({ line, shifts }: Plan, onset: Fraction): boolean {
  return shifts.some(({ to }) => {
    const there = line.notes[to]?.onset;
    return there !== undefined && compareFractions(there, onset) === 0;
  });
}

function soundsAt({ line }: Plan, onset: Fraction): boolean {
  return line.notes.some(
    (note) =>
      note.kind === 'note' &&
      compareFractions(note.onset, onset) <= 0 &&
      compareFractions(onset, addFractions(note.onset, note.duration)) < 0,
  );
}

/** Finds the measures in which no player arrives by a shift, joined where they follow each other. */
export function quietMeasures(plans: readonly Plan[]): readonly QuietMeasures[] {
  const [first] = plans;
  if (!first) return [];
  const measures = measuresOf(first.line);
  const busy = new Set(
    plans.flatMap(({ line, shifts }) =>
      shifts.flatMap(({ to }) => {
        const onset = line.notes[to]?.onset;
        return onset ? [measureIndexAt(measures, onset)] : [];
      }),
    ),
  );
  const quiet: QuietMeasures[] = [];
  for (const [index, { number }] of measures.entries()) {
    if (busy.has(index)) continue;
    const last = quiet.at(-1);
    if (last?.to === number - 1) quiet[quiet.length - 1] = { from: last.from, to: number };
    else quiet.push({ from: number, to: number });
  }
  return quiet;
}

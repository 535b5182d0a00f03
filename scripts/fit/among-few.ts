import { withTable } from '#core/brief';
import { STRING_NUMBERS } from '#core/instrument';
import type { FingeredNote, LineInSearch, StringAndFinger } from '#core/learning';
import { otherFingerings } from '#core/plan';
import { describe, type Plan, type Stop } from '#core/plan/describe';
import { finish } from '#core/result';
import { layOutAgain, solve } from '#core/solve';
import type { Weights } from '#core/weights';

/** Tells whether a right fingering of a line is among those offered under some weights: the best one and others, `most` in all. */
export function isAmong({ line, laid }: LineInSearch, table: Weights, most: number): boolean {
  const solved = solve(layOutAgain(laid, withTable(laid.task, table)));
  if (!solved) return false;
  const best = describe(solved);
  const others = finish(otherFingerings(solved, best, most - 1));
  return [best, ...others.map(({ plan }) => plan)].some((plan) => line.right.some((fits) => notesOf(plan).every(fits)));
}

function notesOf({ notes }: Plan): readonly FingeredNote[] {
  return notes.flatMap((note) => {
    if (note.kind !== 'note') return [];
    const [lowest, upper, top] = note.stops.map(stringAndFinger);
    return lowest ? [{ ...lowest, upper: upper ?? null, top: top ?? null }] : [];
  });
}

function stringAndFinger({ string, finger }: Stop): StringAndFinger {
  return { stringIndex: STRING_NUMBERS.indexOf(string), finger };
}

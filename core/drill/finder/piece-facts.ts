import { keyAt } from '#core/material/measures';
import type { Plan } from '#core/plan/describe';
import { formatKey } from '#core/key';
import { type ClassedShift, classedShifts } from './places-like.ts';

/** What a piece is found by when drills are looked for. */
export interface PieceFacts {
  /** Its shifts with what they have in common with others. */
  readonly shifts: readonly ClassedShift[];
  /** Labels of the positions its hand stands in, each once, in the order of the line. */
  readonly positions: readonly string[];
  /** Each position with the key (documents' form) the hand stands in it for, each once. */
  readonly keyed: readonly { readonly key: string; readonly position: string }[];
}

/** Nothing of a piece that has no plan. */
export const NO_FACTS: PieceFacts = { shifts: [], positions: [], keyed: [] };

/** What a piece is found by, read off its plan. */
export function pieceFacts(plan: Plan): PieceFacts {
  return {
    shifts: classedShifts(plan),
    positions: [...new Set(plan.stays.map(({ position }) => position.label))],
    keyed: keyedPositions(plan),
  };
}

function keyedPositions({ line, stays }: Plan): PieceFacts['keyed'] {
  const all = stays.map(({ from, position }) => ({ key: formatKey(keyAt(line, from)), position: position.label }));
  return [...new Map(all.map((each) => [`${each.key} ${each.position}`, each])).values()];
}

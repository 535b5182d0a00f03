import { keyAt } from '#core/material/measures';
import type { Plan } from '#core/plan/describe';
import { formatKey } from '#core/key';
import { type ClassedShift, classedShifts } from './places-like.ts';

/** The facts of a piece with which drills are looked for. */
export interface PieceFacts {
  /** The shifts of the piece with their classes. */
  readonly shifts: readonly ClassedShift[];
  /** The labels of the positions its hand stands in, each once, in the order of the line. */
  readonly positions: readonly string[];
  /** The positions with the keys (documents' form) the hand stands in them for, each pair once. */
  readonly keyed: readonly { readonly key: string; readonly position: string }[];
}

/** The facts of a piece that has no plan. */
export const NO_FACTS: PieceFacts = { shifts: [], positions: [], keyed: [] };

/** Reads the facts of a piece from its plan. */
export function pieceFacts(plan: Plan): PieceFacts {
  return {
    shifts: classedShifts(plan),
    positions: [...new Set(plan.stays.map(({ position }) => position.label))],
    keyed: keyedPositions(plan),
  };
}

function keyedPositions({ line, stays }: Plan): PieceFacts['keyed'] {
  const all = stays.map(({ from, position }) => ({ key: formatKey(keyAt(line, from)), position: position.label }));
  return [...new Map(all.map((fact) => [`${fact.key} ${fact.position}`, fact])).values()];
}

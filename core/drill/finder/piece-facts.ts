import type { Plan } from '#core/plan/describe';
import { type ClassedShift, classedShifts } from './places-like.ts';

/** What a piece is found by when drills are looked for. */
export interface PieceFacts {
  /** Its shifts with what they have in common with others. */
  readonly shifts: readonly ClassedShift[];
  /** Labels of the positions its hand stands in, each once, in the order of the line. */
  readonly positions: readonly string[];
}

/** Nothing of a piece that has no plan. */
export const NO_FACTS: PieceFacts = { shifts: [], positions: [] };

/** What a piece is found by, read off its plan. */
export function pieceFacts(plan: Plan): PieceFacts {
  return { shifts: classedShifts(plan), positions: [...new Set(plan.stays.map(({ position }) => position.label))] };
}

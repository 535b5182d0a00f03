import { type Placement, sameFingering } from '#core/hand/placement';
import type { ReadLine } from './line.ts';

/** Some notes in a row that two answers finger differently, and what the teacher does there. */
export interface DecidingPlace {
  /** The id of the piece. */
  readonly line: string;
  /** The line index of the first note. */
  readonly from: number;
  /** The line index of the last. */
  readonly to: number;
  /** The fingering that the teacher's is nearer to: that of the answer, the usual one, or neither more than the other. */
  readonly nearer: 'answer' | 'usual' | 'neither';
}

/** The notes between two that are fingered differently, up to which both belong to one place. */
const ONE_PLACE = 2;

/** Lists the places of a line that two fingerings decide differently, where the teacher has fingered any of their notes. */
export function decidingPlaces(line: ReadLine, usual: readonly Placement[], answer: readonly Placement[]): readonly DecidingPlace[] {
  return runsApart(usual, answer).flatMap((orders): readonly DecidingPlace[] => {
    const given = orders.filter((order) => usual[order] !== undefined && line.asTaught(usual[order], order) !== null);
    const [first, last] = [orders[0] ?? 0, orders[orders.length - 1] ?? 0];
    if (given.length === 0) return [];
    const fits = (placements: readonly Placement[]): number =>
      given.filter((order) => placements[order] !== undefined && line.asTaught(placements[order], order) === true).length;
    const [one, other] = [fits(answer), fits(usual)];
    return [
      {
        line: line.id,
        from: line.indexes[first] ?? 0,
        to: line.indexes[last] ?? 0,
        nearer: one > other ? 'answer' : other > one ? 'usual' : 'neither',
      },
    ];
  });
}

/** Lists the runs of notes that two fingerings play differently, as orders; runs that lie close together are one. */
function runsApart(one: readonly Placement[], other: readonly Placement[]): readonly (readonly number[])[] {
  const runs: number[][] = [];
  for (const [order, placement] of one.entries()) {
    if (sameFingering(placement, other[order])) continue;
    const run = runs[runs.length - 1];
    if (run && order - (run[run.length - 1] ?? 0) <= ONE_PLACE) run.push(order);
    else runs.push([order]);
  }
  return runs;
}

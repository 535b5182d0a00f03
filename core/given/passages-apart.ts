import { type Placement, sameFingering } from '#core/hand/placement';
import { costBreakdown, type CostDifference, costDifferences } from '#core/plan/describe';
import { placedNotes, type Solved } from '#core/solve';

/** Some notes in a row that two fingerings of a line play otherwise, and what the one gains and pays there against the other. */
export interface PassageApart {
  /** The line index of the first note fingered otherwise. */
  readonly from: number;
  /** The line index of the last. */
  readonly to: number;
  /** The notes between them, both included, that are fingered otherwise. */
  readonly notes: readonly number[];
  /** The costs that the one saves there, the largest first. */
  readonly gains: readonly CostDifference[];
  /** The costs that it adds there, the largest first. */
  readonly pays: readonly CostDifference[];
  /** Its cost there minus that of the other, thousandths. */
  readonly deltaThousandths: number;
}

/** The notes beside a passage that its costs still reach: a step on either side, and what three notes cost together. */
const REACHED = 2;

/**
 * Compares two fingerings of one line passage by passage. A passage is a run of notes at which string, finger or hand are not the same;
 * where only the hand over the same fingers differs, there is none.
 */
export function passagesApart(one: Solved, other: Solved): readonly PassageApart[] {
  return runsApart(one.placements, other.placements).flatMap(([first, last]): readonly PassageApart[] => {
    const orders = Array.from({ length: last - first + 1 }, (_, offset) => first + offset);
    const notes = orders
      .filter((order) => !sameNote(one.placements[order], other.placements[order]))
      .flatMap((order) => one.steps[order]?.index ?? []);
    const [from, to] = [notes[0], notes[notes.length - 1]];
    if (from === undefined || to === undefined) return [];
    const [costs, otherCosts] = [one, other].map((solved) => costOfPassage(solved, first, last));
    if (!costs || !otherCosts) return [];
    const differences = costDifferences(otherCosts, costs);
    return [
      {
        from,
        to,
        notes,
        gains: differences.filter(({ thousandths }) => thousandths < 0),
        pays: differences.filter(({ thousandths }) => thousandths > 0),
        deltaThousandths: costs.totalThousandths - otherCosts.totalThousandths,
      },
    ];
  });
}

function costOfPassage(solved: Solved, first: number, last: number): ReturnType<typeof costBreakdown> {
  return costBreakdown(solved.task, placedNotes(solved, Math.max(0, first - REACHED), Math.min(solved.steps.length - 1, last + REACHED)));
}

/** Finds the runs in which the placements are not the same, as orders of their first and last note. */
function runsApart(one: readonly Placement[], other: readonly Placement[]): readonly (readonly [number, number])[] {
  const runs: [number, number][] = [];
  for (const [order, placement] of one.entries()) {
    const there = other[order];
    if (there && samePlacement(placement, there)) continue;
    const last = runs[runs.length - 1];
    if (last && order - last[1] <= REACHED) last[1] = order;
    else runs.push([order, order]);
  }
  return runs;
}

function samePlacement(one: Placement, other: Placement): boolean {
  return sameFingering(one, other) && one.stance === other.stance;
}

function sameNote(one: Placement | undefined, other: Placement | undefined): boolean {
  return one !== undefined && other !== undefined && sameFingering(one, other);
}

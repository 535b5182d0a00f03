import { ringingNotes } from '#core/fit';
import { costBreakdown, type Plan } from '#core/plan/describe';
import { placedNotes, type Solved } from '#core/solve';
import type { CostTerm } from '#core/weights';

/** A place that asks most of the player: what it costs to come to a note and to play it. */
export interface HardPlace {
  /** Line index. */
  readonly note: number;
  /** What it costs to come to the note and to play it. */
  readonly thousandths: number;
  /** What makes it costly, the costliest first. */
  readonly terms: readonly CostTerm[];
}

/** Less than this is no hard place, thousandths: a shift with its way, or two crossings that come amiss. */
const HARD_FROM = 1200;

/** How many things are named at a place. */
const MOST_NAMED = 2;

/** What is told beside a fingering. */
export interface AboutPath {
  /** Which stops of which notes an open string rings with (see `ringingNotes`). */
  readonly ringing: ReturnType<typeof ringingNotes>;
  /** The costliest notes, the costliest first. */
  readonly hardest: readonly HardPlace[];
}

/** What rings in a plan, and its hardest places. */
export function aboutPath(solved: Solved, plan: Plan, mostHard: number): AboutPath {
  return { ringing: ringingNotes(plan), hardest: hardestOf(solved, mostHard) };
}

/** The costliest notes of a solved line, at most so many, the costliest first. */
export function hardestOf(solved: Solved, most: number): readonly HardPlace[] {
  const { task, steps } = solved;
  const placed = placedNotes(solved);
  const places = steps.map(({ index }, order): HardPlace => {
    // A pair of notes less the first alone: the second, and the step to it.
    const here = costBreakdown(task, placed.slice(Math.max(0, order - 1), order + 1));
    const before = order === 0 ? null : costBreakdown(task, placed.slice(order - 1, order));
    const left = here.lines.flatMap(({ term, thousandths }) => {
      const own = thousandths - (before?.lines.find((line) => line.term === term)?.thousandths ?? 0);
      return own > 0 ? [{ term, own }] : [];
    });
    const costliest = left.toSorted((one, other) => other.own - one.own);
    return {
      note: index,
      thousandths: here.totalThousandths - (before?.totalThousandths ?? 0),
      terms: costliest.slice(0, MOST_NAMED).map(({ term }) => term),
    };
  });
  return places
    .filter(({ thousandths }) => thousandths >= HARD_FROM)
    .toSorted((one, other) => other.thousandths - one.thousandths || one.note - other.note)
    .slice(0, most);
}

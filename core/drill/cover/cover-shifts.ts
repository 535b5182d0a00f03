import type { Brief } from '#core/brief';
import { bestOf, type DrillFor } from '#core/drill';
import { keyOfClass } from '#core/drill/shifts';
import type { Steps } from '#core/result';
import { candidateOf, type CoveringDrill, type DrillCandidate, keptCandidate, type KeptDrill, requestsFor } from './candidates.ts';
import { cheapestCover } from './set-cover.ts';
import { type PieceOfPlayer, type ShiftNeed, shiftNeeds } from './shift-needs.ts';

/** A piece whose shifts are to be covered. */
export interface PieceToCover {
  /** The id by which the places are told. */
  readonly id: string;
  /** The line and its player. */
  readonly brief: Brief;
  /** The number of misses by note (line index). */
  readonly missed: readonly (readonly [note: number, times: number])[];
}

/** The request for a cover. */
export interface CoverAsked {
  /** All that the player plays on the instrument. */
  readonly pieces: readonly PieceToCover[];
  /** Those drills that are pieces already. */
  readonly kept: readonly KeptDrill[];
}

/** A drill of a cover, in the order in which they are taken up. */
export interface DrillOfCover {
  /** The one that is taken. */
  readonly drill: CoveringDrill;
  /** The needs that it covers, as indexes. */
  readonly needs: readonly number[];
  /** The places that it covers and those before it do not. */
  readonly adds: number;
  /** The number of misses at these places. */
  readonly missed: number;
}

/** The fewest drills that cover what the pieces of a player ask for. */
export interface ShiftCover {
  /** Every class of shifts in the pieces, the most missed first. */
  readonly needs: readonly ShiftNeed[];
  /** The drills: first the one that covers most. */
  readonly drills: readonly DrillOfCover[];
  /** The number of shifts in the pieces. */
  readonly shifts: number;
  /** The number of shifts that the drills cover. */
  readonly covered: number;
  /** The number of drills below which no cover can be; equal to theirs where they are proven to be the fewest. */
  readonly leastDrills: number;
}

/** The cost of a drill for the search: one drill more weighs more than all their notes, and of as few the shorter are taken. */
const DRILL = 1_000_000;

/**
 * Finds the fewest drills that cover every shift of some pieces which any drill covers: every drill that may serve is written and planned
 * for the player, and the fewest are found exactly (see `cheapestCover`), as long as `isOver` says no.
 */
export function* coverShifts(player: DrillFor, { pieces, kept }: CoverAsked, isOver: () => boolean): Steps<ShiftCover> {
  const planned: PieceOfPlayer[] = [];
  for (const { id, brief, missed } of pieces) {
    const plan = bestOf(brief);
    yield;
    if (plan) planned.push({ id, plan, missed: new Map(missed) });
  }
  const needs = shiftNeeds(planned);
  const candidates: DrillCandidate[] = [];
  for (const drill of kept) {
    candidates.push(...asCandidates(keptCandidate(drill)));
    yield;
  }
  for (const request of requestsFor(needs)) {
    candidates.push(...asCandidates(candidateOf(player, request)));
    yield;
  }
  const rows = candidates.map(({ classes }) =>
    needs.flatMap(({ shiftClass }, need) => (classes.has(keyOfClass(shiftClass)) ? [need] : [])),
  );
  const sets = candidates.map(({ notes }, index) => ({ rows: rows[index] ?? [], cost: DRILL + notes }));
  const { taken, least } = yield* cheapestCover(sets, isOver);
  const drills = inOrder(
    needs,
    taken.flatMap((index) => {
      const candidate = candidates[index];
      return candidate ? [{ drill: candidate.drill, needs: rows[index] ?? [] }] : [];
    }),
  );
  return {
    needs,
    drills,
    shifts: needs.reduce((sum, { places }) => sum + places.length, 0),
    covered: drills.reduce((sum, { adds }) => sum + adds, 0),
    leastDrills: Math.min(drills.length, Math.floor(least / DRILL)),
  };
}

/** Leaves out what no hand plays, and what has no shifts. */
function asCandidates(candidate: DrillCandidate | null): readonly DrillCandidate[] {
  return candidate && candidate.classes.size > 0 ? [candidate] : [];
}

/** Puts drills in the order in which each adds most: first the most misses, then the most shifts. */
function inOrder(needs: readonly ShiftNeed[], drills: readonly Pick<DrillOfCover, 'drill' | 'needs'>[]): readonly DrillOfCover[] {
  const covered = new Set<number>();
  const left = [...drills];
  const ordered: DrillOfCover[] = [];
  while (left.length > 0) {
    const worth = left.map((drill) => ({ ...drill, ...worthOf(needs, drill.needs, covered) }));
    const best = worth.reduce((one, other) => ((other.missed - one.missed || other.adds - one.adds) > 0 ? other : one));
    ordered.push(best);
    for (const need of best.needs) covered.add(need);
    left.splice(worth.indexOf(best), 1);
  }
  return ordered;
}

function worthOf(needs: readonly ShiftNeed[], own: readonly number[], covered: ReadonlySet<number>): Pick<DrillOfCover, 'adds' | 'missed'> {
  const added = own.filter((need) => !covered.has(need)).flatMap((need) => needs[need] ?? []);
  return {
    adds: added.reduce((sum, { places }) => sum + places.length, 0),
    missed: added.reduce((sum, { missed }) => sum + missed, 0),
  };
}

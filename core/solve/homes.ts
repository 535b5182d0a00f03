import type { Placement } from '#core/hand';
import { isOpen } from '#core/search/costs';
import type { NoteStep } from './note-steps.ts';

/** First position, as letter steps from the open string to finger 1. */
const FIRST = 1;

/**
 * Violin and viola: the positions, by their letter, that hold a whole line with every finger at rest, where half or first position
 * could hold it only with an extension or a first finger that reaches back (B major in second). None where either does without, and
 * none where the line goes beyond both, if only by the letter that a fourth finger reaches out to: there a line is at home in
 * first, and leaves it.
 */
export function homesOf(steps: readonly NoteStep[]): ReadonlySet<number> {
  const sets = [...new Set(steps.map(({ candidates }) => candidates))];
  const atRest = positionsHolding(sets, isAtRest);
  const reaching = positionsHolding(sets, ({ shape }) => shape !== 'reached-out');
  const isLow = (position: number): boolean => position <= FIRST || position === ANY;
  return new Set(atRest.some(isLow) || !reaching.some(isLow) ? [] : atRest);
}

/** The positions in which every note has a placement of some kind. */
function positionsHolding(sets: readonly (readonly Placement[])[], isMeant: (placement: Placement) => boolean): readonly number[] {
  const held = sets.map((candidates) => new Set(candidates.filter(isMeant).map(positionOf)));
  const named = new Set(held.flatMap((positions) => [...positions]));
  return [...named].filter((position) => held.every((positions) => positions.has(position) || positions.has(ANY)));
}

/** Open strings lie in every position. */
const ANY = Infinity;

/** Cello and bass, which have no letters, are at home in first. */
function positionOf(placement: Placement): number {
  return isOpen(placement) ? ANY : (placement.letterPosition ?? FIRST);
}

/** A low first finger is a finger's matter. */
function isAtRest(placement: Placement): boolean {
  const { shape, letterPosition } = placement;
  return isOpen(placement) || shape === 'home' || (shape === 'low-first' && letterPosition === FIRST);
}

import type { Placement } from '#core/hand/placement';
import { isOpen } from '#core/search/costs';
import type { NoteStep } from './note-steps.ts';

/** The letter steps from the open string to finger 1 in first position. */
const FIRST = 1;

/** The letters of half and first position. On cello and bass no position has a letter, and none is a home here. */
const LOW: readonly number[] = [0, FIRST];

/**
 * Finds the positions of violin and viola, by their letter, that hold a whole line with every finger at rest, where half or first position
 * could hold it only with an extension or a first finger that reaches back (B major in second). None where either holds it without, and
 * none where the line goes beyond both, if only by the letter that a fourth finger reaches out to: there a line is at home in first, and
 * leaves it.
 */
export function homesOf(steps: readonly NoteStep[]): ReadonlySet<number> {
  const sets = [...new Set(steps.map(({ candidates }) => candidates))];
  const holds = (position: number, isMeant: (placement: Placement) => boolean): boolean =>
    sets.every((candidates) =>
      candidates.some((candidate) => isMeant(candidate) && (isOpen(candidate) || candidate.letterPosition === position)),
    );
  if (LOW.some((position) => holds(position, isAtRest)) || !LOW.some((position) => holds(position, isWithinReach))) return new Set();
  const named = new Set(sets.flatMap((candidates) => candidates.flatMap(({ letterPosition }) => letterPosition ?? [])));
  return new Set([...named].filter((position) => holds(position, isAtRest)));
}

function isWithinReach({ shape }: Placement): boolean {
  return shape !== 'reached-out';
}

/** Tells whether a finger is at rest; a low first finger is. */
function isAtRest(placement: Placement): boolean {
  const { shape, letterPosition } = placement;
  return isOpen(placement) || shape === 'home' || (shape === 'low-first' && letterPosition === FIRST);
}

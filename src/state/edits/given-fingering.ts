import type { GivenFinger } from '#core/brief';
import { withGiven, withGivenLocked, withGivenUnlocked } from '#core/brief/locks';
import { changeBrief } from './brief-actions.ts';

/** Locks every note as a fingering gives it. */
export function lockGiven(given: readonly GivenFinger[]): void {
  changeBrief((brief) => withGivenLocked(brief, given));
}

/** Leaves the notes of a fingering to the engine, and keeps the fingering to be compared. */
export function compareGiven(given: readonly GivenFinger[]): void {
  changeBrief((brief) => withGivenUnlocked(brief, given));
}

/** Removes the fingering that was given; what is locked stays locked. */
export function removeGiven(): void {
  changeBrief((brief) => withGiven(brief, []));
}

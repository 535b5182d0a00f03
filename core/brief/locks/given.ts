import type { Brief, GivenFinger, Lock } from '#core/brief';
import { withGiven, withLocks } from './locks.ts';

/** Locks every note as a fingering gives it; what was locked on other notes stays. */
export function withGivenLocked(brief: Brief, given: readonly GivenFinger[]): Brief {
  const notes = new Set(given.map(({ note }) => note));
  const others = (brief.locks ?? []).filter(({ note }) => !notes.has(note));
  return withLocks(
    brief,
    [...others, ...given.map(lockGiven)].toSorted((one, other) => one.note - other.note),
  );
}

/** Leaves the notes of a fingering to the engine again; the fingering itself stays, to be compared. */
export function withGivenUnlocked(brief: Brief, given: readonly GivenFinger[]): Brief {
  const notes = new Set(given.map(({ note }) => note));
  return withLocks(
    withGiven(brief, given),
    (brief.locks ?? []).filter(({ note }) => !notes.has(note)),
  );
}

/** Makes the lock of a note as a fingering gives it, with its first finger where it gives two. */
export function lockGiven({ alternate: _, takenOverBy: __, ...lock }: GivenFinger): Lock {
  return lock;
}

/** Counts the notes that a score or a teacher has fingered: those that are given, else those whose finger is locked. */
export function countFingered({ given = [], locks = [] }: Brief): number {
  return [given, locks].map((entries) => entries.filter(({ finger }) => finger !== undefined).length).find((count) => count > 0) ?? 0;
}

/**
 * Gives the fingering that a score or a teacher gave to a line: that of the score or, where there is none, the locks, once they are at
 * least half of the notes that sound. Empty where neither is there.
 */
export function fingeringIn({ given, locks = [] }: Brief, sounding: number): readonly GivenFinger[] {
  if (given && given.length > 0) return given;
  const fingered = locks.filter(({ finger }) => finger !== undefined);
  return fingered.length > 0 && 2 * fingered.length >= sounding ? locks : [];
}

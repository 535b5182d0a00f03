import type { Brief, Lock } from '#core/brief';
import { type Finger, FINGERS } from '#core/hand/placement';
import { lockIssue } from '#core/messages';
import { badReading, goodReading, type Reading, readingOf } from '#core/result';
import { withLock, withoutLock } from './locks.ts';

/** The fingers prescribed for one note: one, two of a double stop, three of a chord, or none. */
export type PrescribedFinger = readonly [Finger] | readonly [Finger, Finger] | readonly [Finger, Finger, Finger] | null;

/**
 * Reads a fingering as teachers write it: `0 1 2 3 | 1 2 3 4`, or `0123 1234` without blanks. One sign a note; `T` is the thumb, `1+3` a
 * double stop from below, `2+1+1` a chord, `.` leaves a note free, bar lines are for the eye.
 */
export function parseFingering(text: string): Reading<readonly PrescribedFinger[]> {
  const words = text
    .split(/[\s|,]+/)
    .filter(Boolean)
    .flatMap((word) => (SIGNS_IN_A_ROW.test(word) ? [...word] : [word]));
  const read = words.map((word, place) => ({ word, place, fingers: readFinger(word) }));
  const wrong = read.filter(({ fingers }) => fingers === undefined);
  return readingOf(
    read.map(({ fingers }) => fingers ?? null),
    wrong.map(({ word, place }) => lockIssue('not-a-finger', { word }, { note: place })),
  );
}

/** The signs of single notes, written without blanks between. */
const SIGNS_IN_A_ROW = /^[0-4Tt.]+$/;

/** A note or a rest, as far as a row of fingers needs to know it. */
interface LineElement {
  /** Whether the element sounds. */
  readonly kind: 'note' | 'rest';
}

/** Locks fingers from the note at `from` on, passing over rests; refuses more fingers than there are notes. */
export function withFingering(
  brief: Brief,
  notes: readonly LineElement[],
  from: number,
  fingers: readonly PrescribedFinger[],
): Reading<Brief> {
  const sounding = notes.flatMap((note, index) => (note.kind === 'note' && index >= from ? [index] : []));
  if (fingers.length > sounding.length) {
    return badReading(lockIssue('too-many-fingers', { fingers: fingers.length, notes: sounding.length }));
  }
  const locks = fingers.flatMap((prescribedHere, order): readonly Lock[] => {
    const note = sounding[order];
    if (prescribedHere === null || note === undefined) return [];
    const [finger, upperFinger, topFinger] = prescribedHere;
    return [{ note, finger, ...(upperFinger ? { upperFinger } : {}), ...(topFinger ? { topFinger } : {}) }];
  });
  // A prescribed finger means a stopped note, so a lock on the open string is dropped.
  return goodReading(locks.reduce((now, lock) => withLock(withoutLock(now, lock.note), lock), brief));
}

/** Reads one word of a fingering; undefined where the word is no finger. */
function readFinger(word: string): PrescribedFinger | undefined {
  if (word === '.' || word === '-') return null;
  const names = word.split('+');
  const [low, high, top, ...more] = names.flatMap((name) => FINGERS.find((finger) => finger === name.toUpperCase()) ?? []);
  const read = [low, high, top].filter((finger) => finger !== undefined).length;
  if (low === undefined || more.length > 0 || read < names.length) return undefined;
  if (high === undefined) return [low];
  return top === undefined ? [low, high] : [low, high, top];
}

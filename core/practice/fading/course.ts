import { type Static, Type } from '@sinclair/typebox';
import type { Labels } from '#core/brief/parts/school';
import { oneOf } from '#core/result';

/**
 * The helps with which a piece can be shown: the path of the hand, the tapes, the fingers that touch, the names of the notes, the numbers
 * of the fingers, the tuner, the staff.
 */
export const HELPS = ['path', 'tapes', 'pattern', 'names', 'numbers', 'tuner', 'staff'] as const;

/** A help with which a piece can be shown. */
export type Help = (typeof HELPS)[number];

/** Makes the schema of the number of sets that a course asks for before it goes a step on or back. */
const Sets = Type.Integer({ minimum: 1, maximum: 9 });

/** The schema of how help fades for a player: the helps at first, in the order in which they go, as the teacher sets it. */
export const FadingCourse = Type.Object(
  {
    helps: Type.Array(oneOf(HELPS), { maxItems: HELPS.length, description: 'In the order in which they go.' }),
    clean: Sets,
    failed: Sets,
  },
  { additionalProperties: false },
);

/**
 * A course of fading help for a player: after a number of clean sets in a row one help goes, after a number of failed ones it comes back.
 */
export type FadingCourse = Static<typeof FadingCourse>;

/**
 * Gives the course a teacher begins with. The labels of the notes that the school uses go just before the staff; then the piece is played from
 * memory.
 */
export function usualCourse(labels: Labels): FadingCourse {
  const numbers: readonly Help[] = labels === 'numbers' || labels === 'both' ? ['numbers'] : [];
  const names: readonly Help[] = labels === 'names' || labels === 'both' ? ['names'] : [];
  return { helps: ['path', 'tapes', 'pattern', 'tuner', ...names, ...numbers, 'staff'], clean: 2, failed: 2 };
}

/** A course with one piece, and the sets that were played so far, clean or failed. */
export interface Fading {
  /** The course as the teacher has set it. */
  readonly course: FadingCourse;
  /** The sets in order. */
  readonly sets: readonly boolean[];
}

/** The state of a player in a course with one piece. */
export interface Faded {
  /** The helps that are shown now, in the order in which they will go; empty for a blank page. */
  readonly shown: readonly Help[];
  /** The clean sets in a row since the last change. */
  readonly clean: number;
  /** Whether the course's number of clean sets was played on the blank page, so that the piece is known by heart. */
  readonly byHeart: boolean;
}

/**
 * Finds the state of a player after some sets, each clean or failed, in order. A blank page is the last step: a piece that is clean there
 * as often as the course asks for is known by heart, and a failed set there brings the last help back as anywhere else.
 */
export function fadeAfter({ course: { helps, clean: wanted, failed: most }, sets }: Fading): Faded {
  let [gone, clean, failed, byHeart] = [0, 0, 0, false];
  for (const isClean of sets) {
    [clean, failed] = isClean ? [clean + 1, 0] : [0, failed + 1];
    if (clean >= wanted) {
      if (gone === helps.length) byHeart = true;
      else [gone, clean] = [gone + 1, 0];
    }
    if (failed >= most) [gone, failed, byHeart] = [Math.max(0, gone - 1), 0, false];
  }
  return { shown: helps.slice(gone), clean, byHeart };
}

import { type Static, Type } from '@sinclair/typebox';
import type { Labels } from '#core/brief/parts/school';
import { oneOf } from '#core/result';

/**
 * What a piece can be shown with: the path of the hand, the tapes, which fingers touch, the names of the notes, the numbers of the
 * fingers, the tuner, the staff.
 */
export const HELPS = ['path', 'tapes', 'pattern', 'names', 'numbers', 'tuner', 'staff'] as const;

/** One of the things a piece can be shown with. */
export type Help = (typeof HELPS)[number];

/** Sets that a course can ask for before it goes a step on or back. */
const Sets = Type.Integer({ minimum: 1, maximum: 9 });

/** How help fades for a player: what there is at first, in the order in which it goes; set by the teacher. */
export const FadingCourse = Type.Object(
  {
    helps: Type.Array(oneOf(HELPS), { maxItems: HELPS.length, description: 'In the order in which they go.' }),
    clean: Sets,
    failed: Sets,
  },
  { additionalProperties: false },
);

/** How help fades for a player: after so many clean sets in a row one help goes, after so many failed in a row it comes back. */
export type FadingCourse = Static<typeof FadingCourse>;

/** The course a teacher begins with: what the school labels notes with goes last but the staff, then it is from memory. */
export function usualCourse(labels: Labels): FadingCourse {
  const numbers: readonly Help[] = labels === 'numbers' || labels === 'both' ? ['numbers'] : [];
  const names: readonly Help[] = labels === 'names' || labels === 'both' ? ['names'] : [];
  return { helps: ['path', 'tapes', 'pattern', 'tuner', ...names, ...numbers, 'staff'], clean: 2, failed: 2 };
}

/** A course with one piece: the sets that were played so far, clean or failed. */
export interface Fading {
  /** As the teacher has set it. */
  readonly course: FadingCourse;
  /** In order. */
  readonly sets: readonly boolean[];
}

/** Where a player is in a course with one piece. */
export interface Faded {
  /** What is shown now, in the order in which it will go; empty for a blank page. */
  readonly shown: readonly Help[];
  /** Clean sets in a row since the last change. */
  readonly clean: number;
  /** So many clean sets were played on the blank page as the course asks for: it is known by heart. */
  readonly byHeart: boolean;
}

/**
 * Where a player is after some sets, each clean or failed, in order. A blank page is the last step: what is clean there as often as
 * the course asks for is known by heart, and a failed set there brings the last help back as anywhere else.
 */
export function fadedAfter({ course: { helps, clean: wanted, failed: most }, sets }: Fading): Faded {
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

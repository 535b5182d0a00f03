import type { Fading, FadingCourse, Help } from '#core/practice/fading';
import type { Practised } from '#core/practice/item';
import { setIn, setsOf } from '#core/practice/log';
import type { Logged } from '../../records/record.ts';
import { useLogPages } from '../../state/practice/index.ts';

/** The fading of help with a piece, as it is kept in the log. */
export interface FadingKept {
  /** The course; null where none is set; undefined until the log is read. */
  readonly fading: Fading | null | undefined;
  readonly setCourse: (course: FadingCourse) => void;
  /** Adds a set that is over. */
  readonly addSet: (clean: boolean, shown: readonly Help[]) => void;
  /** The message where keeping failed; null otherwise. */
  readonly trouble: string | null;
}

/** Gives the course of a player and the sets of the practised part. */
export function useFading(whose: Logged, practised: Practised): FadingKept {
  const { pages, trouble, add } = useLogPages(whose);
  const entries = (pages ?? []).flatMap((page) => page.entries);
  const course = setIn(entries).fading;
  const whole = { piece: practised.piece, part: { part: 'whole' } } as const;
  return {
    fading: pages === null ? undefined : course && { course, sets: setsOf(entries, whole) },
    setCourse: (next) => void add({ kind: 'fading', course: next }),
    addSet: (clean, shown) => void add({ kind: 'set', practised, clean, shown: [...shown] }),
    trouble,
  };
}

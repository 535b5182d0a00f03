import { useEffect, useState } from 'react';
import type { Fading, FadingCourse, Help, Practised } from '#core/practice';
import { logEntry } from '../../state/practice/logging.ts';
import { setByTeacher } from '../../state/practice/set-by-teacher.ts';
import type { Logged } from '../../records/record.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';

/** How help fades with a piece, as it is kept in the log. */
export interface FadingKept {
  /** Null where no course is set; undefined until the log is read. */
  readonly fading: Fading | null | undefined;
  readonly setCourse: (course: FadingCourse) => void;
  /** A set is over. */
  readonly addSet: (clean: boolean, shown: readonly Help[]) => void;
  readonly trouble: string | null;
}

/** The course of a player and the sets of what is practised. */
export function useFading(whose: Logged, practised: Practised): FadingKept {
  const [fading, setFading] = useState<Fading | null | undefined>(undefined);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { playerId } = whose;
  const { piece } = practised;
  useEffect(() => {
    let gone = false;
    setByTeacher(playerId).then(
      (set) => !gone && setFading(set.fadingOf({ piece, part: { part: 'whole' } })),
      (error: unknown) => setTrouble(error instanceof Error ? error.message : NOT_ANSWERED),
    );
    return () => {
      gone = true;
    };
  }, [playerId, piece]);
  const log = (what: Parameters<typeof logEntry>[1]): void => {
    void logEntry(whose, what);
  };
  return {
    fading,
    setCourse: (course) => {
      setFading({ course, sets: fading?.sets ?? [] });
      log({ kind: 'fading', course });
    },
    addSet: (clean, shown) => {
      setFading(fading && { ...fading, sets: [...fading.sets, clean] });
      log({ kind: 'set', practised, clean, shown: [...shown] });
    },
    trouble,
  };
}

import { useMemo } from 'react';
import { asCorrected, type EntryOf, ofKind } from '#core/practice/log';
import type { GivenAnswer } from '#core/quiz';
import { useLogPages } from '../../state/practice/use-log-pages.ts';
import type { Logged } from '../../records/record.ts';

/** What a player has answered so far. */
export interface Answers {
  /** In the order of time; null until it is read. */
  readonly history: readonly GivenAnswer[] | null;
  readonly add: (answer: Omit<GivenAnswer, 'at'>) => void;
  /** Why something could not be read or kept. */
  readonly trouble: string | null;
}

/** The answers of a player, of all days, and those that are added now: they are in the log at once. */
export function useAnswers(whose: Logged): Answers {
  const { pages, trouble, add } = useLogPages(whose);
  const history = useMemo(() => pages && ofKind(asCorrected(pages.flatMap(({ entries }) => entries)), 'answer').map(answered), [pages]);
  return {
    history,
    add: ({ question, given, right, seconds }) => void add({ kind: 'answer', question, given: [...given], right, seconds }),
    trouble,
  };
}

function answered({ question, given, right, seconds, at }: EntryOf<'answer'>): GivenAnswer {
  return { question, given, right, seconds, at };
}

import { useMemo } from 'react';
import { asCorrected, type EntryOf, ofKind } from '#core/practice/log';
import type { GivenAnswer } from '#core/quiz';
import { useLogPages } from '../../state/practice/index.ts';
import type { Logged } from '../../records/record.ts';

/** The answers of a player so far. */
export interface Answers {
  /** The answers in the order of time; null until they are read. */
  readonly history: readonly GivenAnswer[] | null;
  readonly add: (answer: Omit<GivenAnswer, 'at'>) => void;
  /** The reason why something could not be read or kept. */
  readonly trouble: string | null;
}

/** Gives the answers of a player, of all days, and adds new ones, which are in the log at once. */
export function useAnswers(whose: Logged): Answers {
  const { pages, trouble, add } = useLogPages(whose);
  const history = useMemo(
    () => pages && ofKind(asCorrected(pages.flatMap(({ entries }) => entries)), 'answer').map(answerOfEntry),
    [pages],
  );
  return {
    history,
    add: ({ question, given, right, seconds }) => void add({ kind: 'answer', question, given: [...given], right, seconds }),
    trouble,
  };
}

function answerOfEntry({ question, given, right, seconds, at }: EntryOf<'answer'>): GivenAnswer {
  return { question, given, right, seconds, at };
}

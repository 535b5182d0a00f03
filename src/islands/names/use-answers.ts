import { useEffect, useMemo, useState } from 'react';
import { asCorrected, type EntryOf, ofKind } from '#core/practice';
import type { GivenAnswer } from '#core/quiz';
import { logEntry } from '../../state/practice/logging.ts';
import { readyToPractise } from '../../storage/first-start.ts';
import { entriesOf } from '../../records/log-pages.ts';
import type { Logged } from '../../records/record.ts';
import { loadLog } from '../../storage/practice.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';

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
  const [read, setRead] = useState<readonly GivenAnswer[] | null>(null);
  const [added, setAdded] = useState<readonly GivenAnswer[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { playerId } = whose;
  useEffect(() => {
    let gone = false;
    const failed = (error: unknown): void => setTrouble(error instanceof Error ? error.message : NOT_ANSWERED);
    readyToPractise()
      .then(async () => ofKind(asCorrected(entriesOf(await loadLog(playerId))), 'answer'))
      .then((entries) => !gone && setRead(entries.map(answered)), failed);
    return () => {
      gone = true;
    };
  }, [playerId]);
  const history = useMemo(() => (read ? [...read, ...added] : null), [read, added]);
  const add = ({ question, given, right, seconds }: Omit<GivenAnswer, 'at'>): void => {
    setAdded((now) => [...now, { question, given, right, seconds, at: Date.now() }]);
    void logEntry(whose, { kind: 'answer', question, given: [...given], right, seconds });
  };
  return { history, add, trouble };
}

function answered({ question, given, right, seconds, at }: EntryOf<'answer'>): GivenAnswer {
  return { question, given, right, seconds, at };
}

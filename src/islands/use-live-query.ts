import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';

/** The answer of a question to the database, asked again whenever what it read has changed, in this tab or another; null until it is there or while the database cannot be read. */
export function useLiveQuery<Value>(ask: () => Promise<Value>): Value | null {
  const [answer, setAnswer] = useState<{ readonly value: Value } | null>(null);
  useEffect(() => {
    const subscription = liveQuery(ask).subscribe({ next: (value) => setAnswer({ value }), error: () => setAnswer(null) });
    return () => subscription.unsubscribe();
  }, [ask]);
  return answer === null ? null : answer.value;
}

import { useEffect, useState } from 'react';

/** The answer to a question that takes its time; null until it is there. A new question (by identity) is asked anew. */
export function useAnswer<Value>(ask: () => Promise<Value>): Value | null {
  const [answer, setAnswer] = useState<{ readonly value: Value } | null>(null);
  useEffect(() => {
    let gone = false;
    void ask().then((value) => {
      if (!gone) setAnswer({ value });
    });
    return () => {
      gone = true;
    };
  }, [ask]);
  // The last answer stays on the screen until the next is there.
  return answer === null ? null : answer.value;
}

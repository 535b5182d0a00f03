import { useEffect, useEffectEvent, useState } from 'react';
import type { Asked } from '../../engine/index.ts';
import { followStored } from './follow-stored.ts';
import type { Argument, StoredQuery } from './queries.ts';

/** The result of a query with its arguments. */
interface Got<Value> {
  readonly query: unknown;
  readonly key: string;
  readonly asked: Asked<Value>;
}

/**
 * Reads something that the browser keeps, in a component, and reads it again whenever a page changes it. The answer belongs to the
 * arguments: while that to others is on its way, nothing of the one before is shown. `null` reads nothing yet.
 */
export function useStored<Arguments extends readonly Argument[], Value>(
  query: StoredQuery<Arguments, Value> | null,
  ...wanted: Arguments
): Asked<Value> {
  const [got, setGot] = useState<Got<Value> | null>(null);
  const [turn, setTurn] = useState(0);
  // Arguments are plain values: those that read the same are the same.
  const key = JSON.stringify(wanted);
  const follow = useEffectEvent((): (() => void) | undefined => {
    if (query === null) return;
    const again = (): void => {
      setGot(null);
      setTurn((now) => now + 1);
    };
    return followStored(query, wanted, {
      next: (value) => setGot({ query, key, asked: { state: 'answered', value } }),
      failed: (message) => setGot({ query, key, asked: { state: 'failed', from: 'storage', message, again } }),
    });
  });
  useEffect(() => follow(), [query, key, turn]);
  return got?.query === query && got.key === key ? got.asked : { state: 'waiting' };
}

/** Gives the answer once it is there, and something else where nothing can be read; null until then. */
export function storedOr<Value>(asked: Asked<Value>, otherwise: Value): Value | null {
  switch (asked.state) {
    case 'waiting':
      return null;
    case 'answered':
      return asked.value;
    case 'failed':
      return otherwise;
  }
}

import { QueryClient, useQueries, useQuery, type UseQueryResult } from '@tanstack/react-query';

/** The state of a question in a component: nothing yet, the answer to this very question, or the reason why there is none. */
export type Asked<Value> =
  | { readonly state: 'waiting' }
  | { readonly state: 'answered'; readonly value: Value }
  | { readonly state: 'failed'; readonly from: 'engine' | 'storage'; readonly message: string; readonly again: () => void };

/** A question whose answer takes time. */
export interface Asking<Value> {
  /** The key that identifies the question: plain values. */
  readonly key: readonly unknown[];
  readonly ask: (signal: AbortSignal) => Promise<Value>;
  /** Whether it may be asked now. */
  readonly when?: boolean;
  /** The time for which the answer is kept after the last component that used it has gone, ms. */
  readonly keptMs?: number;
}

const questions = new QueryClient({
  defaultOptions: { queries: { retry: false, staleTime: Infinity, networkMode: 'always' } },
});

/**
 * Asks a question in a component. The answer belongs to the key: while the answer to another is on its way, nothing of the one before is
 * shown. A question that is no longer asked is cancelled.
 */
export function useAsked<Value>(asking: Asking<Value>): Asked<Value> {
  return stateOf(useQuery(queryFor(asking), questions));
}

/** Asks several questions of one kind in a component, each by itself: one that has changed does not take away the answers to the others. */
export function useAskedAll<Value>(asking: readonly Asking<Value>[]): readonly Asked<Value>[] {
  return useQueries({ queries: asking.map(queryFor) }, questions).map(stateOf);
}

function queryFor<Value>({ key, ask, when = true, keptMs = 0 }: Asking<Value>) {
  return {
    queryKey: key,
    queryFn: async ({ signal }: { readonly signal: AbortSignal }) => ({ value: await ask(signal) }),
    enabled: when,
    gcTime: keptMs,
  };
}

function stateOf<Value>({ data, error, refetch }: UseQueryResult<{ readonly value: Value }>): Asked<Value> {
  if (data !== undefined) return { state: 'answered', value: data.value };
  return error === null ? { state: 'waiting' } : { state: 'failed', from: 'engine', message: error.message, again: () => void refetch() };
}

/** Gives the answer once it is there, else null; for things that are shown beside something else and may be missing. */
export function answerOf<Value>(asked: Asked<Value>): Value | null {
  return asked.state === 'answered' ? asked.value : null;
}

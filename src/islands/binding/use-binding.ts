import { useCallback, useEffect, useRef, useState } from 'react';
import { type Binding, type Bound, paper } from '../../printing/index.ts';
import { notBoundText } from '../../words/paper/binding.ts';

/** A part that is to be bound: planned and set when its turn comes. */
export interface PartToBind {
  /** The key that names what is set: a part that was set before is not set again. */
  readonly key: string;
  readonly title: string;
  /** Plans and sets it; lists what of it no hand plays, by name. */
  readonly set: (key: string, signal: AbortSignal) => Promise<readonly string[]>;
}

/** A document that is to be bound. */
export interface ToBind extends Omit<Binding, 'keys'> {
  readonly parts: readonly PartToBind[];
}

/** The state of a document that is being bound. */
export interface BindingNow {
  readonly state: 'idle' | 'under way' | 'stopped' | 'bound' | 'failed';
  /** The number of parts that are done. */
  readonly done: number;
  /** The number of parts. */
  readonly total: number;
  /** The title of the part under way; null for none. */
  readonly now: string | null;
  /** The names of what no hand plays. */
  readonly unplayable: readonly string[];
  /** The document; null until it is bound. */
  readonly bound: Bound | null;
  /** The number of the binding, which changes with every document that is bound. */
  readonly edition: number;
}

const IDLE: BindingNow = { state: 'idle', done: 0, total: 0, now: null, unplayable: [], bound: null, edition: 0 };

/** Binds documents: part by part in the worker, with progress. It can be stopped, and goes on where it stopped. */
export function useBinding(): BindingNow & { readonly begin: (document: ToBind) => void; readonly stop: () => void } {
  const [now, setNow] = useState(IDLE);
  const aborting = useRef(new AbortController());
  useEffect(() => () => aborting.current.abort(), []);
  const begin = useCallback((document: ToBind): void => {
    aborting.current.abort();
    aborting.current = new AbortController();
    const { signal } = aborting.current;
    const change = (next: Partial<BindingNow>): void => {
      if (!signal.aborted) setNow((was) => ({ ...was, ...next }));
    };
    void bindAll(document, signal, change).catch(() => change({ state: 'failed', now: null }));
  }, []);
  const stop = (): void => {
    aborting.current.abort();
    setNow((was) => ({ ...was, state: 'stopped', now: null }));
  };
  return { ...now, begin, stop };
}

/** The names of what no hand plays in the parts that are set, by their keys: it is told again when they are bound again. */
const unplayableIn = new Map<string, readonly string[]>();

async function bindAll(
  { parts, about, ...front }: ToBind,
  signal: AbortSignal,
  change: (next: Partial<BindingNow>) => void,
): Promise<void> {
  const keys = parts.map(({ key }) => key);
  const areSet = await paper().areSet(keys);
  change({ state: 'under way', done: 0, total: parts.length, unplayable: [], now: null });
  for (const [order, { key, title, set }] of parts.entries()) {
    if (signal.aborted) return;
    change({ done: order, now: areSet[order] === true ? null : title });
    if (areSet[order] !== true) unplayableIn.set(key, await set(key, signal));
  }
  if (signal.aborted) return;
  const unplayable = keys.flatMap((key) => unplayableIn.get(key) ?? []);
  const told = unplayable.length === 0 ? about : [...about, notBoundText(unplayable)];
  const bound = await paper().bindParts({ ...front, about: told, keys });
  change({ state: 'bound', done: parts.length, now: null, unplayable, bound, edition: Date.now() });
}

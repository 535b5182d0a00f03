import { create } from 'zustand';
import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';

/** A change of a record that the database does not have yet. */
export interface Waiting {
  readonly name: DocumentName;
  readonly record: RecordOf<DocumentName>;
  /** The number of the change on this page: a later one replaces it. */
  readonly change: number;
  /** The moment of the first change that is not written yet, ms. */
  readonly since: number;
  /** The record before the first change that is not written yet; null for a new one. */
  readonly base: RecordOf<DocumentName> | null;
  /** Whether it stands where the next page finds it. */
  readonly keptAhead: boolean;
  /** The reason why it could not be written; null before that is tried. */
  readonly failed: string | null;
}

/** The state of saving: whether everything that was changed on this page is in the database. */
export type Saving = { readonly state: 'saved' } | { readonly state: 'saving' } | { readonly state: 'failed'; readonly message: string };

interface AllWaiting {
  /** The waiting changes by the record's id. */
  readonly waiting: ReadonlyMap<string, Waiting>;
  /** The number of changes under way that end with a write. */
  readonly underWay: number;
}

/** The store of changes of this page that wait to be written. */
export const waitingStore = create<AllWaiting>()(() => ({ waiting: new Map(), underWay: 0 }));

/** Gives the waiting change of a record; undefined where there is none. */
export function waitingOf(id: string): Waiting | undefined {
  return waitingStore.getState().waiting.get(id);
}

/** Notes the waiting change of a record; null for none any more. */
export function noteWaiting(id: string, now: Waiting | null): void {
  const waiting = new Map(waitingStore.getState().waiting);
  if (now === null) waiting.delete(id);
  else waiting.set(id, now);
  waitingStore.setState({ waiting });
}

/** Tells whether a change of this record is not written yet, so that the page shows something newer than the database. */
export function isWaiting(id: string): boolean {
  return waitingOf(id) !== undefined;
}

/** Tells whether something would be lost if the page went now: neither the database nor the place beside it has it. */
export function wouldLose(): boolean {
  return [...waitingStore.getState().waiting.values()].some(({ keptAhead }) => !keptAhead);
}

/** Reads in a component whether everything that was changed on this page is in the database. */
export function useSaving(): Saving {
  const failed = waitingStore(({ waiting }) => [...waiting.values()].find((change) => change.failed !== null)?.failed ?? null);
  const busy = waitingStore(({ waiting, underWay }) => underWay > 0 || waiting.size > 0);
  if (failed !== null) return { state: 'failed', message: failed };
  return { state: busy ? 'saving' : 'saved' };
}

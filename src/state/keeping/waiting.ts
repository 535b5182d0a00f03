import { create } from 'zustand';
import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';

/** A change of a record that the database does not have yet. */
export interface Waiting {
  readonly name: DocumentName;
  readonly record: RecordOf<DocumentName>;
  /** Which change of this page it is: a later one takes its place. */
  readonly change: number;
  /** When the first change came that is not written yet, ms. */
  readonly since: number;
  /** The record before the first change that is not written yet; null for a new one. */
  readonly base: RecordOf<DocumentName> | null;
  /** It stands where the next page finds it. */
  readonly keptAhead: boolean;
  /** Why it could not be written; null before that is tried. */
  readonly failed: string | null;
}

/** Whether all that was changed on this page is in the database. */
export type Saving = { readonly state: 'saved' } | { readonly state: 'saving' } | { readonly state: 'failed'; readonly message: string };

interface AllWaiting {
  /** By the record's id. */
  readonly waiting: ReadonlyMap<string, Waiting>;
  /** How many changes that end with a write are under way. */
  readonly underWay: number;
}

/** What of this page waits to be written. */
export const waitingStore = create<AllWaiting>()(() => ({ waiting: new Map(), underWay: 0 }));

/** What waits of a record; undefined where nothing does. */
export function waitingOf(id: string): Waiting | undefined {
  return waitingStore.getState().waiting.get(id);
}

/** Notes what waits of a record; null for nothing any more. */
export function noteWaiting(id: string, now: Waiting | null): void {
  const waiting = new Map(waitingStore.getState().waiting);
  if (now === null) waiting.delete(id);
  else waiting.set(id, now);
  waitingStore.setState({ waiting });
}

/** Whether a change of this record is not written yet: what is shown of it is newer than what is there. */
export function isWaiting(id: string): boolean {
  return waitingOf(id) !== undefined;
}

/** Whether something would be lost if the page went now: neither the database nor the place beside it has it. */
export function wouldLose(): boolean {
  return [...waitingStore.getState().waiting.values()].some(({ keptAhead }) => !keptAhead);
}

/** Whether all that was changed on this page is in the database, read in a component. */
export function useSaving(): Saving {
  const failed = waitingStore(({ waiting }) => [...waiting.values()].find((each) => each.failed !== null)?.failed ?? null);
  const busy = waitingStore(({ waiting, underWay }) => underWay > 0 || waiting.size > 0);
  if (failed !== null) return { state: 'failed', message: failed };
  return { state: busy ? 'saving' : 'saved' };
}

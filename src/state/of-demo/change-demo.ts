import { DOCUMENT_NAMES } from '#core/documents';
import type { LogEntry } from '#core/practice/log';
import { DEMO_ENTRY } from '../../demo/index.ts';
import type { LogRecord } from '../../records/record.ts';
import { type BringBack, deleteTogether, type OfKind, recordsWhere, replaceTogether } from '../../storage/deleting/index.ts';
import { isLogRecord, withEntriesThere } from '../../storage/joining/index.ts';
import type { DemoRecords } from './demo-records.ts';
import { demoPractice } from './demo-practice.ts';
import { recordsOfDemo } from './demo.ts';

/** Brings the demo back as it ships; whatever the teacher has made or logged stays as it is. */
export async function restoreDemo(): Promise<BringBack> {
  const records = await recordsOfDemo();
  const practised = records.player.flatMap((player) => demoPractice(player, records.piece, Date.now()));
  const shipped: DemoRecords = {
    ...records,
    session: practised.map(({ session }) => session),
    week: practised.map(({ week }) => week),
    log: practised.flatMap(({ log }) => log),
  };
  return await replaceTogether(DEMO, async () => {
    const gone = await recordsWhere(({ demo }) => demo);
    const own = gone.flatMap(({ record }) => (isLogRecord(record) ? ownOfPage(record) : []));
    return { gone, instead: asShipped(shipped, own) };
  });
}

/**
 * Removes the demo, and with its players whatever was logged and planned for them; the pieces that the teacher has written for them stay,
 * and belong to nobody then.
 */
export async function clearDemo(): Promise<BringBack> {
  return await deleteTogether(DEMO, goingWithDemo);
}

/** The changes of a teacher in the demo, which go when it is removed. */
export interface ChangedInDemo {
  /** The number of things of the demo that were changed: pieces, players, instruments, schools, sessions and weeks. */
  readonly changed: number;
  /** The number of sessions, weeks and the like that were made for its players. */
  readonly made: number;
  /** The number of entries that were logged for its players. */
  readonly logged: number;
}

/** Counts what a teacher has changed in the demo. */
export async function changedInDemo(): Promise<ChangedInDemo> {
  const all = await goingWithDemo();
  const pages = all.flatMap(({ record }) => (isLogRecord(record) ? [record] : []));
  const others = all.filter(({ kind }) => kind !== 'log');
  return {
    changed: others.filter(({ record }) => record.demo && record.revision > 0).length,
    made: others.filter(({ record }) => !record.demo).length,
    logged: pages.flatMap(({ document }) => document.entries.filter(isOwn)).length,
  };
}

const DEMO = { kind: 'demo', name: '' } as const;

/** Lists everything of the demo, and what was logged and planned for its players. */
async function goingWithDemo(): Promise<readonly OfKind[]> {
  const players = new Set((await recordsWhere(({ demo }, kind) => demo && kind === 'player')).map(({ record }) => record.id));
  const isTheirs = (record: object): boolean => 'playerId' in record && players.has(String(record.playerId));
  return await recordsWhere((record, kind) => record.demo || (kind !== 'piece' && isTheirs(record)));
}

/** Gives a page of a log with the entries alone that did not come with the demo; none where it has no other. */
function ownOfPage(page: LogRecord): readonly LogRecord[] {
  const entries = page.document.entries.filter(isOwn);
  return entries.length === 0 ? [] : [{ ...page, document: { ...page.document, entries } }];
}

function isOwn({ id }: LogEntry): boolean {
  return !id.startsWith(DEMO_ENTRY);
}

/** Lists the records of the demo as it ships, with the teacher's own entries in its log. */
function asShipped(shipped: DemoRecords, own: readonly LogRecord[]): readonly OfKind[] {
  const ownOf = new Map(own.map((page) => [page.id, page]));
  const pages = shipped.log.map((page) => withEntriesThere<'log'>(page, ownOf.get(page.id)));
  const shippedIds = new Set(shipped.log.map(({ id }) => id));
  const records = { ...shipped, log: [...pages, ...own.filter(({ id }) => !shippedIds.has(id))] };
  return DOCUMENT_NAMES.flatMap((kind) => records[kind].map((record): OfKind => ({ kind, record })));
}

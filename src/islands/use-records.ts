import { liveQuery } from 'dexie';
import { useEffect, useEffectEvent, useState } from 'react';
import type { DocumentName } from '#core/documents';
import { keep as keepRecord, remove as removeRecord } from '../state/keeping/keep.ts';
import { isWaiting } from '../state/keeping/waiting.ts';
import { database } from '../storage/database.ts';
import type { RecordOf } from '../records/record.ts';
import { readyToPractise, readyToRead } from '../storage/first-start.ts';
import { loadAll } from '../storage/set-aside.ts';
import { THIS_TAB } from '../records/this-tab.ts';
import { CHANGED_ELSEWHERE_STUDIO, CHANGED_IN_BOTH_STUDIO } from '../words/kept/other-tabs.ts';
import { NOT_ANSWERED } from '../words/notices.ts';

/** The records of a kind that a page shows, and what is done with them. */
export interface ShownRecords<Name extends DocumentName> {
  /** The last changed first; null until they are read. */
  readonly records: readonly RecordOf<Name>[] | null;
  readonly trouble: string | null;
  readonly elsewhere: Elsewhere;
  /** Shows a record at once and writes it then; `base` is the record before the change, null for a new one. */
  readonly keep: (next: RecordOf<Name>, base: RecordOf<Name> | null) => void;
  readonly remove: (id: string) => void;
}

/** What other tabs changed. */
export interface Elsewhere {
  /** How often: fields that are typed into begin again with what is there. */
  readonly times: number;
  readonly notice: string | null;
  readonly dismiss: () => void;
}

/** Records of a kind. */
interface Asked<Name extends DocumentName> {
  readonly name: Name;
  /** A word tells which of them are meant: they are read again when it changes. */
  readonly of: string;
  readonly belongs: (record: RecordOf<Name>) => boolean;
}

/** Records of a kind, kept as they are changed; what another tab writes of them is shown as it comes. */
export function useRecords<Name extends DocumentName>({ name, of, belongs }: Asked<Name>): ShownRecords<Name> {
  const [read, setShown] = useState<(Shown<Name> & { readonly of: string }) | null>(null);
  // Until those of another player are read, none are known.
  const shown = read?.of === of ? read : null;
  const [trouble, setTrouble] = useState<string | null>(null);
  const fail = (error: unknown): void => setTrouble(error instanceof Error ? error.message : NOT_ANSWERED);
  const show = useEffectEvent((all: readonly RecordOf<Name>[]): void =>
    setShown((now) => ({ ...withRead(now?.of === of ? now : null, all.filter(belongs)), of })),
  );
  useEffect(() => {
    let stop = (): void => undefined;
    let gone = false;
    const readAll = async (): Promise<void> => {
      const all = await loadAll(name);
      if (!gone) show(all);
    };
    const follow = (): void => {
      if (gone) return;
      const following = liveQuery(async () => await database.tableOf(name).toArray());
      stop = following.subscribe({ next: () => void readAll().catch(fail), error: fail }).unsubscribe;
    };
    (OF_PRACTICE.has(name) ? readyToPractise() : readyToRead()).then(follow, fail);
    return () => {
      gone = true;
      stop();
    };
  }, [name, of]);
  const keep = (next: RecordOf<Name>, base: RecordOf<Name> | null): void => {
    setShown((now) => now && { ...now, records: [next, ...now.records.filter(({ id }) => id !== next.id)] });
    const wrote = (written: RecordOf<Name>, isJoined: boolean): void => {
      setTrouble(null);
      setShown((now) => now && { ...now, ...withWritten(now, { next, written, isJoined }) });
    };
    void keepRecord(name, next, base).then(async (outcome) => {
      const kept = outcome?.ok === false ? await outcome.later : outcome;
      if (kept) wrote(kept.record, kept.joined);
    });
  };
  const remove = (id: string): void => {
    setShown((now) => now && { ...now, records: now.records.filter((record) => record.id !== id) });
    // Nothing of it is left to write, so the sentence about that goes.
    removeRecord(id, async () => await database.tableOf(name).delete(id)).then(() => setTrouble(null), fail);
  };
  const { times = 0, notice = null } = shown ?? {};
  const dismiss = (): void => setShown((now) => now && { ...now, notice: null });
  return { records: shown?.records ?? null, trouble, elsewhere: { times, notice, dismiss }, keep, remove };
}

/** The demo brings these kinds after the rest of it. */
const OF_PRACTICE: ReadonlySet<DocumentName> = new Set<DocumentName>(['session', 'week', 'log']);

/** What stands on the page. */
interface Shown<Name extends DocumentName> extends Pick<Elsewhere, 'times' | 'notice'> {
  readonly records: readonly RecordOf<Name>[];
  /** The records there were when they were last read: what is no longer among them was deleted. */
  readonly known: ReadonlySet<string>;
}

/** What stands on the page once the records were read again: what is changed here and not written yet stays. */
function withRead<Name extends DocumentName>(shown: Shown<Name> | null, read: readonly RecordOf<Name>[]): Shown<Name> {
  const known = new Set(read.map(({ id }) => id));
  if (!shown) return { records: read, known, times: 0, notice: null };
  const before = new Map(shown.records.map((record) => [record.id, record]));
  const isNewer = (record: RecordOf<Name>): boolean => {
    const here = before.get(record.id);
    return !isWaiting(record.id) && (here === undefined || here.revision < record.revision);
  };
  const newer = read.filter(isNewer);
  const arrived = new Set(newer.map(({ id }) => id));
  const stays = ({ id }: RecordOf<Name>): boolean => !arrived.has(id) && (isWaiting(id) || known.has(id) || !shown.known.has(id));
  const records = [...newer, ...shown.records.filter(stays)];
  const isTold = newer.some(({ id, writtenBy }) => before.has(id) && writtenBy !== THIS_TAB);
  return isTold ? { records, known, times: shown.times + 1, notice: CHANGED_ELSEWHERE_STUDIO } : { ...shown, records, known };
}

/** A record that was shown, as it was written. */
interface Written<Name extends DocumentName> {
  readonly next: RecordOf<Name>;
  readonly written: RecordOf<Name>;
  /** What another tab wrote is in it as well. */
  readonly isJoined: boolean;
}

/** What stands on the page once a record is written; what was changed meanwhile is on its way and follows from this. */
function withWritten<Name extends DocumentName>(shown: Shown<Name>, { next, written, isJoined }: Written<Name>): Shown<Name> {
  if (!shown.records.includes(next)) return shown;
  const records = shown.records.map((each) => (each === next ? written : each));
  return isJoined ? { ...shown, records, times: shown.times + 1, notice: CHANGED_IN_BOTH_STUDIO } : { ...shown, records };
}

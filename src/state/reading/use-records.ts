import { useEffect, useEffectEvent, useState } from 'react';
import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import type { BringBack, TheirPieces } from '../../storage/deleting/index.ts';
import { type AllRead, readAll } from '../../storage/reading/index.ts';
import { ofNewerText } from '../../words/kept/newer-version.ts';
import { BROUGHT_BACK_STUDIO } from '../../words/kept/other-tabs.ts';
import { bringBack as bringBackRecord, keep as keepRecord, type KeptOutcome, remove as removeRecord } from '../keeping/index.ts';
import { followStored } from './follow-stored.ts';
import type { StoredQuery } from './queries.ts';
import { type Shown, tellChanged, withFirst, withRead, withWritten } from './shown-records.ts';

/** The records of a kind that a page shows, with the actions on them. */
export interface ShownRecords<Name extends DocumentName> {
  /** The records, the last changed first; null until they are read. */
  readonly records: readonly RecordOf<Name>[] | null;
  /** The message where reading or keeping failed; null otherwise. */
  readonly trouble: string | null;
  readonly elsewhere: Elsewhere;
  /** Shows a record at once and writes it then; `base` is the record before the change, null for a new one. */
  readonly keep: (next: RecordOf<Name>, base: RecordOf<Name> | null) => void;
  /** Brings a record back as it was in an earlier version; the present one becomes a version too. */
  readonly bringBack: (was: RecordOf<Name>) => void;
  /** Deletes a record; gives the way to bring it back, or null where it could not be deleted. */
  readonly remove: (id: string, theirPieces?: TheirPieces) => Promise<BringBack | null>;
}

/** The changes of other tabs, and the records brought back here. */
export interface Elsewhere {
  /** Gives the number of times a record was changed: fields that are typed into begin again with what is there. */
  readonly timesOf: (id: string | undefined) => number;
  /** The message about a change of another tab; null for none. */
  readonly notice: string | null;
  readonly dismiss: () => void;
}

/** The choice of records of a kind. */
interface Asked<Name extends DocumentName> {
  readonly name: Name;
  /** The key of the choice: they are read again when it changes. */
  readonly of: string;
  readonly belongs: (record: RecordOf<Name>) => boolean;
}

/** Gives records of a kind, kept as they are changed; those that another tab writes are shown as they come. */
export function useRecords<Name extends DocumentName>({ name, of, belongs }: Asked<Name>): ShownRecords<Name> {
  const [read, setShown] = useState<(Shown<Name> & { readonly of: string; readonly newer: number }) | null>(null);
  // Until those of another player are read, none are known.
  const shown = read?.of === of ? read : null;
  const [trouble, setTrouble] = useState<string | null>(null);
  const update = (change: (now: Shown<Name>) => Shown<Name>): void => setShown((now) => now && { ...now, ...change(now) });
  const show = useEffectEvent(({ records, newer }: AllRead<Name>): void =>
    setShown((now) => ({ ...withRead(now?.of === of ? now : null, records.filter(belongs)), of, newer })),
  );
  useEffect(() => followStored(recordsOf(name), [], { next: show, failed: setTrouble }), [name, of]);
  const showWritten = async (next: RecordOf<Name>, writing: Promise<KeptOutcome<Name>>): Promise<void> => {
    const outcome = await writing;
    const kept = outcome?.ok === false ? await outcome.later : outcome;
    if (!kept) return;
    setTrouble(null);
    update((now) => withWritten(now, { next, written: kept.record, isJoined: kept.joined }));
  };
  const keep = (next: RecordOf<Name>, base: RecordOf<Name> | null): void => {
    update((now) => ({ ...now, records: withFirst(now.records, next) }));
    void showWritten(next, keepRecord(name, next, base));
  };
  const bringBack = (was: RecordOf<Name>): void => {
    const { next, writing } = bringBackRecord(name, shown?.records.find(({ id }) => id === was.id) ?? null, was);
    update((now) => tellChanged({ ...now, records: withFirst(now.records, next) }, [next.id], BROUGHT_BACK_STUDIO));
    void showWritten(next, writing);
  };
  const remove = async (id: string, theirPieces?: TheirPieces): Promise<BringBack | null> => {
    update((now) => ({ ...now, records: now.records.filter((record) => record.id !== id) }));
    const outcome = await removeRecord(name, id, theirPieces);
    // Nothing of it is left to write, so the sentence about that goes.
    setTrouble(outcome.ok ? null : outcome.message);
    return outcome.ok ? outcome.bringBack : null;
  };
  const dismiss = (): void => update((now) => ({ ...now, notice: null }));
  const timesOf = (id: string | undefined): number => (id === undefined ? 0 : (shown?.times.get(id) ?? 0));
  return {
    records: shown?.records ?? null,
    trouble: trouble ?? (shown !== null && shown.newer > 0 ? ofNewerText(shown.newer) : null),
    elsewhere: { timesOf, notice: shown?.notice ?? null, dismiss },
    keep,
    bringBack,
    remove,
  };
}

/** Gives all records of a kind that can be read, and counts those of a newer version. */
function recordsOf<Name extends DocumentName>(name: Name): StoredQuery<[], AllRead<Name>> {
  return { read: async () => await readAll(name), ofPractice: OF_PRACTICE.has(name) };
}

/** The kinds that the demo brings after the rest of it. */
const OF_PRACTICE: ReadonlySet<DocumentName> = new Set<DocumentName>(['session', 'week', 'log']);

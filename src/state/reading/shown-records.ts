import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { THIS_TAB } from '../../records/this-tab.ts';
import { CHANGED_ELSEWHERE_STUDIO, CHANGED_IN_BOTH_STUDIO } from '../../words/kept/other-tabs.ts';
import { isWaiting } from '../keeping/index.ts';

/** The records of a kind as the page shows them. */
export interface Shown<Name extends DocumentName> {
  readonly records: readonly RecordOf<Name>[];
  /** The records there were when they were last read: one that is no longer among them was deleted. */
  readonly known: ReadonlySet<string>;
  /** The number of times each, by id, has changed elsewhere since it was typed here. */
  readonly times: ReadonlyMap<string, number>;
  /**
   * The records, by id, that came from the database while a change made here was not written yet. Once it is written, those that are newer
   * are shown: nothing else would bring them.
   */
  readonly missed: ReadonlyMap<string, RecordOf<Name>>;
  /** The message about a change of another tab, or a record brought back; null for none. */
  readonly notice: string | null;
}

/** Puts a record first. */
export function withFirst<Name extends DocumentName>(records: readonly RecordOf<Name>[], next: RecordOf<Name>): readonly RecordOf<Name>[] {
  return [next, ...records.filter(({ id }) => id !== next.id)];
}

/** Tells the teacher that some records are different now. */
export function tellChanged<Name extends DocumentName>(shown: Shown<Name>, ids: readonly string[], notice: string): Shown<Name> {
  return { ...shown, times: new Map([...shown.times, ...ids.map((id) => [id, (shown.times.get(id) ?? 0) + 1] as const)]), notice };
}

/** Gives the state of the page once the records were read again: changes made here and not written yet stay. */
export function withRead<Name extends DocumentName>(shown: Shown<Name> | null, read: readonly RecordOf<Name>[]): Shown<Name> {
  const known = new Set(read.map(({ id }) => id));
  if (!shown) return { records: read, known, times: new Map(), missed: new Map(), notice: null };
  const before = new Map(shown.records.map((record) => [record.id, record]));
  const isNewer = (record: RecordOf<Name>): boolean => {
    const here = before.get(record.id);
    return !isWaiting(record.id) && (here === undefined || here.revision < record.revision);
  };
  const newer = read.filter(isNewer);
  const arrived = new Set(newer.map(({ id }) => id));
  const stays = ({ id }: RecordOf<Name>): boolean => !arrived.has(id) && (isWaiting(id) || known.has(id) || !shown.known.has(id));
  const missed = new Map(read.filter(({ id }) => isWaiting(id)).map((record) => [record.id, record]));
  const now = { ...shown, records: [...newer, ...shown.records.filter(stays)], known, missed };
  const ofOthers = newer.filter(({ id, writtenBy }) => before.has(id) && writtenBy !== THIS_TAB).map(({ id }) => id);
  return ofOthers.length === 0 ? now : tellChanged(now, ofOthers, CHANGED_ELSEWHERE_STUDIO);
}

/** A record that was shown, as it was written. */
interface Written<Name extends DocumentName> {
  readonly next: RecordOf<Name>;
  readonly written: RecordOf<Name>;
  /** Whether a change of another tab is in it as well. */
  readonly isJoined: boolean;
}

/** Gives the state of the page once a record is written; changes made meanwhile are on their way and follow from this. */
export function withWritten<Name extends DocumentName>(shown: Shown<Name>, { next, written, isJoined }: Written<Name>): Shown<Name> {
  if (!shown.records.includes(next)) return shown;
  const missed = shown.missed.get(written.id);
  const isNewer = missed !== undefined && missed.revision > written.revision;
  const is = isNewer ? missed : written;
  const now = { ...shown, records: shown.records.map((record) => (record === next ? is : record)) };
  if (isJoined) return tellChanged(now, [is.id], CHANGED_IN_BOTH_STUDIO);
  return isNewer ? tellChanged(now, [is.id], CHANGED_ELSEWHERE_STUDIO) : now;
}

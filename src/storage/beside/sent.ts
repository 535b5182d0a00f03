import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';

/** The number of changes remembered of one record: there are more on their way only while the database does not answer. */
const REMEMBERED = 4;

/** The changes that this page has sent to the database, by the record's id: each may be there by now, or not yet. */
const sent = new Map<string, Sent>();

interface Sent {
  /** The revision that this page had read; 0 for a record that is new. */
  readonly since: number;
  readonly records: readonly RecordOf<DocumentName>[];
}

/** Lists the changes sent of a record since this page read it as `base`, or made it. */
export function sentSince(id: string, base: RecordOf<DocumentName> | null): readonly RecordOf<DocumentName>[] {
  const known = sent.get(id);
  return known && known.since === (base?.revision ?? 0) ? known.records : [];
}

/** Notes that a record is about to be written that began as `base`. */
export function noteSent(record: RecordOf<DocumentName>, base: RecordOf<DocumentName> | null): void {
  sent.set(record.id, { since: base?.revision ?? 0, records: [...sentSince(record.id, base), record].slice(-REMEMBERED) });
}

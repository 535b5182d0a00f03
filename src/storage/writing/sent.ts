import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../database.ts';

/** So many are remembered of one record: more are only on their way while the database does not answer. */
const REMEMBERED = 4;

/** What this page has sent to the database, by the record's id: each may be there by now, or not yet. */
const sent = new Map<string, Sent>();

interface Sent {
  /** The revision that this page had read. */
  readonly since: number;
  readonly records: readonly RecordOf<DocumentName>[];
}

/** What was sent since this page read the record as `base`. */
export function sentSince(base: RecordOf<DocumentName> | null): readonly RecordOf<DocumentName>[] {
  const known = base ? sent.get(base.id) : undefined;
  return known && known.since === base?.revision ? known.records : [];
}

/** A record is about to be written that began as `base`. */
export function noteSent(record: RecordOf<DocumentName>, base: RecordOf<DocumentName>): void {
  sent.set(base.id, { since: base.revision, records: [...sentSince(base), record].slice(-REMEMBERED) });
}

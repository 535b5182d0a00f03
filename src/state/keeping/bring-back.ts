import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { keepVersion } from '../../storage/writing/index.ts';
import { keep, keepAhead, type KeptOutcome } from './keep.ts';

/** A record that is brought back: as it is from now on, and the result of writing it. */
export interface BroughtBack<Name extends DocumentName> {
  readonly next: RecordOf<Name>;
  readonly writing: Promise<KeptOutcome<Name>>;
}

/** Brings back the document of an earlier version, and keeps the present record (null: it is gone) as a version. */
export function bringBack<Name extends DocumentName>(name: Name, now: RecordOf<Name> | null, was: RecordOf<Name>): BroughtBack<Name> {
  const next: RecordOf<Name> = { ...(now ?? was), document: was.document };
  keepAhead(next, now);
  return { next, writing: writeBack(name, now, next) };
}

async function writeBack<Name extends DocumentName>(
  name: Name,
  now: RecordOf<Name> | null,
  next: RecordOf<Name>,
): Promise<KeptOutcome<Name>> {
  // The write itself says so where there is no room for it.
  if (now) await keepVersion(name, now, 'another brought back').catch(() => undefined);
  return await keep(name, next, now);
}

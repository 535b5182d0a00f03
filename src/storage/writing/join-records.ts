import type { DocumentName } from '#core/documents';
import { readStored } from '../../validation/documents.ts';
import { LINKS, type RecordOf, type Uses } from '../database.ts';
import { joined, joinedPiece } from './joined.ts';

/** A record as it was, and as two pages have it now. */
export interface ChangedTwice<Name extends DocumentName> {
  readonly base: RecordOf<Name>;
  readonly mine: RecordOf<Name>;
  readonly theirs: RecordOf<Name>;
}

/** Both changes in one record; where both changed the same, `mine` counts. Null where they do not go together. */
export async function joinedRecord<Name extends DocumentName>(
  name: Name,
  { base, mine, theirs }: ChangedTwice<Name>,
): Promise<RecordOf<Name> | null> {
  const join = name === 'piece' ? joinedPiece : joined;
  const both = await readStored(name, join(base.document, mine.document, theirs.document));
  return both.ok ? Object.assign({ ...mine, document: both.value }, joinedLinks(base, mine, theirs)) : null;
}

/** What the record uses of the studio: where only the other page changed that, as it has it. */
function joinedLinks(base: object, mine: object, theirs: object): Partial<Uses> {
  const was: Partial<Uses> = { ...base };
  const is: Partial<Uses> = { ...mine };
  const there: Partial<Uses> = { ...theirs };
  const changedThere = LINKS.filter((link) => is[link] === was[link] && there[link] !== undefined);
  return Object.fromEntries(changedThere.map((link) => [link, there[link]]));
}

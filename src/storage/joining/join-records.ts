import type { DocumentName } from '#core/documents';
import { readAnyVersion } from '../../validation/documents.ts';
import { newWeek } from '../../records/new-practice-records.ts';
import { LINKS, type RecordOf, type Uses } from '../../records/record.ts';
import { joinValues, joinPiece } from './joined.ts';
import type { Twice } from './twice.ts';

/** A record that two pages have changed. */
export interface ChangedTwice<Name extends DocumentName> extends Twice<RecordOf<DocumentName>> {
  readonly here: RecordOf<Name>;
  readonly there: RecordOf<Name>;
}

/** Joins both changes of a record that two pages have changed; null where they do not go together. */
export async function joinRecord<Name extends DocumentName>(name: Name, twice: ChangedTwice<Name>): Promise<RecordOf<Name> | null> {
  const join = name === 'piece' ? joinPiece : joinValues;
  const documents = ofEach<RecordOf<DocumentName>, unknown>(twice, ({ document }) => document);
  const both = await readAnyVersion(name, join(commonBeginning(name, documents)));
  // A newer version may have added something beside the document, which only one of them has.
  const all = { ...twice.here, ...twice.there, ...twice[twice.counts] };
  return both.ok ? Object.assign(all, { document: both.value }, joinLinks(twice)) : null;
}

/** Finds the common beginning of a week that two pages made at once: both began with the same, from which their changes are told apart. */
function commonBeginning(name: DocumentName, twice: Twice<unknown>): Twice<unknown> {
  return name === 'week' && twice.bases.length === 0 ? { ...twice, bases: [WEEK_AS_MADE] } : twice;
}

const WEEK_AS_MADE = newWeek({ playerId: null, name: '' }).document;

/** Joins the links of a record to the studio. */
function joinLinks(twice: Twice<object>): Partial<Uses> {
  const uses = ofEach(twice, (record): Partial<Uses> => record);
  const used = LINKS.filter((link) => uses.here[link] !== undefined);
  return Object.fromEntries(used.map((link) => [link, joinValues(ofEach(uses, (value) => value[link]))]));
}

function ofEach<Value, Part>({ bases, here, there, counts }: Twice<Value>, part: (value: Value) => Part): Twice<Part> {
  return { bases: bases.map(part), here: part(here), there: part(there), counts };
}

import { DOCUMENT_KINDS, type DocumentName } from '#core/documents';
import type { Brief } from '#core/brief';
import { isOfNewerVersion, type Issue } from '#core/messages';
import { goodReading, type Reading } from '#core/result';
import { readAs, readAnyVersion } from '../../validation/documents.ts';
import type { ChangedSince, Holds, LinksOf, RecordOf } from '../../records/record.ts';
import { type EarlierRecord, underOneName } from '../database/index.ts';

/** A value with fields, of which nothing is known. */
export type Fields = Readonly<Record<string, unknown>>;

/** The fields of a record beside its document, as far as they can be read. */
type ReadLinks = { readonly [Name in DocumentName]: (fields: Fields) => Promise<LinksOf[Name]> };

const READ_LINKS: ReadLinks = {
  piece: async (fields) => ({
    instrumentId: idIn(fields, 'instrumentId'),
    playerId: idIn(fields, 'playerId'),
    schoolId: idIn(fields, 'schoolId'),
    changed: await readChanged(fields['changed']),
  }),
  player: async (fields) => ({ instrumentId: idIn(fields, 'instrumentId'), schoolId: idIn(fields, 'schoolId') }),
  instrument: async () => ({}),
  school: async () => ({}),
  stages: async (fields) => ({ playerId: idIn(fields, 'playerId') }),
  session: async (fields) => ({ playerId: idIn(fields, 'playerId') }),
  week: async (fields) => ({ playerId: idIn(fields, 'playerId') }),
  log: async (fields) => ({ playerId: idIn(fields, 'playerId') }),
  book: async () => ({}),
};

/**
 * Reads a whole record, from the database, a file or a page that left it: its document must pass its check, in whatever version; fields
 * beside it that are damaged are replaced by harmless ones.
 */
export async function readRecord<Name extends DocumentName>(name: Name, value: object): Promise<Reading<RecordOf<Name>>> {
  const fields: Fields & EarlierRecord = { ...value };
  underOneName(fields);
  const reading = await readAnyVersion(name, fields.document);
  if (!reading.ok) return reading;
  const updatedAt = timeIn(fields, 'updatedAt');
  const links = await READ_LINKS[name](fields);
  return goodReading({
    ...unknownIn(fields, links),
    id: String(fields['id']),
    createdAt: Math.min(timeIn(fields, 'createdAt'), updatedAt),
    updatedAt,
    demo: fields['demo'] === true,
    revision: timeIn(fields, 'revision'),
    writtenBy: idIn(fields, 'writtenBy'),
    ...holdsIn(fields),
    document: reading.value,
    ...links,
  });
}

/** Tells whether a record does not read because a newer version of the application wrote it. */
export function isOfNewer(issues: readonly Issue[]): boolean {
  return issues.some(isOfNewerVersion);
}

/** Tells whether a stored document is of a newer version of the application: it is not for this one to write over. */
export function isDocumentOfNewer(name: DocumentName, document: unknown): boolean {
  return isFields(document) && Number(document['version']) > DOCUMENT_KINDS[name].version;
}

/** Tells whether something has fields, as every record does. */
export function isFields(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** The fields that records of every kind have, and those beside it where a page leaves one. */
const KNOWN: ReadonlySet<string> = new Set([
  ...['id', 'createdAt', 'updatedAt', 'demo', 'revision', 'writtenBy', 'holds', 'document'],
  ...['change', 'base', 'sent'],
]);

/** The longest text (JSON) of all fields of a record that this version does not know, characters. */
const LONGEST_UNKNOWN = 20_000;

/** Gives the fields that a newer version has added to a record: they are kept for it. Too much of them is nothing that one would add. */
function unknownIn(fields: Fields, links: object): Fields {
  const unknown = Object.fromEntries(Object.entries(fields).filter(([name]) => !KNOWN.has(name) && !(name in links)));
  return JSON.stringify(unknown).length > LONGEST_UNKNOWN ? {} : unknown;
}

async function readChanged(changed: unknown): Promise<ChangedSince | null> {
  if (!isFields(changed)) return null;
  const before = await readBefore(changed['before']);
  return before && { before };
}

async function readBefore(before: unknown): Promise<Brief | null> {
  const reading = await readAs('brief', before);
  return reading.ok ? reading.value : null;
}

function holdsIn({ holds }: Fields): { readonly holds?: Holds } {
  if (!isFields(holds)) return {};
  const numbers = Object.entries(holds).filter((entry): entry is [string, number] => typeof entry[1] === 'number');
  return { holds: Object.fromEntries(numbers) };
}

function timeIn(fields: Fields, name: string): number {
  const value = fields[name];
  return typeof value === 'number' && Number.isFinite(value) && value >= 0 ? value : 0;
}

function idIn(fields: Fields, name: string): string | null {
  const value = fields[name];
  return typeof value === 'string' && value !== '' ? value : null;
}

import { dequal } from 'dequal';
import { DOCUMENT_NAMES, type DocumentName } from '#core/documents';
import { documentIssue, type Issue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import { pieceTitle } from '../../words/labels.ts';
import { database, LINKS, type RecordOf } from '../database.ts';
import { piecesFollow } from '../writing/follow.ts';
import { isFields, readRecord } from '../read-record.ts';
import { together } from '../writing/together.ts';
import { isLog, withEntriesThere } from '../writing/log-entries.ts';
import { keepVersion } from '../writing/versions.ts';

/** What a file of the whole studio calls itself. */
const FORMAT = 'dove-path/studio';

/** The version written today. */
const VERSION = 1;

/** How what a file brings stands to what is here: `older` was changed here since. */
export type Standing = 'new' | 'changed' | 'older' | 'same';

/** One record of a file, and how it stands to what is here. */
export interface Brought<Name extends DocumentName = DocumentName> {
  readonly kind: Name;
  readonly name: string;
  /** When it was changed last, as the file has it; ms since 1970. */
  readonly updatedAt: number;
  readonly standing: Standing;
  /** Writes it into the database, in place of what is here; with the links of the file brought to the ids here. */
  readonly write: (idsHere: ReadonlyMap<string, string>) => Promise<void>;
  /** Its id in the file, and the one that the same thing has here. */
  readonly ids: readonly [inFile: string, here: string];
}

/** A part of a file that does not read; it costs nothing but itself. */
export interface DamagedPart {
  /** Which part, counted from 1. */
  readonly place: number;
  readonly issues: readonly Issue[];
}

/** What a file of the studio would bring. */
export interface StudioBrought {
  /** When it was saved, ms since 1970. */
  readonly savedAt: number;
  readonly brought: readonly Brought[];
  readonly damaged: readonly DamagedPart[];
}

/** The whole studio as a file's text: every record of every kind, each on a line of its own, so that a file that is cut off still holds the others. */
export async function studioText(): Promise<string> {
  const parts: { readonly kind: DocumentName; readonly record: RecordOf<DocumentName> }[] = [];
  for (const kind of DOCUMENT_NAMES) for (const record of await database.tableOf(kind).toArray()) parts.push({ kind, record });
  return textOf(parts);
}

/** Some records as the text of a file that any studio can bring in. */
export function textOf(parts: readonly { readonly kind: DocumentName; readonly record: RecordOf<DocumentName> }[]): string {
  const lines = parts.map((part) => JSON.stringify(part));
  return `{"format":"${FORMAT}","version":${VERSION},"savedAt":${Date.now()},"records":[\n${lines.join(',\n')}\n]}\n`;
}

/** Reads a file of the studio, and tells of everything in it how it stands to what is here. Writes nothing. */
export async function readStudioText(text: string): Promise<Reading<StudioBrought>> {
  const file = parsed(text);
  if (!file) return badReading(documentIssue('damaged', { kind: 'studio', what: 'it holds no studio' }, { pointer: '' }));
  if (file.version > VERSION) return badReading(documentIssue('newer-version', { version: file.version, known: VERSION }, { pointer: '' }));
  const brought: Brought[] = [];
  const damaged: DamagedPart[] = [];
  for (const [index, part] of file.parts.entries()) {
    const reading = await readPart(part);
    if (reading.ok) brought.push(reading.value);
    else damaged.push({ place: index + 1, issues: reading.issues });
  }
  return goodReading({ savedAt: file.savedAt, brought, damaged });
}

/** Brings in what is wanted of a file: what studio records it brings first, so that the pieces find them. */
export async function bringIn(wanted: readonly Brought[], all: readonly Brought[]): Promise<void> {
  const idsHere = new Map(all.map(({ ids }) => ids));
  const piecesLast = wanted.toSorted((one, other) => Number(one.kind === 'piece') - Number(other.kind === 'piece'));
  for (const each of piecesLast) await each.write(idsHere);
}

async function readPart(part: unknown): Promise<Reading<Brought>> {
  const kind = isFields(part) ? DOCUMENT_NAMES.find((name) => name === part['kind']) : undefined;
  const record = isFields(part) ? part['record'] : undefined;
  if (kind === undefined || !isFields(record) || typeof record['id'] !== 'string')
    return badReading(documentIssue('damaged', { kind: 'studio', what: 'a part is not one' }, { pointer: '' }));
  return await readOfKind(kind, record);
}

async function readOfKind<Name extends DocumentName>(kind: Name, value: object): Promise<Reading<Brought>> {
  const reading = await readRecord(kind, value);
  if (!reading.ok) return reading;
  const { value: record } = reading;
  const there = (await database.tableOf(kind).get(record.id)) ?? (await alike(kind, record));
  return goodReading({
    kind,
    name: 'brief' in record.document ? pieceTitle(record.document) : record.document.name,
    updatedAt: record.updatedAt,
    standing: standingOf(record, there),
    write: async (idsHere) => await writeBrought(kind, record, there, idsHere),
    ids: [record.id, there?.id ?? record.id],
  });
}

/** The same document under another id, as the demo of another browser: it is not brought twice. */
async function alike<Name extends DocumentName>(kind: Name, { document }: RecordOf<Name>): Promise<RecordOf<Name> | undefined> {
  return await database
    .tableOf(kind)
    .filter((other) => other.document.name === document.name && dequal(other.document, document))
    .first();
}

function standingOf(record: RecordOf<DocumentName>, there: RecordOf<DocumentName> | undefined): Standing {
  if (!there) return 'new';
  if (dequal(record.document, there.document)) return 'same';
  return record.updatedAt >= there.updatedAt ? 'changed' : 'older';
}

async function writeBrought<Name extends DocumentName>(
  kind: Name,
  record: RecordOf<Name>,
  there: RecordOf<Name> | undefined,
  idsHere: ReadonlyMap<string, string>,
): Promise<void> {
  if (there && !isLog(there)) await keepVersion(kind, there, 'changed elsewhere too');
  const links = Object.fromEntries(LINKS.flatMap((link) => linkHere(record, link, idsHere)));
  const next = Object.assign(
    { ...withEntriesThere(record, there), id: there?.id ?? record.id, revision: (there?.revision ?? 0) + 1, writtenBy: null },
    links,
  );
  await together(async () => {
    await database.tableOf(kind).put(next);
    await piecesFollow(kind, next, there ?? null);
  });
}

function linkHere(record: object, link: (typeof LINKS)[number], idsHere: ReadonlyMap<string, string>): readonly [string, string][] {
  const fields: Readonly<Record<string, unknown>> = { ...record };
  const id = fields[link];
  return typeof id === 'string' ? [[link, idsHere.get(id) ?? id]] : [];
}

/** A file of the studio as it stands there. */
interface Parsed {
  readonly version: number;
  readonly savedAt: number;
  readonly parts: readonly unknown[];
}

/** Null where nothing of it is a studio; of one that is cut off or damaged, the lines that read. */
function parsed(text: string): Parsed | null {
  const whole = json(text);
  if (isFields(whole)) {
    const { format, version, savedAt, records } = whole;
    if (format !== FORMAT || !Array.isArray(records)) return null;
    return { version: Number(version), savedAt: Number(savedAt) || 0, parts: records };
  }
  if (!text.startsWith(`{"format":"${FORMAT}"`)) return null;
  const parts = text
    .split('\n')
    .slice(1)
    .map((line) => json(line.replace(/,$/, '')));
  return { version: VERSION, savedAt: 0, parts: parts.filter((part, index) => part !== null || index < parts.length - 1) };
}

function json(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

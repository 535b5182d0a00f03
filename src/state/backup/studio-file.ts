import { DOCUMENT_NAMES } from '#core/documents';
import { goodReading, type Reading } from '#core/result';
import { database } from '../../storage/database/index.ts';
import type { Along } from './along.ts';
import { type Brought, hereByName, readPart } from './brought.ts';
import { withoutRecordings } from './recordings.ts';
import { type DamagedPart, readEach, readRecordsText, type RecordPart, recordsText } from './records-text.ts';

/** The content of a file of the studio. */
export interface StudioBrought {
  /** The moment it was saved, ms since 1970. */
  readonly savedAt: number;
  readonly brought: readonly Brought[];
  readonly damaged: readonly DamagedPart[];
}

/** Writes the whole studio as a file's text: every record of every kind; the recordings of takes only where they are wanted. */
export async function studioText(wantsRecordings = false): Promise<string> {
  const parts: RecordPart[] = [];
  for (const kind of DOCUMENT_NAMES) for (const record of await database.tableOf(kind).toArray()) parts.push({ kind, record });
  return textOf(wantsRecordings ? parts : withoutRecordings(parts));
}

/** Writes some records as the text of a file that any studio can bring in. */
export function textOf(parts: readonly RecordPart[]): string {
  return recordsText('dove-path/studio', parts);
}

/** Reads a file of the studio, and finds the relation of everything in it to what is here. Writes nothing. */
export async function readStudioText(text: string, along: Along = {}): Promise<Reading<StudioBrought>> {
  const file = readRecordsText('dove-path/studio', text, 'studio');
  if (!file.ok) return file;
  const here = hereByName();
  const { values: brought, damaged } = await readEach(file.value.parts, async (part) => await readPart(part, here), along);
  return goodReading({ savedAt: file.value.savedAt, brought, damaged });
}

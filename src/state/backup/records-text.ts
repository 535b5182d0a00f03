import { documentIssue, type Issue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { DocumentName } from '#core/documents';
import { type Along, goOn } from './along.ts';
import type { RecordOf } from '../../records/record.ts';
import { isFields } from '../../storage/reading/index.ts';

/** The formats of files with records: all or some of a studio, and what a teacher gives to pupils. */
export type RecordsFormat = 'dove-path/studio' | 'dove-path/assignment';

/** The version written today. */
const VERSION = 1;

/** A record as a file has it. */
export interface RecordPart {
  readonly kind: DocumentName;
  readonly record: RecordOf<DocumentName>;
  /** The id of the player it is for, in a file for several. */
  readonly for?: string;
}

/** A part of a file that does not read; the others are not affected. */
export interface DamagedPart {
  /** The number of the part, counted from 1. */
  readonly place: number;
  readonly issues: readonly Issue[];
}

/** A file of records as it stands. */
export interface RecordsFile {
  /** The moment it was saved, ms since 1970; 0 where it does not say. */
  readonly savedAt: number;
  readonly parts: readonly unknown[];
}

/** Writes records as the text of a file: each on a line of its own, so that a file that is cut off still has the others. */
export function recordsText(format: RecordsFormat, parts: readonly RecordPart[]): string {
  const lines = parts.map((part) => JSON.stringify(part));
  return `{"format":"${format}","version":${VERSION},"savedAt":${Date.now()},"records":[\n${lines.join(',\n')}\n]}\n`;
}

/**
 * Reads the records of a file, unchecked; of one that is cut off or damaged, the lines that read. `what` says for people what it should
 * contain.
 */
export function readRecordsText(format: RecordsFormat, text: string, what: string): Reading<RecordsFile> {
  const file = parseFile(format, text);
  if (!file) return badReading(documentIssue('damaged', { kind: what, what: `it holds no ${what}` }, { pointer: '' }));
  if (file.version > VERSION) return badReading(documentIssue('newer-version', { version: file.version, known: VERSION }, { pointer: '' }));
  return goodReading(file);
}

/** The parts of a file that could be read, in order, and those that could not. */
export interface PartsRead<Value> {
  readonly values: readonly Value[];
  readonly damaged: readonly DamagedPart[];
}

/** Reads every part of a file by itself: one that does not read does not affect the others. */
export async function readEach<Value>(
  parts: readonly unknown[],
  read: (part: unknown) => Promise<Reading<Value>>,
  along: Along = {},
): Promise<PartsRead<Value>> {
  const values: Value[] = [];
  const damaged: DamagedPart[] = [];
  for (const [index, part] of parts.entries()) {
    const reading = await read(part);
    await goOn(index + 1, parts.length, along);
    if (reading.ok) values.push(reading.value);
    else damaged.push({ place: index + 1, issues: reading.issues });
  }
  return { values, damaged };
}

function parseFile(format: RecordsFormat, text: string): (RecordsFile & { readonly version: number }) | null {
  const whole = json(text);
  if (isFields(whole)) {
    const { format: said, version, savedAt, records } = whole;
    if (said !== format || !Array.isArray(records)) return null;
    return { version: Number(version), savedAt: Number(savedAt) || 0, parts: records };
  }
  if (!text.startsWith(`{"format":"${format}"`)) return null;
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

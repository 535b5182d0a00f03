import type { LogEntry } from '#core/practice/log';
import { database } from '../../storage/database/index.ts';
import type { RecordPart } from './records-text.ts';

/** The recordings of takes that are kept. */
export interface Recordings {
  /** The number of recordings. */
  readonly count: number;
  /** The size of all of them together. */
  readonly bytes: number;
}

/** Counts the recordings of takes: each lies on a page of the log by itself. */
export async function countRecordings(): Promise<Recordings> {
  const pages = await database.tableOf('log').where('id').startsWith('file-').toArray();
  const entries = pages.flatMap(({ document }) => document.entries.filter(isRecording));
  return { count: entries.length, bytes: entries.reduce((sum, entry) => sum + (entry.kind === 'file' ? entry.bytes : 0), 0) };
}

/** Leaves the recordings of takes out of some records. */
export function withoutRecordings(parts: readonly RecordPart[]): readonly RecordPart[] {
  return parts.filter(({ record: { document } }) => !('entries' in document && document.entries.some(isRecording)));
}

/** Tells whether an entry is the sound of a take, which is kept but given away only where that is wanted. */
export function isRecording(entry: LogEntry): boolean {
  return entry.kind === 'file' && entry.recording === true;
}

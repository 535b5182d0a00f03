import type { LogDocument } from '#core/documents';
import { goodReading, type Reading } from '#core/result';
import { type DamagedPart, readEach, readRecordsText, textOf } from '../backup/index.ts';
import type { LogRecord, PlayerRecord } from '../../records/record.ts';
import { type Merged, mergePages } from '../../storage/writing/index.ts';
import { isFields, loadLog, readRecord } from '../../storage/reading/index.ts';

/** Writes the log of a player as a file's text: every page of it, as a file of a studio that contains nothing else. */
export async function logText(playerId: string | null): Promise<string> {
  return textOf((await loadLog(playerId)).map((record) => ({ kind: 'log', record })));
}

/** The log of one player in a file. */
export interface LogBrought {
  /** The id of its player in the file; null for nobody of the studio it comes from. */
  readonly playerId: string | null;
  /** The name of the player in the file. */
  readonly name: string;
  readonly pages: readonly LogDocument[];
}

/** Adds a log of a file to that of a player here (null: nobody of the studio), each entry once. */
export async function addToLog(player: PlayerRecord | null, { pages }: LogBrought): Promise<Merged> {
  return await mergePages({ playerId: player?.id ?? null, name: player?.document.name ?? '' }, pages);
}

/** The logs in a file. */
export interface LogsBrought {
  /** The moment the file was saved, ms since 1970. */
  readonly savedAt: number;
  readonly logs: readonly LogBrought[];
  readonly damaged: readonly DamagedPart[];
}

/** Reads the logs of a file, and nothing else that is in it. Writes nothing. */
export async function readLogText(text: string): Promise<Reading<LogsBrought>> {
  const file = readRecordsText('dove-path/studio', text, 'log');
  if (!file.ok) return file;
  const isPage = (part: unknown): boolean => isFields(part) && part['kind'] === 'log';
  // A part that is no page keeps its place in the count of the parts.
  const { values, damaged } = await readEach(file.value.parts, async (part) => (isPage(part) ? await readPage(part) : goodReading(null)));
  const pages = values.filter((page) => page !== null);
  const logs = [...new Set(pages.map(({ playerId }) => playerId))].map((playerId): LogBrought => {
    const documents = pages.filter((page) => page.playerId === playerId).map(({ document }) => document);
    return { playerId, name: documents[0]?.name ?? '', pages: documents };
  });
  return goodReading({ savedAt: file.value.savedAt, logs, damaged });
}

async function readPage(part: unknown): Promise<Reading<LogRecord>> {
  const record = isFields(part) ? part['record'] : undefined;
  return await readRecord('log', isFields(record) ? record : {});
}

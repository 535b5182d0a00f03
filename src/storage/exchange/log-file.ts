import type { LogDocument } from '#core/documents';
import { goodReading, type Reading } from '#core/result';
import { textOf } from '../backup/studio-file.ts';
import { type DamagedPart, readRecordsText } from '../backup/records-text.ts';
import { loadLog } from '../practice.ts';
import { isFields, readRecord } from '../read-record.ts';

/** The log of a player as a file's text: every page of it, as a file of a studio that holds nothing else. */
export async function logText(playerId: string | null): Promise<string> {
  return textOf((await loadLog(playerId)).map((record) => ({ kind: 'log', record })));
}

/** The log of one player as a file brings it. */
export interface LogBrought {
  /** Whose, by id, as the file has it; null for nobody of the studio it comes from. */
  readonly playerId: string | null;
  /** The name in the file. */
  readonly name: string;
  readonly pages: readonly LogDocument[];
}

/** The logs in a file. */
export interface LogsBrought {
  /** When the file was saved, ms since 1970. */
  readonly savedAt: number;
  readonly logs: readonly LogBrought[];
  readonly damaged: readonly DamagedPart[];
}

/** Reads the logs of a file, and nothing else that it may hold. Writes nothing. */
export async function readLogText(text: string): Promise<Reading<LogsBrought>> {
  const file = readRecordsText('dove-path/studio', text, 'log');
  if (!file.ok) return file;
  const logs = new Map<string | null, { readonly name: string; readonly pages: LogDocument[] }>();
  const damaged: DamagedPart[] = [];
  for (const [index, part] of file.value.parts.entries()) {
    if (!isFields(part) || part['kind'] !== 'log' || !isFields(part['record'])) continue;
    const reading = await readRecord('log', part['record']);
    if (!reading.ok) damaged.push({ place: index + 1, issues: reading.issues });
    else {
      const { playerId, document } = reading.value;
      const log = logs.get(playerId) ?? { name: document.name, pages: [] };
      log.pages.push(document);
      logs.set(playerId, log);
    }
  }
  return goodReading({ savedAt: file.value.savedAt, logs: [...logs].map(([playerId, log]) => ({ playerId, ...log })), damaged });
}

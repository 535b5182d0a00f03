import type { Tried } from '#core/drill/hot-spots';
import { type LogEntry, triedShifts } from '#core/practice/log';
import type { Plan } from '#core/plan/describe';
import { dayWeeksBefore, entriesOf, WEEKS_COUNTED } from '../../records/log-pages.ts';
import { loadLog } from '../../storage/reading/index.ts';

/** Gives the day from which on the record counts. */
export function countsFrom(): string {
  return dayWeeksBefore(Date.now(), WEEKS_COUNTED);
}

/** The last weeks of a player's log, read once for a page. */
const read = new Map<string | null, Promise<readonly LogEntry[]>>();

async function lastWeeks(playerId: string | null): Promise<readonly LogEntry[]> {
  const there = read.get(playerId);
  if (there) return await there;
  const reading = loadLog(playerId, countsFrom()).then(entriesOf);
  read.set(playerId, reading);
  return await reading;
}

/** Gives the record of the shifts of a piece; empty where there is no record, or it does not open. */
export async function triesOfPiece(plan: Plan, pieceId: string | null, playerId: string | null): Promise<readonly Tried[]> {
  if (pieceId === null) return [];
  const entries = await lastWeeks(playerId).catch((): readonly LogEntry[] => []);
  return triedShifts(entries, pieceId, plan);
}

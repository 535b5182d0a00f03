import { subWeeks } from 'date-fns/subWeeks';
import { type LogEntry, ofKind } from '#core/practice';
import type { Plan } from '#core/plan/describe';
import { type Arrival, arrivalsIn } from '#core/trends';
import { engine } from '../../../engine/client.ts';
import { readyToPractise } from '../../../storage/first-start.ts';
import { dayOf, entriesOf } from '../../../records/log-pages.ts';
import { loadPiece } from '../../../storage/piece-list.ts';
import { loadLog } from '../../../storage/practice.ts';

/** So many weeks are looked at: what was weak before need not be weak now. */
export const WEEKS = 8;

/** What the last weeks of a player hold. */
export interface Trends {
  readonly entries: readonly LogEntry[];
  readonly arrivals: readonly Arrival[];
  readonly plans: ReadonlyMap<string, Plan>;
  /** When they were read, ms since 1970. */
  readonly now: number;
}

/** Reads the last weeks of a log, and plans every piece in it that is still there. */
export async function readTrends(playerId: string | null, signal: AbortSignal): Promise<Trends> {
  await readyToPractise();
  const now = Date.now();
  const entries = entriesOf(await loadLog(playerId, dayOf(subWeeks(now, WEEKS).getTime())));
  const pieces = new Set(ofKind(entries, 'attempt').map(({ practised }) => practised.piece));
  const plans = new Map<string, Plan>();
  for (const id of pieces) {
    const record = await loadPiece(id);
    const outcome = record && (await engine.plan(record.document.brief, { signal }));
    if (outcome?.ok) plans.set(id, outcome.value.best);
  }
  return { entries, arrivals: arrivalsIn(entries, plans), plans, now };
}

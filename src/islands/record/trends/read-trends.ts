import { type LogEntry } from '#core/practice/log';
import { piecesTried } from '#core/practice/tries';
import type { Plan } from '#core/plan/describe';
import { type Arrival, arrivalsIn } from '#core/trends';
import { readPlans } from '../read-plans.ts';

/** The content of the last weeks of a player. */
export interface TrendsRead {
  readonly entries: readonly LogEntry[];
  readonly arrivals: readonly Arrival[];
  readonly plans: ReadonlyMap<string, Plan>;
  /** The moment they were read, ms since 1970. */
  readonly now: number;
}

/** Plans every piece in the last weeks of a log that is still there. */
export async function readTrends(entries: readonly LogEntry[], signal: AbortSignal): Promise<TrendsRead> {
  const now = Date.now();
  const plans = await readPlans(piecesTried(entries), signal);
  return { entries, arrivals: arrivalsIn(entries, plans), plans, now };
}

import { recordsOfPlayer } from '../storage/deleting/index.ts';
import type { WithPlayer } from '../words/kept/deleted.ts';

export { recordsOfPlayer };

/** Counts what goes with a player who is deleted, and the pieces that may go too. */
export async function countWithPlayer(playerId: string): Promise<WithPlayer> {
  const all = await recordsOfPlayer(playerId);
  const countOf = (kind: (typeof all)[number]['kind']): number => all.filter((one) => one.kind === kind).length;
  const days = new Set(
    all.flatMap(({ record }) => ('day' in record.document && 'entries' in record.document ? [record.document.day] : [])),
  );
  return { days: days.size, sessions: countOf('session'), weeks: countOf('week'), stages: countOf('stages'), pieces: countOf('piece') };
}

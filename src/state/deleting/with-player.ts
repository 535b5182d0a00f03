import { type OfKind, recordsOfPlayer } from '../../storage/deleting/index.ts';
import type { WithPlayer } from '../../words/kept/deleted.ts';

/** Counts what goes with a player who is deleted, and the pieces that may go too. */
export async function countWithPlayer(playerId: string): Promise<WithPlayer> {
  return countKinds(await recordsOfPlayer(playerId));
}

/** Counts the records of a player by what they are; a day of the log may lie on several pages. */
export function countKinds(all: readonly OfKind[]): WithPlayer {
  const countOf = (kind: OfKind['kind']): number => all.filter((one) => one.kind === kind).length;
  const days = new Set(all.flatMap(({ record: { document } }) => ('entries' in document ? [document.day] : [])));
  return { days: days.size, sessions: countOf('session'), weeks: countOf('week'), stages: countOf('stages'), pieces: countOf('piece') };
}

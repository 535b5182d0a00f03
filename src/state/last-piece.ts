import { PIECES_USING, readStored } from './reading/index.ts';

/** Finds the piece of a player that was changed last, by id; null where there is none, and for nobody of the studio. */
export async function lastPieceOf(playerId: string | null): Promise<string | null> {
  if (playerId === null) return null;
  const pieces = await readStored(PIECES_USING, 'playerId', playerId);
  const [last] = pieces.toSorted((one, other) => other.updatedAt - one.updatedAt);
  return last?.id ?? null;
}

import { switchPiece } from '../../state/bench/index.ts';
import { taughtNow } from '../../state/taught.ts';

/**
 * Puts another piece on the bench without leaving the page; with null a new one, for the player who is taught. The address follows, and
 * "back" returns.
 */
export async function openOnBench(id: string | null): Promise<void> {
  const opened = await switchPiece(id);
  if (id === null) await giveToTaught();
  const address = new URL(location.href);
  address.searchParams.set('piece', opened);
  history.pushState(null, '', address);
}

/** Gives the new piece on the bench to the player who is taught, if one is. */
export async function giveToTaught(): Promise<void> {
  const player = taughtNow();
  if (player !== null) (await import('../../state/edits/new-for-player.ts')).giveNewPieceTo(player);
}

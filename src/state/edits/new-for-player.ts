import { givePieceTo } from './brief-actions.ts';
import { studioStore } from '../studio.ts';
import { forgetHistory } from '../bench/index.ts';

/** Gives the new piece on the bench to a player of the studio; a player who is not there any more changes nothing. */
export function giveNewPieceTo(playerId: string): void {
  const player = studioStore.getState().players.find(({ id }) => id === playerId);
  if (!player) return;
  givePieceTo(player);
  forgetHistory();
}

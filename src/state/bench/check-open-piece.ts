import { checkRecord } from '../../storage/reading/index.ts';
import { OF_NEWER, SET_ASIDE } from '../../words/kept/storage.ts';
import { say } from '../notices.ts';
import { newPiece } from './work-actions.ts';
import { workStore } from './work.ts';

/**
 * Checks the piece on the bench once it is drawn; a damaged one was set aside, and a new one takes its place. One that a newer version has
 * written meanwhile stays on the bench, and nothing is written over it.
 */
export async function checkOpenPiece(): Promise<void> {
  const { pieceId } = workStore.getState();
  // A piece that cannot be read at all was reported when it was opened.
  const checked = pieceId === null ? 'reads' : await checkRecord(pieceId).catch(() => 'reads' as const);
  if (checked === 'set aside') newPiece();
  if (checked !== 'reads') say(checked === 'set aside' ? SET_ASIDE : OF_NEWER);
}

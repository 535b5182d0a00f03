import { checkRecord } from '../../storage/reading/index.ts';
import { SET_ASIDE } from '../../words/kept/storage.ts';
import { say } from '../notices.ts';
import { newPiece } from './work-actions.ts';
import { workStore } from './work.ts';

/** Checks the piece on the bench once it is drawn; a damaged one was set aside, and a new one takes its place. */
export async function checkOpenPiece(): Promise<void> {
  const { pieceId } = workStore.getState();
  // A piece that cannot be read at all was reported when it was opened.
  if (pieceId === null || (await checkRecord(pieceId).catch(() => true))) return;
  newPiece();
  say(SET_ASIDE);
}

import { engine } from '../../engine/index.ts';
import { type GivenToPupil, piecesIn } from '../exchange/index.ts';
import { loadPiece } from '../../storage/reading/index.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';

/** Names those pieces of something given that this pupil cannot play as they are: no hand reaches them within the known positions. */
export async function unplayableIn(given: GivenToPupil): Promise<readonly string[]> {
  const names: string[] = [];
  for (const id of piecesIn(given)) {
    const piece = await loadPiece(id);
    if (piece && !(await engine.plan(piece.document.brief)).ok) names.push(pieceTitle(piece.document));
  }
  return names;
}

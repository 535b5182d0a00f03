import type { Passage } from '#core/books';
import { lineTextOf } from '#core/brief/lines';
import { newPieceRecord } from '../../records/new-records.ts';
import { NOTHING_ALONG, pieceOf } from '../../records/piece-documents.ts';
import type { PieceRecord } from '../../records/record.ts';
import { workStore } from '../bench/index.ts';
import { keepOrThrow } from '../keeping/index.ts';
import { excerptOf } from './place-in-book.ts';

/**
 * Keeps some measures of a piece of a book as a piece of the player on the bench. Gives its id.
 *
 * @throws a sentence where it could not be kept
 */
export async function keepPassage({ brief }: Passage, from: PieceRecord, title: string): Promise<string> {
  const { instrumentId, playerId, schoolId } = workStore.getState();
  const along = { ...NOTHING_ALONG, inBook: excerptOf(from.document.inBook) };
  const record = newPieceRecord(pieceOf(title.slice(0, 120), brief, lineTextOf(brief), along), false, { instrumentId, playerId, schoolId });
  return (await keepOrThrow('piece', record)).record.id;
}

import { dequal } from 'dequal';
import type { Brief } from '#core/brief';
import { lineTextOf } from '#core/brief/lines';
import type { DrillRequest } from '#core/drill/families';
import { newPieceRecord } from '../../records/new-records.ts';
import { pieceOf } from '../../records/piece-documents.ts';
import type { PieceRecord } from '../../records/record.ts';
import { drillTitle } from '../../words/drills/families.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { workStore } from '../bench/index.ts';
import { excerptOf } from '../books/index.ts';
import { keepOrThrow } from '../keeping/index.ts';
import { PIECES, readStored } from '../reading/index.ts';

/** A drill that was written for the piece on the bench, to be kept as a piece. */
export interface DrillToKeep {
  /** The brief of the drill as it is written. */
  readonly brief: Brief;
  readonly request: DrillRequest;
  /** The note of the piece that called for it; null for none. */
  readonly note: number | null;
}

/**
 * Keeps a drill as a piece of the player for whom it is written; one that was kept before is that piece.
 *
 * @throws a sentence where it could not be kept
 */
export async function keepDrill({ brief, request, note }: DrillToKeep): Promise<PieceRecord> {
  const work = workStore.getState();
  const { instrumentId, playerId, schoolId, inBook } = work;
  const { records } = await readStored(PIECES);
  const before = records.find(
    (record) => record.playerId === playerId && dequal(record.document.drill?.request, request) && dequal(record.document.brief, brief),
  );
  if (before) return before;
  const drill = { request, piece: pieceTitle(work).slice(0, 120), ...(note === null ? {} : { note }) };
  // A loop has the notes of the piece, and a drill for one of its notes may lead into its measures; others have music of ours alone.
  const hasItsMusic = request.asks.family === 'loop' || note !== null;
  const along = { tags: ['drill'], drill, inBook: hasItsMusic ? excerptOf(inBook) : null, sheet: null };
  const document = pieceOf(drillTitle(request).slice(0, 120), brief, lineTextOf(brief), along);
  const record = newPieceRecord(document, false, { instrumentId, playerId, schoolId });
  return (await keepOrThrow('piece', record)).record;
}

import type { BookDocument, InstrumentDocument, Piece, PlayerDocument, SchoolDocument } from '#core/documents';
import { newId, THIS_TAB } from './this-tab.ts';
import type { BookRecord, InstrumentRecord, PieceRecord, PlayerRecord, SchoolRecord, Uses } from './record.ts';

/** The links of a piece that uses nothing of the studio. */
export const NOTHING_USED: Uses = { instrumentId: null, playerId: null, schoolId: null };

/** Makes a record of a piece. */
export function newPieceRecord(document: Piece, demo = false, { instrumentId, playerId, schoolId }: Uses = NOTHING_USED): PieceRecord {
  return { ...fresh(demo), document, instrumentId, playerId, schoolId, changed: null };
}

/** Makes a record of an instrument. */
export function newInstrument(document: InstrumentDocument, demo = false): InstrumentRecord {
  return { ...fresh(demo), document };
}

/** Makes a record of a player, with the instrument this player has and the school this player follows. */
export function newPlayer(
  document: PlayerDocument,
  { instrumentId, schoolId }: Pick<Uses, 'instrumentId' | 'schoolId'>,
  demo = false,
): PlayerRecord {
  return { ...fresh(demo), document, instrumentId, schoolId };
}

/** Makes a record of a school. */
export function newSchool(document: SchoolDocument, demo = false): SchoolRecord {
  return { ...fresh(demo), document };
}

/** Makes a record of a book. */
export function newBook(document: BookDocument): BookRecord {
  return { ...fresh(false), document };
}

/** Makes the fields with which every new record begins. */
export function fresh(demo: boolean): Omit<SchoolRecord, 'document'> {
  const now = Date.now();
  return { id: newId(), createdAt: now, updatedAt: now, demo, revision: 0, writtenBy: THIS_TAB };
}

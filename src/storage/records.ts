import type { DocumentName, InstrumentDocument, Piece, PlayerDocument, SchoolDocument, StagesDocument } from '#core/documents';
import { newId, THIS_TAB } from './tab.ts';
import {
  type InstrumentRecord,
  type PieceRecord,
  type PlayerRecord,
  type RecordOf,
  type SchoolRecord,
  type StagesRecord,
  type Uses,
} from './database.ts';

/** What became of a write; what went wrong is told for people. */
export type SaveOutcome = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** What became of a record: as it was written, joined with what another page had written since `base`. */
export type RecordOutcome<Name extends DocumentName> =
  { readonly ok: true; readonly record: RecordOf<Name>; readonly joined: boolean } | { readonly ok: false; readonly message: string };

/** A piece that uses nothing of the studio. */
export const NOTHING_USED: Uses = { instrumentId: null, playerId: null, schoolId: null };

/** A new record of a piece. */
export function newPieceRecord(document: Piece, demo = false, uses: Uses = NOTHING_USED): PieceRecord {
  return { ...fresh(demo), document, ...uses, changed: null };
}

/** A new record of an instrument. */
export function newInstrument(document: InstrumentDocument, demo = false): InstrumentRecord {
  return { ...fresh(demo), document };
}

/** A new record of a player, with the instrument this player has and the school this player follows. */
export function newPlayer(
  document: PlayerDocument,
  { instrumentId, schoolId }: Pick<Uses, 'instrumentId' | 'schoolId'>,
  demo = false,
): PlayerRecord {
  return { ...fresh(demo), document, instrumentId, schoolId };
}

/** A new record of how far a player is with shifts: there is one for each player, and it goes by the player wherever it is written. */
export function newStages(document: StagesDocument, playerId: string | null): StagesRecord {
  return { ...fresh(false), id: `stages-${playerId ?? 'nobody'}`, document, playerId };
}

/** A new record of a school. */
export function newSchool(document: SchoolDocument, demo = false): SchoolRecord {
  return { ...fresh(demo), document };
}

/** What every new record begins with. */
export function fresh(demo: boolean): Omit<SchoolRecord, 'document'> {
  const now = Date.now();
  return { id: newId(), createdAt: now, updatedAt: now, demo, revision: 0, writtenBy: THIS_TAB };
}

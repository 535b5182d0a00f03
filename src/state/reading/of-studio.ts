import type { Uses, PieceRecord } from '../../records/record.ts';
import type { Studio } from '../../records/studio.ts';
import {
  loadNewest,
  loadPiece,
  loadPieces,
  loadStoredPieces,
  loadStudio,
  type PieceList,
  piecesUsing,
} from '../../storage/reading/index.ts';
import type { StoredQuery } from './queries.ts';

/** Reads the instruments, players and schools of the studio. */
export const STUDIO: StoredQuery<[], Studio> = { read: loadStudio };

export type { PieceList };

/** Reads a number of pieces that were changed last: those with which a list begins. */
export const NEWEST_PIECES: StoredQuery<[most: number], PieceList> = { read: loadNewest };

/** Reads all pieces that can be read, the last changed first, and counts those that cannot. */
export const PIECES: StoredQuery<[], PieceList> = { read: loadPieces };

/** Reads all pieces as they are stored, unchecked: enough to name them. */
export const STORED_PIECES: StoredQuery<[], readonly PieceRecord[]> = { read: loadStoredPieces };

/** Reads the piece of an id; null where there is none. */
export const PIECE: StoredQuery<[id: string | null], PieceRecord | null> = {
  read: async (id) => (id === null ? null : await loadPiece(id)),
};

/** Reads the pieces that use an instrument, are for a player, or follow a school. */
export const PIECES_USING: StoredQuery<[field: keyof Uses, id: string], readonly PieceRecord[]> = { read: piecesUsing };

/** The studio with its pieces, the last changed first. */
export interface StudioWithPieces extends Studio {
  readonly pieces: readonly PieceRecord[];
}

/** Reads the studio with its pieces. */
export const STUDIO_WITH_PIECES: StoredQuery<[], StudioWithPieces> = {
  read: async () => {
    const [studio, { records }] = await Promise.all([loadStudio(), loadPieces()]);
    return { ...studio, pieces: records };
  },
};

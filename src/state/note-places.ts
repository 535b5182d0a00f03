import { createContext, useContext, useMemo } from 'react';
import { answerOf } from '../engine/index.ts';
import type { PieceRecord } from '../records/record.ts';
import { tellNotesOfBrief, tellsNothing, type TellNote } from '../words/line/note-places.ts';
import { PIECES, useStored } from './reading/index.ts';

/** Makes what tells the notes of some pieces by measure, beat and pitch. */
export function tellerOf(pieces: readonly PieceRecord[]): TellNote {
  const byId = new Map(pieces.map(({ id, document }) => [id, tellNotesOfBrief(document.brief)]));
  return (piece, note) => byId.get(piece)?.(note) ?? null;
}

/** The teller of notes that a page provides to all its parts, so that the pieces are read once; null where it provides none. */
export const TellNoteHere = createContext<TellNote | null>(null);

/** Gives what tells the notes of the pieces of the studio, as they are now; it knows none until they are read. */
export function useTellNote(): TellNote {
  const here = useContext(TellNoteHere);
  const list = answerOf(useStored(here === null ? PIECES : null));
  return useMemo(() => here ?? (list ? tellerOf(list.records) : tellsNothing), [here, list]);
}

/** Gives what tells the notes of pieces that are read already. */
export function useTellerOf(pieces: readonly PieceRecord[]): TellNote {
  return useMemo(() => tellerOf(pieces), [pieces]);
}

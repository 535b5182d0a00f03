import { useMemo } from 'react';
import { answerOf } from '../engine/index.ts';
import type { PieceRecord } from '../records/record.ts';
import { tellNotesOfBrief, tellsNothing, type TellNote } from '../words/line/note-places.ts';
import { PIECES, useStored } from './reading/index.ts';

/** Makes what tells the notes of some pieces by measure, beat and pitch. */
export function tellerOf(pieces: readonly PieceRecord[]): TellNote {
  const byId = new Map(pieces.map(({ id, document }) => [id, tellNotesOfBrief(document.brief)]));
  return (piece, note) => byId.get(piece)?.(note) ?? null;
}

/** Gives what tells the notes of the pieces of the studio, as they are now; it knows none until they are read. */
export function useTellNote(): TellNote {
  const list = answerOf(useStored(PIECES));
  return useMemo(() => (list ? tellerOf(list.records) : tellsNothing), [list]);
}

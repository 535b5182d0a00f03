import { useMemo } from 'react';
import { readMaterial } from '#core/brief/parts/materials';
import type { Line } from '#core/material/line';
import { answerOf } from '../engine/index.ts';
import type { PieceRecord } from '../records/record.ts';
import { tellNotesOf, tellsNothing, type TellNote } from '../words/line/note-places.ts';
import { PIECES, useStored } from './reading/index.ts';

/** Makes what tells the notes of some pieces by measure, beat and pitch. A line is written out with the first of its notes. */
export function tellerOf(pieces: readonly PieceRecord[]): TellNote {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const lines = new Map<string, Line | null>();
  const lineOf = (id: string): Line | null => {
    const known = lines.get(id);
    if (known !== undefined) return known;
    const brief = byId.get(id)?.document.brief;
    const line = brief ? readMaterial(brief.material, brief.rhythm) : null;
    const read = line?.ok === true ? line.value : null;
    lines.set(id, read);
    return read;
  };
  return (piece, note) => {
    const line = lineOf(piece);
    const kind = byId.get(piece)?.document.brief.instrument.kind;
    return line && kind ? tellNotesOf(line, kind)(note) : null;
  };
}

/** Gives what tells the notes of the pieces of the studio, as they are now; it knows none until they are read. */
export function useTellNote(): TellNote {
  const list = answerOf(useStored(PIECES));
  return useMemo(() => (list ? tellerOf(list.records) : tellsNothing), [list]);
}

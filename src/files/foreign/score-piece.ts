import { lineTextOf } from '#core/brief/lines';
import { DOCUMENT_KINDS, withHead, type Piece } from '#core/documents';
import { allOf, firstPart, type ForeignScore, foreignPiece, type ImportChoice, type LeftOutCount } from '#core/format/foreign';
import type { Reading } from '#core/result';
import { readAs } from '../../validation/documents.ts';

/** A piece made from a score, and the things that were left out of it. */
export interface ScorePiece {
  readonly piece: Piece;
  readonly leftOut: LeftOutCount;
}

/**
 * Makes the choice from a score before the teacher chooses: all of the first part in which something sounds, for its instrument, its
 * fingers locked.
 */
export function firstChoice(score: ForeignScore): ImportChoice {
  const part = firstPart(score);
  return { ...allOf(score, part), kind: score.parts[part]?.kind ?? 'violin', octaves: 0, fingerings: 'locked' };
}

/** Makes a piece of the chosen music of a score; `name` is used where the score has no title. */
export async function scorePiece(score: ForeignScore, choice: ImportChoice, name: string): Promise<Reading<ScorePiece>> {
  const reading = foreignPiece(score, choice);
  if (!reading.ok) return reading;
  const { brief, leftOut } = reading.value;
  const title = (score.title ?? name).trim().slice(0, 120);
  const piece = await readAs('piece', withHead(DOCUMENT_KINDS.piece, { name: title, brief, lineText: lineTextOf(brief) }));
  return piece.ok ? { ok: true, value: { piece: piece.value, leftOut } } : piece;
}

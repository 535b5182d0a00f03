import { DOCUMENT_KINDS, type InstrumentSheet, type Piece, type PlayerSheet } from '#core/documents';
import type { Reading } from '#core/result';
import { readFileText } from '../validation/documents.ts';

/** Reads a piece from a file's text. */
export async function readPieceFile(text: string): Promise<Reading<Piece>> {
  return await readFileText('piece', text);
}

/** Reads an instrument or a player from a file's text; what it is, the file says. */
export async function readStudioFile(text: string): Promise<Reading<InstrumentSheet> | Reading<PlayerSheet>> {
  return text.includes(DOCUMENT_KINDS.player.format) ? await readFileText('player', text) : await readFileText('instrument', text);
}

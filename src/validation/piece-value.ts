import type { Piece } from '#core/format';
import type { Reading } from '#core/reading';
import { validate } from './compiled/piece.js';
import { readValue } from './read-value.ts';

/** Reads a value as a piece. */
export function readPieceValue(value: unknown): Reading<Piece> {
  return readValue(validate, value);
}

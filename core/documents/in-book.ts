import type { Piece } from './registry.ts';

/** Tells whether a piece stands in a book, rather than being of none, or something that was taken out of one. */
export function standsInBook({ inBook }: Pick<Piece, 'inBook'>): boolean {
  return inBook !== undefined && inBook.excerpt !== true;
}

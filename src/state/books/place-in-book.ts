import type { PlaceInBook } from '../../records/piece-documents.ts';
import type { PieceRecord } from '../../records/record.ts';

/** Puts a piece in a book, or, with null, takes it out. */
export function withPlace(record: PieceRecord, inBook: PlaceInBook | null): PieceRecord {
  const { inBook: _, ...document } = record.document;
  return { ...record, document: { ...document, ...(inBook ? { inBook } : {}) }, updatedAt: Date.now() };
}

/** Gives the place of something that was taken out of a piece: it is of the same book; null where the piece is of none. */
export function excerptOf(inBook: PlaceInBook | null | undefined): PlaceInBook | null {
  return inBook ? { ...inBook, excerpt: true } : null;
}

const IN_ORDER = new Intl.Collator(undefined, { numeric: true });

/** Sorts the pieces of a book by their numbers, then by page and name; those without a number come last. */
export function inBookOrder(pieces: readonly PieceRecord[]): readonly PieceRecord[] {
  return pieces.toSorted((one, other) => {
    const [first, second] = [one.document, other.document];
    const [number, otherNumber] = [first.inBook?.number ?? '', second.inBook?.number ?? ''];
    if ((number === '') !== (otherNumber === '')) return number === '' ? 1 : -1;
    return (
      IN_ORDER.compare(number, otherNumber) ||
      (first.inBook?.page ?? Infinity) - (second.inBook?.page ?? Infinity) ||
      IN_ORDER.compare(first.name, second.name)
    );
  });
}

/** Gives the numbers for pieces that come into a book: those in their names where every name has one, else those after the last. */
export function numbersFor(names: readonly string[], there: readonly PieceRecord[]): readonly string[] {
  const named = names.map((name) => /\d+/.exec(name)?.[0]);
  const taken = new Set(there.map(({ document }) => document.inBook?.number));
  const isAllNamed = named.every((number) => number !== undefined && !taken.has(number)) && new Set(named).size === names.length;
  const last = there.reduce((most, { document }) => Math.max(most, Number.parseInt(document.inBook?.number ?? '', 10) || 0), 0);
  return names.map((_, order) => (isAllNamed ? (named[order] ?? '') : String(last + order + 1)));
}

import { standsInBook } from '#core/documents';
import type { PieceOfBook } from '#core/books';
import type { InstrumentKind } from '#core/instrument';
import { answerOf, type Asked } from '../../../engine/index.ts';
import type { PieceRecord } from '../../../records/record.ts';
import { BOOKS, useFactsOfPieces } from '../../../state/books/index.ts';
import { useStored } from '../../../state/reading/index.ts';
import { pieceTitle } from '../../../words/piece/pieces.ts';
import { BOOKS_PAGE, bookPlaceText } from '../../../words/studio/books.ts';

/** The pieces of the teacher’s books for one instrument, as they are read. */
export interface BooksHere {
  /** The pieces with the facts by which they are found. */
  readonly facts: Asked<readonly PieceOfBook[]>;
  /** The number of pieces that are read. */
  readonly done: number;
  /** The number of all pieces of the books. */
  readonly all: number;
  /** Finds a piece by its id. */
  readonly pieceOf: (id: string) => PieceRecord | undefined;
  /** Tells where a piece stands: "Scales and studies, No. 12, page 34: Etude in D". */
  readonly nameOf: (id: string) => string;
}

/** Reads the books for an instrument; the piece in hand is not looked for in itself, nor is what was taken out of a book. */
export function useBooks(kind: InstrumentKind, pieceId: string | null): BooksHere {
  const stored = useStored(BOOKS);
  const there = answerOf(stored);
  const pieces = there?.pieces.filter(
    ({ id, document }) => id !== pieceId && document.brief.instrument.kind === kind && standsInBook(document),
  );
  const { asked, done } = useFactsOfPieces(pieces ?? null);
  const pieceOf = (id: string): PieceRecord | undefined => pieces?.find((piece) => piece.id === id);
  return {
    facts: stored.state === 'failed' ? stored : asked,
    done,
    all: pieces?.length ?? 0,
    pieceOf,
    nameOf: (id) => {
      const document = pieceOf(id)?.document;
      if (!document?.inBook) return '';
      const book = there?.books.find((book) => book.id === document.inBook?.book)?.document.name;
      return `${bookPlaceText(book ?? BOOKS_PAGE.elsewhereBook, document.inBook)}: ${pieceTitle(document)}`;
    },
  };
}

import { countText } from '#core/messages';
import type { BookRecord, PieceRecord } from '../../records/record.ts';
import { Button } from '../../ui/Button.tsx';
import { Plus } from '../../ui/icons.ts';
import { ListEntries } from '../parts/index.ts';
import { BOOKS_PAGE } from '../../words/studio/books.ts';

interface BookListProps {
  readonly books: readonly BookRecord[];
  readonly pieces: readonly PieceRecord[];
  /** The choice of the pieces whose book is not here, and their number; null where there are none. */
  readonly lost: { readonly id: string; readonly count: number } | null;
  /** The id of the book that is open. */
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
  readonly onNew: () => void;
}

/** Lists the books, each to be opened. */
export function BookList({ books, pieces, lost, chosen, onChoose, onNew }: BookListProps) {
  const entries = [
    ...books.map(({ id, document }) => ({
      id,
      name: document.name || BOOKS_PAGE.unnamed,
      what: countPieces(pieces.filter((piece) => piece.document.inBook?.book === id).length),
    })),
    ...(lost ? [{ id: lost.id, name: BOOKS_PAGE.elsewhere, what: countPieces(lost.count) }] : []),
  ];
  return (
    <nav aria-label={BOOKS_PAGE.title}>
      <Button onClick={onNew}>
        <Plus size={14} aria-hidden="true" /> {BOOKS_PAGE.add}
      </Button>
      <ListEntries entries={entries} chosen={chosen} onChoose={onChoose} />
    </nav>
  );
}

function countPieces(count: number): string {
  return countText(count, 'piece', 'pieces');
}

import { parseAsString, useQueryState } from 'nuqs';
import { useState } from 'react';
import { DOCUMENT_KINDS, withHead, standsInBook } from '#core/documents';
import { newBook } from '../../records/new-records.ts';
import type { BookRecord, PieceRecord } from '../../records/record.ts';
import { byName } from '../../records/studio.ts';
import { BOOKS, inBookOrder, numbersFor } from '../../state/books/index.ts';
import type { BringBack, TheirPieces } from '../../state/deleting/index.ts';
import { useRecords, useStored } from '../../state/reading/index.ts';
import { Button } from '../../ui/Button.tsx';
import { FormAgain } from '../../ui/fields/index.ts';
import { NextSteps, PageSteps } from '../../ui/NextSteps.tsx';
import { Answered, EmptyState, guardIsland, Notice, Question } from '../../ui/states/index.ts';
import { BROUGHT_BACK_UNDER, deletedText } from '../../words/kept/deleted.ts';
import { broughtInText } from '../../words/line/brought-in.ts';
import { BOOKS_PAGE, deleteBookText } from '../../words/studio/books.ts';
import { Addressed, KeptNotices, PageShell } from '../frame/index.ts';
import { BringIn, type BroughtIn } from '../pieces/bring-in/BringIn.tsx';
import { BookFields } from './BookFields.tsx';
import { BookList } from './BookList.tsx';
import { PiecesOfBook } from './PiecesOfBook.tsx';

/** Shows the teacher’s own books: etudes and pieces that were brought in, and what the finder reads in them. */
export const Books = guardIsland(GuardedBooks);

function GuardedBooks() {
  return (
    <Addressed>
      <PageShell current="Books" title={BOOKS_PAGE.title}>
        <Answered asked={useStored(BOOKS)}>
          {({ pieces }) => <BooksWith pieces={pieces.filter(({ document }) => standsInBook(document))} />}
        </Answered>
      </PageShell>
    </Addressed>
  );
}

/** The books as the page shows them, with the actions on them. */
function useBooks() {
  const kept = useRecords({ name: 'book', of: '', belongs: all });
  const [chosen, choose] = useQueryState('book', parseAsString);
  const [deleted, setDeleted] = useState<{ readonly book: BookRecord; readonly bringBack: BringBack } | null>(null);
  const add = (): void => {
    const record = newBook(withHead(DOCUMENT_KINDS.book, { name: '' }));
    kept.keep(record, null);
    void choose(record.id);
  };
  const remove = async (book: BookRecord, theirPieces: TheirPieces): Promise<void> => {
    const bringBack = await kept.remove(book.id, theirPieces);
    setDeleted(bringBack && { book, bringBack });
    void choose(null);
  };
  const undelete = (): void => {
    if (!deleted) return;
    setDeleted(null);
    void deleted.bringBack().then(() => choose(deleted.book.id));
  };
  return { ...kept, books: kept.records?.toSorted(byName) ?? null, chosen, choose, add, remove, deleted, undelete };
}

const all = (): boolean => true;

/** The choice of the pieces whose book is not here. */
const ELSEWHERE = 'elsewhere';

/** Finds what is open: a book, or the pieces whose book is not here; null where there is neither. */
function whatIsOpen(books: readonly BookRecord[], hasLost: boolean, chosen: string | null): BookRecord | typeof ELSEWHERE | null {
  if (hasLost && (chosen === ELSEWHERE || books.length === 0)) return ELSEWHERE;
  return books.find(({ id }) => id === chosen) ?? books[0] ?? null;
}

function BooksWith({ pieces }: { readonly pieces: readonly PieceRecord[] }) {
  const kept = useBooks();
  const { books, chosen, deleted, undelete, trouble, elsewhere } = kept;
  if (!books) return null;
  const lost = pieces.filter(({ document }) => !books.some(({ id }) => id === document.inBook?.book));
  const open = whatIsOpen(books, lost.length > 0, chosen);
  return (
    <>
      <div role="status" aria-label="Messages">
        <KeptNotices trouble={trouble} elsewhere={elsewhere} />
        {deleted && (
          <Notice className="mt-3 flex items-center gap-3">
            {deletedText(deleted.book.document.name || BOOKS_PAGE.unnamed)} {BROUGHT_BACK_UNDER}
            <Button onClick={undelete}>Undo</Button>
          </Notice>
        )}
      </div>
      {open === null ? <NoBook onNew={kept.add} /> : <Shelf kept={{ ...kept, books }} open={open} pieces={pieces} lost={lost} />}
    </>
  );
}

interface ShelfProps {
  readonly kept: ReturnType<typeof useBooks> & { readonly books: readonly BookRecord[] };
  readonly open: BookRecord | typeof ELSEWHERE;
  readonly pieces: readonly PieceRecord[];
  /** The pieces whose book is not here. */
  readonly lost: readonly PieceRecord[];
}

/** Lists the books beside the one that is open. */
function Shelf({ kept, open, pieces, lost }: ShelfProps) {
  const { books, choose, add, keep, remove, elsewhere } = kept;
  return (
    <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 md:grid-cols-[232px_minmax(0,1fr)]">
      <BookList
        books={books}
        pieces={pieces}
        lost={lost.length > 0 ? { id: ELSEWHERE, count: lost.length } : null}
        chosen={open === ELSEWHERE ? ELSEWHERE : open.id}
        onChoose={(id) => void choose(id)}
        onNew={add}
      />
      {open === ELSEWHERE ? (
        <section aria-label={BOOKS_PAGE.elsewhere} className="min-w-0">
          <p className="max-w-[70ch] text-dove-dark">{BOOKS_PAGE.elsewhereText}</p>
          <PiecesOfBook pieces={inBookOrder(lost)} />
        </section>
      ) : (
        <FormAgain key={open.id} times={elsewhere.timesOf(open.id)} value={open}>
          {(shown) => (
            <OneBook
              book={shown}
              pieces={inBookOrder(pieces.filter(({ document }) => document.inBook?.book === open.id))}
              onKeep={(next) => keep(next, shown)}
              onDelete={(theirPieces) => void remove(open, theirPieces)}
            />
          )}
        </FormAgain>
      )}
    </div>
  );
}

function NoBook({ onNew }: { readonly onNew: () => void }) {
  return (
    <div className="mt-6">
      <EmptyState title={BOOKS_PAGE.empty}>{BOOKS_PAGE.emptyText}</EmptyState>
      <NextSteps>
        <Button onClick={onNew}>{BOOKS_PAGE.add}</Button>
      </NextSteps>
    </div>
  );
}

interface OneBookProps {
  readonly book: BookRecord;
  /** The pieces of the book, in its order. */
  readonly pieces: readonly PieceRecord[];
  readonly onKeep: (next: BookRecord) => void;
  readonly onDelete: (theirPieces: TheirPieces) => void;
}

function OneBook({ book, pieces, onKeep, onDelete }: OneBookProps) {
  const [brought, setBrought] = useState<BroughtIn | null>(null);
  const [isAsked, setIsAsked] = useState(false);
  const placesFor = (names: readonly string[]) => numbersFor(names, pieces).map((number) => ({ book: book.id, number }));
  return (
    <BringIn onBrought={setBrought} placesFor={placesFor}>
      {(openFiles) => (
        <section aria-label={book.document.name || BOOKS_PAGE.unnamed} className="min-w-0">
          <PageSteps>
            {openFiles}
            <Button onClick={() => (pieces.length === 0 ? onDelete('kept') : setIsAsked(true))}>Delete this book</Button>
          </PageSteps>
          <div role="status" aria-label="Brought in">
            {brought && brought.ids.length > 0 && <Notice className="mb-3">{broughtInText(brought.ids.length)}</Notice>}
            {brought && brought.troubles.length > 0 && (
              <Notice className="mb-3" trouble>
                {brought.troubles.join(' ')}
              </Notice>
            )}
          </div>
          {isAsked && (
            <Question
              className="mb-3"
              leave={BOOKS_PAGE.keepBook}
              onLeave={() => setIsAsked(false)}
              answers={[
                { label: BOOKS_PAGE.deleteBook, onGiven: () => onDelete('kept') },
                { label: BOOKS_PAGE.deleteAll, onGiven: () => onDelete('deleted') },
              ]}
            >
              {deleteBookText(book.document.name, pieces.length)}
            </Question>
          )}
          <BookFields book={book} onKeep={onKeep} />
          {pieces.length === 0 ? (
            <p className="mt-3 max-w-[70ch] text-dove-dark">{BOOKS_PAGE.noPieces}</p>
          ) : (
            <PiecesOfBook pieces={pieces} />
          )}
        </section>
      )}
    </BringIn>
  );
}

import type { BookRecord, PieceRecord, SessionRecord, WeekRecord } from '../../records/record.ts';

/** The pieces that do not go to pupils: those of a book whose music may not be given on, or that is not here to say so. */
export function piecesThatStay(pieces: readonly PieceRecord[], books: readonly BookRecord[]): readonly PieceRecord[] {
  const given = new Set(books.filter(({ document }) => document.mayBeGiven === true).map(({ id }) => id));
  return pieces.filter(({ document: { inBook } }) => inBook !== undefined && !given.has(inBook.book));
}

/** The week and the sessions of a pupil. */
interface Practice {
  readonly week: WeekRecord | null;
  readonly sessions: readonly SessionRecord[];
}

/** Leaves some pieces (by id) out of what a pupil practises; a week or a session with nothing left is left out, too. */
export function withoutPieces<Given extends Practice>(given: Given, pieces: ReadonlySet<string>): Given {
  if (pieces.size === 0) return given;
  const { week } = given;
  const items = week?.document.items.filter(({ item }) => !pieces.has(item.practised.piece)) ?? [];
  const sessions = given.sessions.map((session): SessionRecord => {
    const left = session.document.items.filter(({ practised }) => !pieces.has(practised.piece));
    return { ...session, document: { ...session.document, items: left } };
  });
  return {
    ...given,
    week: week && items.length > 0 ? { ...week, document: { ...week.document, items } } : null,
    sessions: sessions.filter(({ document }) => document.items.length > 0),
  };
}

/** Gives a piece as a pupil gets it: the book it is from is the teacher’s, not the pupil’s. */
export function forPupil(record: PieceRecord): PieceRecord {
  const { inBook: _, ...document } = record.document;
  return { ...record, document };
}

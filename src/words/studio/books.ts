import { countText, positionShort } from '#core/messages';
import type { PieceFacts } from '#core/drill/finder';
import type { IndexEntry } from '#core/books';
import { keyLabel } from '#core/key';

/** The words of the page of books. */
export const BOOKS_PAGE = {
  title: 'Books',
  empty: 'Your own books',
  emptyText:
    'Bring in etudes and pieces that you have as files: they are kept here with their numbers and pages. Drills then finds the measure in them that comes nearest to a shift, and what to play before a piece. The music stays in this browser.',
  add: 'New book',
  unnamed: 'Unnamed book',
  name: 'Name',
  about: 'About it',
  aboutHint: 'for whom, and what you use it for',
  mayBeGiven: 'Its music may go to pupils in assignments',
  mayBeGivenHint: 'Leave this off for music that may not be copied: whatever comes from this book then stays out of assignments.',
  noPieces: 'There is nothing in this book yet. Open its files here, or drop them on the page: MusicXML, MIDI, or pieces saved here.',
  elsewhere: 'Books not in this browser',
  elsewhereBook: 'A book not in this browser',
  elsewhereText:
    'These pieces came from a book that is not in this browser. They stay out of assignments until you take them out of the book.',
  takeOut: 'Take out',
  unplayed: 'no fingering',
  columns: ['No.', 'Name', 'Page', 'Key', 'Positions', 'Shifts', 'The hand'],
  index: 'What is in it',
  indexColumns: ['What', 'Where', 'How often'],
  keepBook: 'Keep the book',
  deleteBook: 'Delete the book, keep its pieces',
  deleteAll: 'Delete the book and its pieces',
} as const;

/** Asks before a book with pieces is deleted. */
export function deleteBookText(name: string, pieces: number): string {
  return `“${name || BOOKS_PAGE.unnamed}” has ${countText(pieces, 'piece', 'pieces')}. Those you keep no longer belong to a book, and may go to pupils.`;
}

/** Tells how many pieces of a book are read for the finder. */
export function readText(done: number, all: number): string {
  return done < all ? `${done} of ${countText(all, 'piece', 'pieces')} read so far.` : `${countText(all, 'piece', 'pieces')}.`;
}

/** Writes the keys of a piece: "D major, A major". */
export function keysText({ byKey }: PieceFacts): string {
  return byKey.map(({ name }) => keyLabel(name)).join(', ');
}

/** Writes the positions of a piece in short, in the order of those of its hand, from the nut up: "1st, 3rd". */
export function positionsText({ byPosition }: PieceFacts, ofHand: readonly string[]): string {
  const fromNut = byPosition.map(({ name }) => name).toSorted((one, other) => ofHand.indexOf(one) - ofHand.indexOf(other));
  return fromNut.map((label) => positionShort({ label, alteration: null })).join(', ');
}

/** Writes how often something is met in a book: "14 shifts", "203 notes". */
export function timesText({ need, times }: IndexEntry): string {
  return need.need === 'shift' ? countText(times, 'shift', 'shifts') : countText(times, 'note', 'notes');
}

/** Writes where a piece stands in a book: "Scales and studies, No. 12, page 34". */
export function bookPlaceText(
  book: string,
  { number, page }: { readonly number?: string | undefined; readonly page?: number | undefined },
): string {
  return [book || BOOKS_PAGE.unnamed, ...(number ? [`No. ${number}`] : []), ...(page ? [`page ${page}`] : [])].join(', ');
}

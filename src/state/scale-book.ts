import { create } from 'zustand';
import { OCTAVE_COUNTS } from '#core/brief/parts/materials';
import { DIRECTIONS } from '#core/material/scale';
import { type Paper, PAPER_NAMES } from '#core/paper';
import { PRINT_SIZES, type PrintSize } from '#core/paper/choices';
import { ALL_KEYS, BOOK_KINDS, KEY_ORDERS, MINOR_FORMS, type ScaleBook } from '#core/scale-book';
import { keepBeside, textBeside } from '../storage/beside/index.ts';

/** The choices for a scale book, which the next visit finds again. */
interface KeptBook {
  readonly book: ScaleBook;
  readonly paper: Paper;
  readonly size: PrintSize;
}

const KEY = 'dove-path/scale-book';

const FIRST_BOOK: KeptBook = {
  book: { keys: ALL_KEYS, order: 'fifths', kinds: ['scale', 'arpeggio'], octaves: [2], direction: 'up-down', minor: 'melodic-minor' },
  paper: 'A4',
  size: 'usual',
};

/** Reads the choices that were kept; a value that is not known is as at first. */
function readKept(): KeptBook {
  const words = (textBeside(KEY) ?? '').split('|');
  if (words.length < 2) return FIRST_BOOK;
  const among = <Value extends string | number>(values: readonly Value[]): readonly Value[] =>
    values.filter((value) => words.includes(String(value)));
  const one = <Value extends string>(values: readonly Value[], otherwise: Value): Value => among(values)[0] ?? otherwise;
  const { book, paper, size } = FIRST_BOOK;
  return {
    book: {
      keys: among(ALL_KEYS),
      order: one(KEY_ORDERS, book.order),
      kinds: among(BOOK_KINDS),
      octaves: among(OCTAVE_COUNTS),
      direction: one(DIRECTIONS, book.direction),
      minor: one(MINOR_FORMS, book.minor),
    },
    paper: one(PAPER_NAMES, paper),
    size: one(PRINT_SIZES, size),
  };
}

const bookStore = create<KeptBook>()(readKept);

/** Reads in a component the choices for a scale book. */
export function useKeptBook(): KeptBook {
  return bookStore();
}

/** Changes the choices for a scale book, and keeps them for the next visit. */
export function keepBook(change: Partial<KeptBook>): void {
  bookStore.setState(change);
  const { book, paper, size } = bookStore.getState();
  const { keys, order, kinds, octaves, direction, minor } = book;
  keepBeside(KEY, ['', ...keys, order, ...kinds, ...octaves, direction, minor, paper, size].join('|'));
}

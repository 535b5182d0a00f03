import { create } from 'zustand';
import { OCTAVE_COUNTS } from '#core/brief/parts/materials';
import { DIRECTIONS } from '#core/material/scale';
import { type Paper, PAPER_NAMES } from '#core/paper';
import { PRINT_SIZES, type PrintSize, SHEET_PARTS, type SheetPart } from '#core/paper/choices';
import { ALL_KEYS, BOOK_KINDS, KEY_ORDERS, MINOR_FORMS, type ScaleBook } from '#core/scale-book';
import { keepChoices, readChoices } from './kept-choices.ts';

/** The places at which a key begins: on a page of its own, or, where it takes several, on a left page, so that it lies open. */
export const KEY_BEGINS = ['page', 'opening'] as const;

/** The choices for a scale book, which the next visit finds again. */
export interface KeptBook {
  readonly book: ScaleBook;
  readonly paper: Paper;
  readonly size: PrintSize;
  /** The parts that stand on each staff. */
  readonly parts: readonly SheetPart[];
  /** The names of the variants that follow each line. */
  readonly variants: readonly string[];
  /** Whether each variant is printed to its end. */
  readonly wholeVariants: boolean;
  /** The place at which each key begins. */
  readonly begins: (typeof KEY_BEGINS)[number];
}

const KEY = 'dove-path/scale-book-choices';

const FIRST_BOOK: KeptBook = {
  book: { keys: ALL_KEYS, order: 'fifths', kinds: ['scale', 'arpeggio'], octaves: [2], direction: 'up-down', minor: 'melodic-minor' },
  paper: 'A4',
  size: 'usual',
  parts: ['strings', 'positions'],
  variants: [],
  wholeVariants: false,
  begins: 'page',
};

/** Reads the choices that were kept; a value that is not known is as at first. */
function readKept(): KeptBook {
  const { one, some, texts } = readChoices(KEY);
  const { book, paper, size, parts, begins } = FIRST_BOOK;
  return {
    book: {
      keys: some('keys', ALL_KEYS, book.keys),
      order: one('order', KEY_ORDERS, book.order),
      kinds: some('kinds', BOOK_KINDS, book.kinds),
      octaves: some('octaves', OCTAVE_COUNTS, book.octaves),
      direction: one('direction', DIRECTIONS, book.direction),
      minor: one('minor', MINOR_FORMS, book.minor),
    },
    paper: one('paper', PAPER_NAMES, paper),
    size: one('size', PRINT_SIZES, size),
    parts: some('parts', SHEET_PARTS, parts),
    variants: texts('variants'),
    wholeVariants: texts('wholeVariants').includes('true'),
    begins: one('begins', KEY_BEGINS, begins),
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
  const { book, ...others } = bookStore.getState();
  keepChoices(KEY, { ...book, ...others });
}

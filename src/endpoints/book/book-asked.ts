import { readySheet, type SheetChoices } from '#core/paper/choices';
import { type BookRequest, scaleBookLines } from '#core/scale-book';
import { bookAbout, bookKeyText, SCALE_BOOK } from '../../words/paper/binding.ts';
import type { KeyAsked } from './key-of-book.ts';

/** A book that is asked for: its front, and its keys. */
export interface BookAsked {
  readonly title: string;
  readonly about: readonly string[];
  readonly choices: SheetChoices;
  readonly openings: boolean;
  readonly keys: readonly KeyAsked[];
}

/** Lists what a book asks for, key by key; a key of which nothing lies on the instrument is left out. */
export function bookAsked({
  title = SCALE_BOOK.title,
  book,
  brief,
  choices = readySheet('spare'),
  openings = false,
}: BookRequest): BookAsked {
  const lines = scaleBookLines(book, brief);
  return {
    title,
    about: bookAbout(brief, book.kinds, lines),
    choices,
    openings,
    keys: lines.keys.flatMap((key) =>
      key.lines.length === 0 ? [] : [{ title: bookKeyText(key.key), briefs: key.lines.map((line) => line.brief), choices }],
    ),
  };
}

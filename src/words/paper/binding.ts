import type { Brief } from '#core/brief';
import { OCTAVE_LABELS } from '#core/brief/parts/materials';
import { defaultSize } from '#core/instrument';
import type { BookKind, KeyOrder, MinorForm, ScaleBookLines } from '#core/scale-book';
import { countText, listText } from '#core/messages';
import { noteLabel } from '#core/pitch';
import { fingerboardName } from '../studio/instruments.ts';

/** The words on a page that binds pieces or keys into one document. */
export const BINDING = {
  stop: 'Stop',
  goOn: 'Go on',
  print: 'Print it',
  save: 'Save as PDF',
  waiting: 'Making the pages …',
  earlier: 'Page before',
  later: 'Page after',
  title: 'Title',
} as const;

/** Tells how far the work is. */
export function progressText(done: number, total: number, now: string | null): string {
  return now === null ? `${done} of ${total} done` : `${done} of ${total} done; now ${now}`;
}

/** Names the page that is shown. */
export function pageOfText(page: number, count: number): string {
  return `Page ${page} of ${count}`;
}

/** Tells what no hand plays as it is asked for, and is not in the document. */
export function notBoundText(titles: readonly string[]): string {
  return `Left out, because no hand plays it as it is asked for: ${titles.join('; ')}.`;
}

/** The words on the page of the scale book. */
export const SCALE_BOOK = {
  title: 'Scale book',
  make: 'Make the book',
  again: 'Make it again with these choices',
  keys: 'Keys',
  kinds: 'In each key',
  order: 'Order of the keys',
  octaves: 'Octaves',
  direction: 'Direction',
  minor: 'Minor scales',
  begins: 'Each key begins',
  beginsOn: { page: 'on a new page', opening: 'on a left page, to lie open' },
  parts: 'On and under each staff',
  paper: 'Paper',
  size: 'Print',
  all: 'All keys',
  none: 'No key',
  major: 'All major keys',
  minors: 'All minor keys',
  kept: 'A scale or chord that is among this player’s pieces is printed as it is fingered there, in two fingerings at most.',
  empty: 'Choose at least one key, one line and one number of octaves.',
} as const;

/** The names of what a book has of each key. */
export const BOOK_KIND_LABELS: Readonly<Record<BookKind, string>> = {
  scale: 'scale',
  arpeggio: 'arpeggio',
  'dominant-seventh': 'dominant seventh',
  'diminished-seventh': 'diminished seventh',
  'broken-thirds': 'broken thirds',
  chromatic: 'chromatic scale',
  thirds: 'double-stop thirds',
  sixths: 'double-stop sixths',
  octaves: 'double-stop octaves',
};

/** The names of the orders of keys. */
export const KEY_ORDER_LABELS: Readonly<Record<KeyOrder, string>> = {
  fifths: 'round the circle of fifths',
  semitones: 'a semitone at a time',
  signature: 'few sharps and flats first',
};

/** The names of the minor scales in a book. */
export const MINOR_FORM_LABELS: Readonly<Record<MinorForm, string>> = {
  'melodic-minor': 'melodic',
  'harmonic-minor': 'harmonic',
  'natural-minor': 'natural',
};

/** Writes a key: "A♭ major". */
export function bookKeyText(key: string): string {
  const [tonic = '', mode = ''] = key.split(' ');
  return `${noteLabel(tonic)} ${mode}`;
}

/** Tells for whom and on what a book is fingered, what is in it, and what is left out because it does not lie on the instrument. */
export function bookAbout(
  { player, instrument: { kind, size } }: Brief,
  kinds: readonly BookKind[],
  lines: ScaleBookLines,
): readonly string[] {
  const board = fingerboardName(kind, size ?? defaultSize(kind));
  const whose = player?.name === undefined ? `For the ${board}` : `For ${player.name}, on a ${board}`;
  const has = listText(kinds.map((of) => BOOK_KIND_LABELS[of]));
  const missing = lines.leftOut.map(
    (line) => `${OCTAVE_LABELS[line.octaves]} of the ${BOOK_KIND_LABELS[line.kind]} in ${bookKeyText(line.key)}`,
  );
  return [`${whose}. ${countText(lines.keys.length, 'key', 'keys')}, each with ${has}.`, notOnInstrumentText(missing)].filter(
    (text) => text !== '',
  );
}

/** Tells what does not lie on the instrument: "Not on this instrument: three octaves of the arpeggio in B major". */
function notOnInstrumentText(lines: readonly string[]): string {
  return lines.length === 0 ? '' : `Left out, because it does not lie on this instrument: ${lines.join('; ')}.`;
}

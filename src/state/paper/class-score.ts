import { create } from 'zustand';
import { OCTAVE_COUNTS, type OctaveCount } from '#core/brief/parts/materials';
import { type Share, SHARES, type Sounding, SOUNDINGS } from '#core/class-score';
import { type Direction, DIRECTIONS } from '#core/material/scale';
import { type Paper, PAPER_NAMES } from '#core/paper';
import { PRINT_SIZES, type PrintSize } from '#core/paper/choices';
import { ALL_KEYS, type BookKind, BOOK_KINDS, MINOR_FORMS, type MinorForm } from '#core/scale-book';
import { keepChoices, readChoices } from './kept-choices.ts';

/** The lines of a key that a class plays: a double stop is for one player. */
export const CLASS_KINDS: readonly BookKind[] = BOOK_KINDS.filter((kind) => !['thirds', 'sixths', 'octaves'].includes(kind));

/** The note values of such a line. */
export const CLASS_VALUES = ['1/2', '1/4', '1/8'] as const;

/** The tempos that can be chosen, quarter notes a minute. */
export const CLASS_TEMPI: readonly number[] = [40, 50, 60, 72, 84, 96, 108, 120];

/** The octaves of a line that all four instruments have. */
export const CLASS_OCTAVES: readonly OctaveCount[] = OCTAVE_COUNTS.filter((count) => count < 4);

/** The choices for a class score, which the next visit finds again. */
export interface ClassChoices {
  readonly from: 'key' | 'piece';
  readonly key: string;
  readonly kind: BookKind;
  readonly octaves: OctaveCount;
  readonly direction: Direction;
  readonly minor: MinorForm;
  /** The value of each note, a fraction of a whole note. */
  readonly noteValue: (typeof CLASS_VALUES)[number];
  /** The tempo, quarter notes a minute. */
  readonly tempo: number;
  /** The piece, by id; empty for none. */
  readonly pieceId: string;
  /** The share that each takes who is in the class, by the id of the player, or the name of an instrument without a player. */
  readonly shares: Readonly<Record<string, Share>>;
  readonly sounding: Sounding;
  readonly paper: Paper;
  readonly size: PrintSize;
}

const KEY = 'dove-path/class-score';

const FIRST_CHOICES: ClassChoices = {
  from: 'key',
  key: 'G major',
  kind: 'scale',
  octaves: 1,
  direction: 'up-down',
  minor: 'natural-minor',
  noteValue: '1/4',
  tempo: 60,
  pieceId: '',
  shares: {},
  sounding: 'octaves',
  paper: 'A4',
  size: 'usual',
};

/** Reads the choices that were kept; a value that is not known is as at first. */
function readKept(): ClassChoices {
  const { one, texts } = readChoices(KEY);
  const first = FIRST_CHOICES;
  const shares = texts('member').flatMap((text): readonly [string, Share][] => {
    const [id, share] = text.split('|');
    const known = SHARES.find((name) => name === share);
    return id && known ? [[id, known]] : [];
  });
  return {
    from: one('from', ['key', 'piece'], first.from),
    key: one('key', ALL_KEYS, first.key),
    kind: one('kind', CLASS_KINDS, first.kind),
    octaves: one('octaves', CLASS_OCTAVES, first.octaves),
    direction: one('direction', DIRECTIONS, first.direction),
    minor: one('minor', MINOR_FORMS, first.minor),
    noteValue: one('noteValue', CLASS_VALUES, first.noteValue),
    tempo: one('tempo', CLASS_TEMPI, first.tempo),
    pieceId: texts('pieceId')[0] ?? first.pieceId,
    shares: Object.fromEntries(shares),
    sounding: one('sounding', SOUNDINGS, first.sounding),
    paper: one('paper', PAPER_NAMES, first.paper),
    size: one('size', PRINT_SIZES, first.size),
  };
}

const classStore = create<ClassChoices>()(readKept);

/** Reads in a component the choices for a class score. */
export function useClassChoices(): ClassChoices {
  return classStore();
}

/** Changes the choices for a class score, and keeps them for the next visit. */
export function keepClass(change: Partial<ClassChoices>): void {
  classStore.setState(change);
  const { shares, ...others } = classStore.getState();
  const member = Object.entries(shares).map(([id, share]) => `${id}|${share}`);
  keepChoices(KEY, { ...others, member });
}

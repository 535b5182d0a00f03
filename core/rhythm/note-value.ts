import { addFractions, compareFractions, fraction, type Fraction, multiplyFractions, subtractFractions, ZERO } from '#core/fraction';

/** A tuplet: a number of notes in the time of another number of the same kind. A triplet is three in the time of two. */
export interface Tuplet {
  /** The number of notes: 3 a triplet, 5 a quintuplet, 7 a septuplet. */
  readonly notes: 3 | 5 | 7;
  /** The number of notes that the same time holds as they are written. */
  readonly inTimeOf: 2 | 4;
}

/** One note or rest as it can be written: a plain or dotted value, or one of a tuplet. */
export interface NoteValue {
  /** The value: 1 whole, 2 half, 4 quarter … 64. */
  readonly denominator: 1 | 2 | 4 | 8 | 16 | 32 | 64;
  /** The number of dots, each of which makes it half as long again. */
  readonly dots: 0 | 1;
  /** The tuplet it belongs to; null for none. */
  readonly tuplet: Tuplet | null;
  /** The sounding length, in whole notes: in a tuplet shorter than it is written. */
  readonly length: Fraction;
}

const DENOMINATORS = [1, 2, 4, 8, 16, 32, 64] as const;

/** The values that can be written with at most one dot, longest first. A dotted 64th would need a 128th and is left out. */
const WRITABLE: readonly NoteValue[] = DENOMINATORS.flatMap((denominator): NoteValue[] => {
  const plain: NoteValue = { denominator, dots: 0, tuplet: null, length: fraction(1, denominator) };
  return denominator === 64 ? [plain] : [{ ...plain, dots: 1, length: fraction(3, 2 * denominator) }, plain];
});

const TUPLETS: readonly Tuplet[] = [
  { notes: 3, inTimeOf: 2 },
  { notes: 5, inTimeOf: 4 },
  { notes: 7, inTimeOf: 4 },
];

/**
 * Gives the written values whose lengths add up to `length`, longest first: one for most lengths, several to be tied for the others (5/8 is
 * a half and an eighth; 1/12 an eighth of a triplet). Null when the length is no multiple of a 64th, nor of one in a triplet, quintuplet or
 * septuplet.
 */
export function writtenLengths(length: Fraction): readonly NoteValue[] | null {
  if (isPlain(length)) return plainValues(length);
  const tuplet = TUPLETS.find(({ notes }) => length.denominator % notes === 0);
  if (!tuplet) return null;
  const values = plainValues(multiplyFractions(length, fraction(tuplet.notes, tuplet.inTimeOf)));
  const share = fraction(tuplet.inTimeOf, tuplet.notes);
  return values?.map((value) => ({ ...value, tuplet, length: multiplyFractions(value.length, share) })) ?? null;
}

/**
 * Gives the written values of a length that begins at a moment of the line: one that begins within a tuplet fills it first, and the rest is
 * tied on. `tupletFrom` is where that tuplet begins (`tupletStarts`); it has no effect in plain time.
 */
export function writeFrom(onset: Fraction, length: Fraction, tupletFrom: Fraction = ZERO): readonly NoteValue[] | null {
  if (isPlain(onset)) return isPlain(length) ? plainValues(length) : afterWhole(length);
  const within = subtractFractions(onset, tupletFrom);
  const most = toEndOfTuplet(within);
  if (most === null) return null;
  if (compareFractions(length, most) <= 0) return writtenLengths(length);
  const toBeat = toNext(within, BEAT);
  const inTuplet = writtenLengths(toBeat)?.length === 1 ? toBeat : most;
  const left = writeFrom(addFractions(onset, inTuplet), subtractFractions(length, inTuplet), addFractions(onset, inTuplet));
  const first = writtenLengths(inTuplet);
  return first && left && [...first, ...left];
}

/** Gives the beginning of the tuplet of each of some notes, by the moments at which they begin: the last plain moment before it. */
export function tupletStarts(onsets: readonly Fraction[]): readonly Fraction[] {
  let start = ZERO;
  return onsets.map((onset) => {
    if (isPlain(onset)) start = onset;
    return start;
  });
}

/** Writes a length that is no single value of a tuplet with its whole eighths first: a half tied to an eighth of a triplet. */
function afterWhole(length: Fraction): readonly NoteValue[] | null {
  const values = writtenLengths(length);
  if (values === null || values.length === 1) return values;
  const whole = fraction(Math.floor((8 * length.numerator) / length.denominator), 8);
  const [plain, rest] = [plainValues(whole), writtenLengths(subtractFractions(length, whole))];
  return plain && rest && [...plain, ...rest];
}

/** Gives the time from a moment within a tuplet to where its notes add up to plain time again; null where no tuplet is known that ends. */
function toEndOfTuplet(onset: Fraction): Fraction | null {
  const tuplet = TUPLETS.find(({ notes }) => onset.denominator % notes === 0);
  if (!tuplet) return null;
  const plain = onset.denominator / tuplet.notes;
  if (64 % plain !== 0) return null;
  return toNext(onset, plain);
}

/** The length that most tuplets fill, a quarter: a note that goes on beyond its tuplet is cut there where that can be written. */
const BEAT = 4;

/** Gives the time from a moment to the next multiple of a part of a whole note. */
function toNext(onset: Fraction, parts: number): Fraction {
  return subtractFractions(fraction(Math.floor((onset.numerator * parts) / onset.denominator) + 1, parts), onset);
}

/** Tells whether plain notes reach a moment or a length. */
export function isPlain({ denominator }: Fraction): boolean {
  return 64 % denominator === 0;
}

function plainValues(length: Fraction): readonly NoteValue[] | null {
  if (!isPlain(length)) return null;
  const values: NoteValue[] = [];
  let written = ZERO;
  for (const value of WRITABLE) {
    while (compareFractions(addFractions(written, value.length), length) <= 0) {
      values.push(value);
      written = addFractions(written, value.length);
    }
  }
  return compareFractions(subtractFractions(length, written), ZERO) === 0 ? values : null;
}

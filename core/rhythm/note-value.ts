import { addFractions, compareFractions, fraction, type Fraction, subtractFractions, ZERO } from './fraction.ts';

/** One note or rest as it can be written: a plain or dotted value. */
export interface NoteValue {
  /** 1 whole, 2 half, 4 quarter … 64. */
  readonly denominator: 1 | 2 | 4 | 8 | 16 | 32 | 64;
  /** How often it is half as long again. */
  readonly dots: 0 | 1;
  /** Its length in whole notes. */
  readonly length: Fraction;
}

const DENOMINATORS = [1, 2, 4, 8, 16, 32, 64] as const;

/** Every value that can be written with at most one dot, longest first. A dotted 64th would need a 128th: left out. */
const WRITABLE: readonly NoteValue[] = DENOMINATORS.flatMap((denominator): NoteValue[] => {
  const plain: NoteValue = { denominator, dots: 0, length: fraction(1, denominator) };
  return denominator === 64 ? [plain] : [{ denominator, dots: 1, length: fraction(3, 2 * denominator) }, plain];
});

/**
 * The written values whose lengths add up to `length`, longest first: one for most lengths, several to be tied for the
 * others (5/8 is a half and an eighth). Null when the length is no multiple of a 64th.
 */
export function writtenLengths(length: Fraction): readonly NoteValue[] | null {
  if (64 % length.denominator !== 0) return null;
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

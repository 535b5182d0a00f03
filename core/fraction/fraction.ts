/** An exact fraction of a whole note, in lowest terms, denominator above 0. */
export interface Fraction {
  /** The numerator, a whole number. */
  readonly numerator: number;
  /** The denominator, a whole number above 0; it has no common divisor with the numerator. */
  readonly denominator: number;
}

/** The fraction 0: no time at all. */
export const ZERO: Fraction = { numerator: 0, denominator: 1 };

/** Makes a fraction in lowest terms from whole arguments, the denominator above 0. */
export function fraction(numerator: number, denominator: number): Fraction {
  const divisor = greatestCommonDivisor(Math.abs(numerator), denominator);
  return { numerator: numerator / divisor, denominator: denominator / divisor };
}

/** Adds exactly. */
export function addFractions(one: Fraction, other: Fraction): Fraction {
  return fraction(one.numerator * other.denominator + other.numerator * one.denominator, one.denominator * other.denominator);
}

/** Subtracts exactly, `one − other`; the result may be negative. */
export function subtractFractions(one: Fraction, other: Fraction): Fraction {
  return addFractions(one, { numerator: -other.numerator, denominator: other.denominator });
}

/** Multiplies exactly. */
export function multiplyFractions(one: Fraction, other: Fraction): Fraction {
  return fraction(one.numerator * other.numerator, one.denominator * other.denominator);
}

/** Compares: negative when `one` is less, 0 when equal, positive when greater. */
export function compareFractions(one: Fraction, other: Fraction): number {
  return one.numerator * other.denominator - other.numerator * one.denominator;
}

/** Gives the nearest floating-point number, in whole notes. */
export function asNumber(value: Fraction): number {
  return value.numerator / value.denominator;
}

/** Writes a fraction in documents' form, the inverse of `parseFraction`: `"3/8"`. */
export function formatFraction(value: Fraction): string {
  return `${value.numerator}/${value.denominator}`;
}

/** Reads `"3/8"`; null when the text is no fraction of whole numbers with both above 0. */
export function parseFraction(text: string): Fraction | null {
  const match = /^([1-9][0-9]{0,3})\/([1-9][0-9]{0,3})$/.exec(text);
  return match ? fraction(Number(match[1]), Number(match[2])) : null;
}

function greatestCommonDivisor(one: number, other: number): number {
  return one === 0 ? other : greatestCommonDivisor(other % one, one);
}

import type { InstrumentKind } from '#core/instrument';
import { HOME_FRAME } from '#core/hand/reach';
import { fingerboardName } from '../studio/instruments.ts';
import { semitonesText } from '../plan-words.ts';

/** Explains the string length of a size. */
export function usualLengthDerivation(kind: InstrumentKind, size: string): string {
  return `What makers of strings and instruments usually give for a ${fingerboardName(kind, size)}, rounded. Makers differ by a few millimetres, and a place a fifth up moves by a third of that: measure it.`;
}

/** Explains the distance of the outer strings. */
export function usualSpacingDerivation(): string {
  return 'The usual measures of a full-size instrument, made smaller in proportion to the string length. They count in double stops and where the hand crosses strings.';
}

/** Explains the demand of first position on a hand. */
export function homeFrameDerivation(kind: InstrumentKind, lengthMm: number): string {
  const [first, fourth] = HOME_FRAME[kind];
  return `From finger 1, ${semitonesText(first)} above the open string, to finger 4, ${semitonesText(fourth)} above it, on a string of ${lengthMm} mm, with the hand at rest in first position.`;
}

/** Explains the span of a hand: from the ruler, or an estimate. */
export function spanDerivation(estimated: boolean, mm: number, homeMm: number): string {
  return estimated
    ? `An estimate: ${Math.round((100 * mm) / homeMm)} % of what first position asks for on this instrument.`
    : 'From the middle of fingertip 1 to the middle of fingertip 4, as you measured it.';
}

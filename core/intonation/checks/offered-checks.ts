import type { Instrument } from '#core/instrument';
import { beatsOff, type Check, type CheckedNote, checksOf } from './checks.ts';

/** The narrowest tolerance that any player has, cents: about what a good ear tells apart in a scale. */
export const FINEST_TOLERANCE = 6;

/** Errors that differ by less than this are equal to the ear, cents. */
const EQUAL_TO_THE_EAR = 3;

/** The error for which beats are compared, cents. */
const COMPARED_AT = 10;

/** The target of a note, and the place of the hand while it is checked. */
export interface CheckedAs {
  /** The distance of the target from equal temperament, cents. */
  readonly targetCents: number;
  /** The lowest and the highest place under the hand, semitones above the open string; null where that is not known. */
  readonly hand: { readonly from: number; readonly to: number } | null;
}

/**
 * Lists the checks that are offered for a note, the best first. A check whose own interval lies further from the target than the narrowest
 * tolerance would lead any ear astray and is left out: the fifth partial of the cello's C string lies 19.6 cents below E. The best has the
 * least error, where differences under 3 cents are equal; then it needs no other shift; then it beats fastest. Comparisons by memory come
 * last.
 */
export function offeredChecks(instrument: Instrument, note: CheckedNote, as: CheckedAs): readonly Check[] {
  const all = checksOf(instrument, note).map((check): Judged => judgeCheck(instrument, note, check, as));
  return [...inOrder(all.filter(({ errorCents }) => errorCents !== null && errorCents <= FINEST_TOLERANCE)), ...byMemory(all)].map(
    ({ check }) => check,
  );
}

interface Judged {
  readonly check: Check;
  /** Gives the distance from the target at which it calls the note right, cents; null where it is only as right as the memory. */
  readonly errorCents: number | null;
  readonly needsShift: boolean;
  /** Gives the beats of an error of ten cents; 0 where the two do not sound at once. */
  readonly beats: number;
}

function judgeCheck(instrument: Instrument, note: CheckedNote, check: Check, { targetCents, hand }: CheckedAs): Judged {
  const { pureCents, place, sounded } = check;
  const isUnderHand = place === null || (hand !== null && place.semitonesAboveOpen >= hand.from && place.semitonesAboveOpen <= hand.to);
  return {
    check,
    errorCents: pureCents === null ? null : Math.abs(pureCents - targetCents),
    needsShift: !isUnderHand,
    beats: sounded === 'together' ? (beatsOff(instrument, note, check, COMPARED_AT) ?? 0) : 0,
  };
}

/** Sorts the best of those that are equal to the least error first, then the best of the rest. */
function inOrder(checks: readonly Judged[]): readonly Judged[] {
  const least = Math.min(...checks.map(({ errorCents }) => errorCents ?? Infinity));
  const [best] = checks
    .filter(({ errorCents }) => (errorCents ?? Infinity) - least < EQUAL_TO_THE_EAR)
    .toSorted((one, other) => Number(one.needsShift) - Number(other.needsShift) || other.beats - one.beats);
  return best ? [best, ...inOrder(checks.filter((check) => check !== best))] : [];
}

function byMemory(checks: readonly Judged[]): readonly Judged[] {
  return checks.filter(({ errorCents }) => errorCents === null);
}

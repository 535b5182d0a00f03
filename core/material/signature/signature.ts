import { type Static, Type } from '@sinclair/typebox';
import { lineIssue } from '#core/messages';
import { formatKey, type Key, parseKey } from '#core/key';
import { badReading, goodReading, oneOf, type Reading } from '#core/result';
import { addFractions, fraction, type Fraction, multiplyFractions, ZERO } from '#core/fraction';
import { measureLength, type Meter, meterName, meterNamed, METERS } from '#core/rhythm';

/** The largest number of changes of key or meter in a line. */
const MOST_CHANGES = 200;

/**
 * The schema of a change: from a measure of a line on another key, another meter, or both. Measures are counted as on the page: a pick-up
 * is not counted.
 */
export const SignatureChange = Type.Object(
  {
    measure: Type.Integer({ minimum: 1, maximum: 10_000 }),
    key: Type.Optional(Type.String({ maxLength: 12 })),
    meter: Type.Optional(oneOf(METERS)),
  },
  { additionalProperties: false },
);

/** A change of key or meter, as documents carry it. */
export type SignatureChange = Static<typeof SignatureChange>;

/** The schema of the changes of a line, in order. */
export const SignatureChanges = Type.Array(SignatureChange, { maxItems: MOST_CHANGES });

/** The signature behind the clef: a key and a meter. */
export interface Signature {
  /** The key whose sharps or flats stand there. */
  readonly key: Key;
  /** The meter whose sign stands there, where it begins or changes. */
  readonly meter: Meter;
}

/** The key and meter from a bar line on, until the next change. */
export interface SignatureFrom extends Signature {
  /** The first measure they hold for, counted from 0 for the one in which the line begins. */
  readonly measureIndex: number;
  /** The bar line, in whole notes from the beginning of the measure in which the line begins. */
  readonly onset: Fraction;
}

/**
 * Reads the changes of a line that begins in a key and a meter; with a pick-up, measure 1 is the first after it. Refuses changes out of
 * order, one at the very beginning, and a text that is no key.
 */
export function readSignatureChanges(
  begins: Signature,
  changes: readonly SignatureChange[],
  pickUp: Fraction | null,
): Reading<readonly SignatureFrom[]> {
  const read: SignatureFrom[] = [];
  let now: SignatureFrom = { ...begins, measureIndex: 0, onset: ZERO };
  for (const [order, change] of changes.entries()) {
    const pointer = `/material/changes/${order}`;
    const measureIndex = change.measure - (pickUp ? 0 : 1);
    if (measureIndex <= now.measureIndex) {
      return badReading(lineIssue('change-out-of-order', { measure: change.measure }, { pointer: `${pointer}/measure` }));
    }
    const key = change.key === undefined ? goodReading(now.key) : parseKey(change.key);
    if (!key.ok) return { ok: false, issues: key.issues.map((issue) => ({ ...issue, where: { pointer: `${pointer}/key` } })) };
    const passed = multiplyFractions(measureLength(now.meter), fraction(measureIndex - now.measureIndex, 1));
    // A key or meter that is named and stays the same goes on: nothing is set at the bar line.
    now = {
      key: formatKey(key.value) === formatKey(now.key) ? now.key : key.value,
      meter: change.meter === undefined || change.meter === meterName(now.meter) ? now.meter : meterNamed(change.meter),
      measureIndex,
      onset: addFractions(now.onset, passed),
    };
    read.push(now);
  }
  return goodReading(read);
}

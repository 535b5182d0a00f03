import { type MeterName, METERS } from './choices.ts';
import { fraction, type Fraction } from '#core/fraction';
import type { Rhythm } from './schema.ts';

/** A meter: beats to the measure and the value of one. */
export interface Meter {
  /** The number of beats in a measure. */
  readonly beats: number;
  /** The value of a beat: 4 a quarter, 8 an eighth. */
  readonly beatValue: number;
}

/** Reads the meter of a rhythm; common time where it names none. */
export function meterOf({ meter }: Rhythm): Meter {
  return meterNamed(meter ?? '4/4');
}

/** Reads a meter by its name: "3/4". */
export function meterNamed(name: MeterName): Meter {
  const [beats, beatValue] = name.split('/').map(Number);
  return { beats: beats ?? 4, beatValue: beatValue ?? 4 };
}

/** Names a meter; null for one that is not offered. */
export function meterName({ beats, beatValue }: Meter): MeterName | null {
  return METERS.find((name) => name === `${beats}/${beatValue}`) ?? null;
}

/** Gives the length of a measure, in whole notes. */
export function measureLength({ beats, beatValue }: Meter): Fraction {
  return fraction(beats, beatValue);
}

/** Tells whether its beats come by threes: 6/8, 9/8, 12/8. */
export function isCompound({ beats, beatValue }: Meter): boolean {
  return beatValue === 8 && beats > 3 && beats % 3 === 0;
}

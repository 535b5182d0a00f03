import type { Rhythm } from './schema.ts';

/** Beats to the measure and the value of one. */
export interface Meter {
  /** How many beats a measure has. */
  readonly beats: number;
  /** The value of a beat: 4 a quarter, 8 an eighth. */
  readonly beatValue: number;
}

/** The meter of a rhythm; common time where it names none. */
export function meterOf({ meter }: Rhythm): Meter {
  const [beats, beatValue] = (meter ?? '4/4').split('/').map(Number);
  return { beats: beats ?? 4, beatValue: beatValue ?? 4 };
}

import type { Instrument } from '#core/instrument';
import { openStringHz, type Ratio, type TuningStep } from '#core/intonation';

/** Two open strings that make a pure interval. */
export interface StringPair {
  /** The frequency of the lower string, Hz. */
  readonly lowHz: number;
  /** The frequency of the higher string, Hz. */
  readonly highHz: number;
  /** The pure interval of the two. */
  readonly ratio: Ratio;
}

/** Gives the two strings of a step of tuning; null for the first, and where they make no pure interval. */
export function pairOf(instrument: Instrument, { stringIndex, against, ratio }: TuningStep): StringPair | null {
  const [own, other] = [instrument.strings[stringIndex], against === null ? undefined : instrument.strings[against]];
  if (!own || !other || ratio === null) return null;
  const [one, two] = [openStringHz(instrument, own), openStringHz(instrument, other)];
  return { lowHz: Math.min(one, two), highHz: Math.max(one, two), ratio };
}

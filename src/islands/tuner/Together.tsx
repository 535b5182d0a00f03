import type { Instrument } from '#core/instrument';
import { beatsHz, centsOfRatio, type TuningStep } from '#core/intonation';
import { togetherText } from '../../words/intonation/tuner.ts';
import type { StringPair } from './string-pair.ts';
import type { Listening } from './use-microphone.ts';

interface TogetherProps {
  readonly instrument: Instrument;
  readonly step: TuningStep;
  /** The two strings; null for the first, which is tuned alone. */
  readonly pair: StringPair | null;
  /** The sound that is heard; null while the microphone is not wanted. */
  readonly listening: Listening | null;
}

/** Shows how far two strings that are bowed together lie from pure, and how often they beat. */
export function Together({ instrument, step, pair, listening }: TogetherProps) {
  if (pair === null || listening?.state !== 'open') return null;
  const { lowHz, ratio } = pair;
  const cents = listening.together?.cents ?? null;
  const off = cents === null ? null : cents - centsOfRatio(ratio);
  const beats = cents === null ? 0 : beatsHz(ratio, lowHz, lowHz * 2 ** (cents / 1200));
  return (
    <p role="status" aria-label="Both strings together" className="mt-3 text-[17px]">
      {togetherText(instrument, step, off === null ? null : { off, beats })}
    </p>
  );
}

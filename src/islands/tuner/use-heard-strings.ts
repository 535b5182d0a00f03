import { useState } from 'react';
import type { Instrument } from '#core/instrument';
import { centsOfRatio, type TuningStep } from '#core/intonation';
import type { Tuned } from './KeepTuning.tsx';
import { pairOf, type StringPair } from './string-pair.ts';
import { type Listening, useMicrophone } from './use-microphone.ts';

/** The strings as the microphone hears them. */
interface HeardStrings {
  /** The two strings of the step; null for the first. */
  readonly pair: StringPair | null;
  /** The sound that is heard; null while the microphone is not wanted. */
  readonly listening: Listening | null;
  readonly tuned: Tuned;
}

/** The distance from its target within which a sound is that string, cents. */
const OWN_STRING = 60;

/** Replaces the pitch of two strings, which have none together, by that of the one that is tuned, read from its own partials. */
function withOwnString(listening: Listening | null, step: TuningStep | undefined, pair: StringPair | null): Listening | null {
  if (listening?.state !== 'open' || listening.together === null || !step || !pair) return listening;
  const [lowHz, highHz] = listening.together.hz;
  return { ...listening, heard: { kind: 'pitch', hz: step.targetHz < (pair.lowHz + pair.highHz) / 2 ? lowHz : highHz } };
}

/** Hears the string of a step, alone and with the one it is tuned against, and remembers each string as it was heard last. */
export function useHeardStrings(instrument: Instrument, step: TuningStep | undefined, wanted: boolean): HeardStrings {
  const pair = step ? pairOf(instrument, step) : null;
  const listening = withOwnString(useMicrophone(wanted, pair?.lowHz, pair?.highHz), step, pair);
  const [tuned, setTuned] = useState<Tuned>({});
  const heard = listening?.state === 'open' ? listening.heard : null;
  if (step && heard?.kind === 'pitch') {
    const cents = Math.round(10 * centsOfRatio({ p: heard.hz, q: step.targetHz })) / 10;
    if (Math.abs(cents) < OWN_STRING && tuned[step.stringIndex] !== cents) setTuned({ ...tuned, [step.stringIndex]: cents });
  }
  return { pair, listening, tuned };
}

import type { Interval, Pitch } from '#core/pitch';
import { pitchesAbove } from './scale.ts';

/** The broken chords of this school, by the names documents use. */
export const ARPEGGIO_TYPES = ['major', 'minor'] as const;

/** A kind of arpeggio. */
export type ArpeggioType = (typeof ARPEGGIO_TYPES)[number];

const TRIADS: Readonly<Record<ArpeggioType, readonly Interval[]>> = {
  major: [
    { steps: 0, semitones: 0 },
    { steps: 2, semitones: 4 },
    { steps: 4, semitones: 7 },
  ],
  minor: [
    { steps: 0, semitones: 0 },
    { steps: 2, semitones: 3 },
    { steps: 4, semitones: 7 },
  ],
};

/** The arpeggio from tonic to tonic, rising order, both ends included; null where a note cannot be spelled. */
export function arpeggioPitches(tonic: Pitch, type: ArpeggioType, octaves: number): readonly Pitch[] | null {
  return pitchesAbove(tonic, TRIADS[type], octaves);
}

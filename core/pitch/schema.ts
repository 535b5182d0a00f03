import { Type } from '@sinclair/typebox';

/** The schema of a spelled, sounding pitch: letter, accidentals (`b`, `bb`, `#`, `##`), octave — `"Eb4"`, `"F##5"`. */
export const PitchText = Type.String({
  pattern: '^[A-G](#{0,2}|b{0,2})-?[0-9]$',
  maxLength: 6,
  description: 'Spelled sounding pitch, scientific octave: "Eb4", "F##5".',
});

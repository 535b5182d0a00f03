/** The kinds of numbers on the screen, and how each is calculated. */
export const NUMBER_ORIGINS: readonly (readonly [number: string, origin: string])[] = [
  [
    'mm from the nut',
    'String length × (1 − 2^(−semitones/12)), equal temperament on a stiff string; measured nut to bridge where you have measured, else typical for the size.',
  ],
  ['mm the hand moves', 'How far finger 1 moves along the string, from where it stands before the shift to where it stands after.'],
  [
    'semitones the notes move',
    'Between the two notes as they sound. Not the same as the hand’s travel, unless the same finger plays both from the same frame.',
  ],
  [
    'mm per second',
    'The hand’s travel, divided by the time from the beginning of the last note before the shift to the arrival, at the tempo given.',
  ],
  [
    'mm of reach',
    'Between the outermost fingers that must stand at once; in a double stop √(along² + across²) with the strings’ distance there. Judged by the hand as measured: comfortable up to its comfortable span, a stretch up to the largest, out of reach beyond it.',
  ],
  ['mm to the next semitone', 'Sounding length × (1 − 2^(−1/12)).'],
  ['mm for ten cents', 'Sounding length × ln 2 / 120.'],
  [
    'cents from equal',
    'By the intonation chosen: a chain of fifths through A, or the ratio to the tonic. An open string lies where it is tuned.',
  ],
  ['Hz', 'A, as the instrument’s reference has it, × 2^(semitones/12) × 2^(cents/1200).'],
  ['beats a second', 'Of two notes in the ratio p : q: |q · higher − p · lower|, the difference of the partials that should coincide.'],
  ['strength of ringing', 'Over the open strings the sum of 2/(p·q), p and q up to 6; an octave away is 1. The figure is our own.'],
  ['mm from the bridge', 'The share chosen × sounding length.'],
  [
    'what a fingering costs',
    'The sum of named terms, each with its weight and reason in the view Costs. A number without a unit, to compare fingerings with.',
  ],
];

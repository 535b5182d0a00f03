export { chordsOf, doubleStopsIn } from './chords.ts';
export { pairsOf } from './pairs.ts';
export { STOPPED_HARMONIC_ABOVE, stoppedHarmonics, TOUCHED_ABOVE, withOrnament } from './partners.ts';

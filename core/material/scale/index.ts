export { arpeggioCycle } from './arpeggio-cycle.ts';
export { ARPEGGIO_TYPES, arpeggioPitches, type ArpeggioType, keyOfArpeggio } from './arpeggio.ts';
export { BROKEN_FIGURES, type BrokenFigure, brokenScale } from './broken.ts';
export { type Direction, DIRECTIONS, TOP_NOTES, type TopNote } from './choices.ts';
export { DOUBLE_STOP_INTERVALS, type DoubleStopInterval, doubleStopScale, type FingerPair, type NotePair } from './double-stops.ts';
export {
  keyOfScale,
  notesOfOctave,
  SCALE_TYPES,
  scalePitches,
  type ScaleType,
  semitonesFurther,
  semitonesOfDegree,
  turnBelow,
} from './scale.ts';

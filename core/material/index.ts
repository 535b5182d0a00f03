export { arpeggioCycle, CYCLE_CHORDS } from './arpeggio-cycle.ts';
export { ARPEGGIO_TYPES, arpeggioPitches, type ArpeggioType, keyOfArpeggio } from './arpeggio.ts';
export { BROKEN_FIGURES, type BrokenFigure, brokenScale } from './broken.ts';
export { type Accent, ACCENT_KINDS, type Articulation, ARTICULATIONS } from './articulation.ts';
export { type Direction, DIRECTIONS, TOP_NOTES, type TopNote } from './choices.ts';
export { DOUBLE_STOP_INTERVALS, type DoubleStopInterval, doubleStopScale } from './double-stops.ts';
export { MOST_NOTES } from './limits.ts';
export { accentOf, LineNoteDocument, MOST_AT_ONCE, type TypedNote, writtenAccent } from './line-note.ts';
export { formatLineText, parseLineText, suggestedWord } from './line-text.ts';
export { changeBefore, intoMeasure, keyAfter, keyAt, type LineMeasure, measureIndexAt, measuresOf, signatureAt } from './measures.ts';
export { inOneBow, isGrace, type Line, type LineNote, type NoteContent, pitchesOf } from './line.ts';
export { type Ornament, ORNAMENT_KINDS, ORNAMENT_SIGNS, type OrnamentKind, type OrnamentSign, type WrittenOrnament } from './ornament.ts';
export { inOrder, lineOfPattern } from './pattern.ts';
export { type Signature, SignatureChange, SignatureChanges, type SignatureFrom } from './signature.ts';
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
export { type SoundingTime, soundingTimes } from './sounding-time.ts';
export { readTypedLine } from './typed-line.ts';

export { allOf, type ChosenMusic, chosenMusic, firstPart, voicesOf, type Wanted } from './foreign/chosen.ts';
export {
  fingeringsHold,
  type Fit,
  fits,
  foreignPiece,
  type ForeignPiece,
  type ImportChoice,
  lies,
  rangeOf,
} from './foreign/foreign-piece.ts';
export { LEFT_OUT, type LeftOut, type LeftOutCount } from './foreign/left-out.ts';
export type { ForeignPart, ForeignScore } from './foreign/score.ts';
export { fromMidi } from './midi/from-midi.ts';
export { bestGrid, type Grid, GRIDS, type Quantised, quantised } from './midi/quantise.ts';
export type { MidiNote, MidiSong, MidiTrack } from './midi/song.ts';
export { toMidi } from './midi/to-midi.ts';
export { fromMusicXml } from './musicxml/from-musicxml.ts';
export { CSV_COLUMNS, type CsvRow, toCsv } from './to-csv.ts';
export { type MusicXmlChoice, toMusicXml } from './musicxml/to-musicxml.ts';
export { element, type ReadElement, type XmlElement } from './xml.ts';

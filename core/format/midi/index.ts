export { fromMidi } from './from-midi.ts';
export { bestGrid, type Grid, GRIDS, quantise, type Quantised } from './quantise.ts';
export type { MidiNote, MidiSong, MidiTrack } from './song.ts';
export { toMidi, toMidiScore } from './to-midi.ts';

export { fromMidi } from './from-midi.ts';
export { bestGrid, type Grid, GRIDS, quantise, type Quantised } from './quantise.ts';
export type { MidiNote, MidiSong, MidiTrack } from './song.ts';
export { toMidi } from './to-midi.ts';

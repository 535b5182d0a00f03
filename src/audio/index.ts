export { type Heard, listen } from './heard.ts';
export type { MidiKeyboards } from './keyboard/midi-keyboards.ts';
export { HEARD_SAMPLES, type NoMicrophone } from './microphone.ts';
export { playSamples, stopPlaying } from './play.ts';
export { beatNow, soundPractice, stopPractice } from './practice.ts';
export type { NoTake } from './takes/open-sound.ts';
export type { Fault, SimulatedTask } from './takes/protocol.ts';
export type { Recorded, Recording } from './takes/record-sound.ts';
export { readTakeOf, simulateTake } from './takes/takes.ts';

export { type NoTake, openSound } from './open-sound.ts';
export { type Fault } from './protocol.ts';
export { readTakeOf, simulateTake } from './takes.ts';

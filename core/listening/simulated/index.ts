export { type Flaw, FLAWS, type PairKind, type PairNotes, renderPair } from './pairs.ts';
export { playNotes, type SimulatedNote } from './played.ts';
export { FAULTLESS, type Misses, type SimulatedPlayer, type Slip } from './simulated-player.ts';
export { makeTake, QUIET, type SimulatedTake, type Surroundings, type TakeRequest } from './simulated-take.ts';
export { type Timbre, TIMBRES } from './timbres.ts';
export { slipsAmong } from './slips.ts';

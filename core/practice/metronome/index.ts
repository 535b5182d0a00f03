export { beatAt, type BeatNow, type Click, clicksBetween, type Metronome } from './clock.ts';
export { FASTEST_CLICK, SLOWEST_CLICK, tappedTempo } from './tapped.ts';
export { type Turns, turnsOf } from './turns.ts';

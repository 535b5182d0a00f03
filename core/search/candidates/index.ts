export { allPlacements, highestUsefulAnchor, type WantedNote } from './candidates.ts';
export { candidatesFor, keepsLimit, keepsLock, withinReach } from './exclusions.ts';
export type { HandOnInstrument } from './hand-on-instrument.ts';

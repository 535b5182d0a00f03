export { allPlacements, type HandOnInstrument, highestUsefulAnchor, type WantedNote } from './candidates.ts';
export { candidatesFor, keepsLimit, keepsLock, withinReach } from './exclusions.ts';

export { type ArrivalMiss, arrivalsOf } from './arrivals.ts';
export { type ChromaticOctave, chromaticOctaves } from './chromatic-octaves.ts';
export { type MissGroup, missGroups, type Shared } from './miss-groups.ts';
export { isThisLine, missesOf, type NoteMiss, type Side, sideOf } from './note-misses.ts';
export { takeEntry } from './take-entry.ts';
export { type PairOfLine, pairsOfLine } from './pairs-of-line.ts';
export { type Purity, purityOf } from './purity.ts';
export { type PitchPlace, type SamePitch, samePitches } from './same-pitch.ts';
export { type Group, type WeakPlace, weakPlaces } from './weak-places.ts';

export { type Inside, insideOf, type Outside, outsideOf } from './phrase.ts';
export { type PlaceOfNote, placesOfNote } from './places-of-note.ts';
export { type MappedAcross, type MappedFinger, type MappedString, type PositionMap, positionMap, positionMaps } from './position-map.ts';
export { type ScaleHere, SCALES_HERE, scalesHere, type ScaleTypeHere } from './scales-here.ts';
export { stepsToTonic } from './to-tonic.ts';
export type { WayIn } from './ways-in.ts';

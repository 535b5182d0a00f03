export { catalogue } from './catalogue.ts';
export { drillOfSpot } from './drill-of-spot.ts';
export { DRILL_AIMS, type DrillAim, type DrillFacts, factsOf } from './facts.ts';
export { type DrillQuery, findDrills } from './find.ts';
export { isPlayedAsAsked, openingDrill } from './opening.ts';
export { type NeededDrill, neededDrills, mixFamilies } from './needed.ts';
export { NO_FACTS, pieceFacts, type PieceFacts, type Share } from './piece-facts.ts';
export { type ClassedShift, classedShifts, isKindOf, keyOfKind } from './places-like.ts';

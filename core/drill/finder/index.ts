export { catalogue } from './catalogue.ts';
export { drillOfSpot } from './drill-of-spot.ts';
export { DRILL_AIMS, type DrillAim, type DrillFacts, factsOf } from './facts.ts';
export { type DrillQuery, findDrills } from './find.ts';
export { openingDrill } from './opening.ts';
export { NO_FACTS, pieceFacts, type PieceFacts } from './piece-facts.ts';
export { isKindOf } from './places-like.ts';

export { type Arrival, type ArrivingShift, arrivalsIn, type OutOfTune, type PlansOfPieces } from './arrival.ts';
export { COMPARED_BY, type ComparedBy, evidenceAgainstEvenOdds, evidenceAsked } from './comparison.ts';
export { meanSemitoneCents, type PointsTo, pointsBack } from './diagnosis.ts';
export { COUNTED_BY, type CountedBy, type CountedMisses, missesBy, type MissCounts } from './misses.ts';
export { type MissedPlace, type Statement, statementsOf } from './statements.ts';
export { type Week, weeksOf } from './weeks.ts';

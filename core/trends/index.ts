export { type Arrival, arrivalsIn, type OutOfTune } from './arrival.ts';
export { type ComparedBy, evidenceAgainstEvenOdds } from './comparison.ts';
export { meanSemitoneCents, pointsBack, type PointsTo } from './diagnosis.ts';
export { COUNTED_BY, type CountedBy, type MissCounts, missesBy } from './misses.ts';
export { type MissedPlace, type Statement, statementsOf } from './statements.ts';
export { FIRST_TOLERANCE, proposedTolerance } from './tolerance.ts';
export { type Week, weeksOf } from './weeks.ts';

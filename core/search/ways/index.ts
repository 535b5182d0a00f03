export { bestWays, fingeringLabel, groupBy as groupedBy, type LabelOf } from './best-ways.ts';
export {
  backwardSums,
  cheapestWay,
  costOfWay,
  forwardSums,
  indexOfLeast,
  relax,
  type Sums,
  traceBack as tracedBack,
  traceForward as tracedForth,
  type Way,
} from './cheapest-way.ts';
export { cheapestWaysByShifts, shiftsFirst } from './counted-ways.ts';

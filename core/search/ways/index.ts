export { bestWays, fingeringLabel, groupBy, type LabelOf } from './best-ways.ts';
export {
  backwardSums,
  cheapestWay,
  costOfWay,
  forwardSums,
  indexOfLeast,
  relax,
  type Sums,
  traceBack,
  traceForward,
  type Way,
} from './cheapest-way.ts';
export { cheapestWaysByShifts, shiftsFirst } from './counted-ways.ts';

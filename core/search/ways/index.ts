export { bestWays, fingeringLabel, groupedBy, type LabelOf } from './best-ways.ts';
export {
  backwardSums,
  cheapestWay,
  costOfWay,
  forwardSums,
  indexOfLeast,
  relax,
  type Sums,
  tracedBack,
  tracedForth,
  type Way,
} from './cheapest-way.ts';
export { cheapestWaysByShifts, shiftsFirst } from './counted-ways.ts';

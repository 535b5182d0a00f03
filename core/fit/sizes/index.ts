export { type Advice, adviceFor } from './advice.ts';
export { fingeredAgain, type FingeredAgain, type FittingSizes, onEverySize } from './sizes.ts';
export { type Fit, fitOf, grown, handOfPlan, onSize, type StayFit } from './what-if.ts';

export { type Advice, adviceFor } from './advice.ts';
export { fingerAgain as fingeredAgain, type FingeredAgain, type FittingSizes, onEverySize } from './sizes.ts';
export { type Fit, fitOf, growHand as grown, handOfPlan, onSize, type StayFit } from './what-if.ts';

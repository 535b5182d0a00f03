export { type Advice, adviceFor, isCrowded } from './advice.ts';
export { fingerAgain, type FingeredAgain, type FittingSizes, onEverySize } from './sizes.ts';
export { type Fit, fitOf, growHand, handOfPlan, onSize, type StayFit } from './what-if.ts';

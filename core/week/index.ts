export { daysFor, isBetter, planWeek, worthOf } from './plan-week.ts';
export type { NotPlaced, Placed, Reason, ToPractise, WeekChoice, WeekPlan } from './week.ts';

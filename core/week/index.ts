export {
  FIRST_WEEK,
  MOST_ITEMS,
  MOST_MINUTES,
  WEEK_FIELDS,
  WEEK_ORDERS,
  WEEK_SERVES,
  type WeekAsked,
  WeekItem,
  withItems,
} from './asked.ts';
export { type DaysPlanned, type KnownOfItems, planDays, type PlannedDay, type PlannedItem } from './days.ts';
export { daysFor, isBetter, planWeek, worthOf } from './plan-week.ts';
export { comesBack, gradeOf, HARDEST, type ItemStanding, standingsOf, unseenHardness } from './standing.ts';
export type { NotPlaced, ToPractise, WeekChoice } from './week.ts';

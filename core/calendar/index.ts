export { Day, DAYS_A_WEEK, dayNumber, dayOfNumber, weekdayOf } from './day.ts';

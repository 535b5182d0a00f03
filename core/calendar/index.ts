export { Day, dayNumber, dayOfNumber, weekdayOf } from './day.ts';

import { Type } from '@sinclair/typebox';

/** The schema of a day as logs, sessions and weeks name it, in local time: "2026-03-09". */
export const Day = Type.String({
  pattern: '^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$',
  description: 'The day where it happened, as "2026-03-09".',
});

const MS_A_DAY = 86_400_000;

/** The days of a week. */
export const DAYS_A_WEEK = 7;

/** Gives the number of a day, counted from 1 January 1970: neighbouring days have neighbouring numbers, whatever the clocks do. */
export function dayNumber(day: string): number {
  const [year = 1970, month = 1, date = 1] = day.split('-').map(Number);
  return Math.floor(Date.UTC(year, month - 1, date) / MS_A_DAY);
}

/** Gives the day of a number. */
export function dayOfNumber(number: number): string {
  return new Date(number * MS_A_DAY).toISOString().slice(0, 10);
}

/** Gives the day of the week: 0 for Monday, 6 for Sunday. */
export function weekdayOf(number: number): number {
  // 1 January 1970 was a Thursday, the fourth day of its week.
  return (((number + 3) % DAYS_A_WEEK) + DAYS_A_WEEK) % DAYS_A_WEEK;
}

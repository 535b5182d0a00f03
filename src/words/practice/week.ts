import { format } from 'date-fns/format';
import { dayNumber } from '#core/calendar';
import { countText } from '#core/messages';
import type { Practised } from '#core/practice/item';
import type { ItemStanding, NotPlaced, PlannedItem, WeekAsked } from '#core/week';
import { STAGE_WORDS } from '../drills/stages.ts';
import type { TellNote } from '../line/note-places.ts';
import { dateOf } from './record.ts';

/** The days of the week from Monday, short. */
export const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

/** Writes a day: "Monday 9 Mar". */
export function dayInWeekText(day: string): string {
  return format(dateOf(day), 'EEEE d MMM');
}

/** Writes a day in short: "Mon 9 Mar". */
export function shortDayText(day: string): string {
  return format(dateOf(day), 'EEE d MMM');
}

/** Writes minutes: "25 of 30 min"; "day off"; "40 min, 10 more than there are". */
export function minutesText(taken: number, minutes: number): string {
  if (minutes === 0 && taken === 0) return 'day off';
  return taken > minutes ? `${taken} min, ${taken - minutes} more than there are` : `${taken} of ${minutes} min`;
}

/** The names of the orders of a day. */
export const DAY_ORDER_WORDS: Readonly<Record<WeekAsked['order'], string>> = {
  musical: 'in the order of the music',
  'hardest-first': 'the hardest first',
  'hardest-last': 'the hardest last',
};

/** The names of what the plan takes up. */
export const SERVES_WORDS: Readonly<Record<WeekAsked['serves'], string>> = {
  everything: 'everything in the list',
  'the-date': 'only what the date asks for',
};

/** Writes why something stands in its day; `goal` is the name of the date. */
export function plannedReasonText({ reason, isNew }: PlannedItem, standing: ItemStanding | undefined, goal: string): string {
  const lastTime = lastTimeText(standing);
  const known = isNew ? 'new' : lastTime;
  switch (reason) {
    case 'moved':
      return 'moved here by hand';
    case 'by-date':
      return joinParts(goal === '' ? 'for the date' : `for “${goal}”`, known);
    case 'due':
      return isNew ? 'new' : joinParts('due', lastTime);
    case 'room':
      return joinParts(isNew ? 'new' : 'due earlier', 'the first day with room', lastTime);
    case 'again':
      return 'again, if it goes well';
  }
}

function lastTimeText(standing: ItemStanding | undefined): string {
  const last = standing?.sittings.at(-1);
  return last ? `${last.good} of ${last.tries} good last time` : '';
}

function joinParts(...parts: readonly string[]): string {
  return parts.filter((part) => part !== '').join(', ');
}

/** Writes what would make room for something; `instead` is the name of what could make way. */
export function roomText({ minutesMore }: NotPlaced, instead: string | null): string {
  const more =
    minutesMore === null
      ? 'each of its days has something new and hard already'
      : `${countText(minutesMore, 'minute', 'minutes')} more on one of its days would make room`;
  return instead === null ? more : `${more}, or drop ${instead}`;
}

/** Writes when something comes back that has no place in these days. */
export function laterText(day: string): string {
  return `comes back on ${shortDayText(day)}`;
}

/** Writes the standing of a player with something: "new", "5 days of practice, 3 of 8 good last time". */
export function standingText({ sittings }: ItemStanding): string {
  const last = sittings.at(-1);
  if (!last) return 'new';
  return `${countText(sittings.length, 'day', 'days')} of practice, ${last.good} of ${last.tries} good last time`;
}

/** The words of the week. */
export const WEEK_WORDS = {
  /** Tells how a block is moved, for the keyboard and the screen reader. */
  moveByKeys:
    'Press the space bar to lift it, the left and right arrow keys to move it to another day, the space bar again to put it down, Escape to leave it. Press Enter to see why it stands there.',
  legend: 'As high as the minutes; the frame is what the day has. Dashed: comes again if it goes well.',
  waiting: 'Planning the days …',
  hurt: 'It hurt last time. Ask about it before it is played; if it stays or comes back, a doctor.',
  nothing: 'The list is empty. Put in what is to be practised, and the days are planned from it.',
  rule: 'Until it has been good at its last tempo, a thing comes back within two days; after that at widening intervals, and the next day when it went badly. Nothing fills a day beyond its minutes, and one thing that is new and hard is enough for a day.',
} as const;

/** Writes the date and the days to it: "Studio recital: Sunday 13 December, in 12 days". */
export function goalText({ name, day }: NonNullable<WeekAsked['goal']>, today: string): string {
  const days = dayNumber(day) - dayNumber(today);
  const far = days === 0 ? 'today' : days === 1 ? 'tomorrow' : days > 0 ? `in ${days} days` : 'over';
  return `${name === '' ? 'The date' : name}: ${format(dateOf(day), 'EEEE d MMMM')}, ${far}`;
}

/** Writes from which measure a passage goes, for a narrow place; empty for a whole piece, and where the measure is not known. */
export function fromMeasureText({ piece, part }: Practised, tell: TellNote): string {
  if (part.part === 'whole') return '';
  const told = tell(piece, part.part === 'stage' ? part.note : part.from);
  if (part.part === 'stage') return STAGE_WORDS[part.stage].name;
  return told ? `from measure ${told.measure}` : '';
}

/** Writes that something was moved by hand: "A major in sixths stands on Thu 3 Dec now." */
export function movedToDayText(name: string, day: string): string {
  return `${name} stands on ${shortDayText(day)} now.`;
}

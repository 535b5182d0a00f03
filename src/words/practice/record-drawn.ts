import { format } from 'date-fns/format';
import { countText } from '#core/messages';
import { MISSES } from '#core/practice/ladder';
import type { BecameSure, DayTries, NoteMisses } from '#core/trends';
import { noteAtText, type TellNote } from '../line/note-places.ts';
import { dateOf } from './record.ts';
import { MISS_WORDS } from './session.ts';

/** Writes the first day of a week under its days: "9 Mar". */
export function weekStartText(day: string): string {
  return format(dateOf(day), 'd MMM');
}

/** Gives the letter of a weekday: "M" for a Monday. */
export function weekdayLetter(day: string): string {
  return format(dateOf(day), 'EEEEE');
}

/** Writes a week of days: "The week from 9 Mar: 5 days, 40 of 52 tries good". */
export function weekOfDaysText(days: readonly DayTries[]): string {
  const good = days.reduce((sum, day) => sum + day.good, 0);
  const missed = days.reduce((sum, day) => sum + day.missed, 0);
  const practised = days.filter((day) => day.good + day.missed > 0).length;
  const done = practised === 0 ? 'nothing tried' : `${countText(practised, 'day', 'days')}, ${good} of ${good + missed} tries good`;
  return `The week from ${weekStartText(days[0]?.day ?? '')}: ${done}`;
}

/** Writes the misses at a note for a table: "5 of 40: 3 flat, 2 late". */
export function noteMissesText({ missed, played, ways }: Pick<NoteMisses, 'missed' | 'played' | 'ways'>): string {
  const told = MISSES.filter((miss) => ways[miss] > 0).map((miss) => `${ways[miss]} ${MISS_WORDS[miss]}`);
  return `${missed} of ${played}${told.length === 0 ? '' : `: ${told.join(', ')}`}`;
}

/** Writes that a note has become sure: "Evening line, measure 3, beat 2 (A♭5): missed 5 of 20 times, then 18 times good." */
export function becameSureText({ piece, title, note, missed, of, goodSince }: BecameSure, tell: TellNote): string {
  return `${title}, ${noteAtText(tell(piece, note), note)}: missed ${missed} of ${countText(of, 'time', 'times')}, then ${countText(goodSince, 'time', 'times')} good.`;
}

/** The words of the drawings of the record. */
export const DRAWN_WORDS = {
  days: 'Eight weeks, day by day',
  daysLegend: 'Up, filled: good tries. Down, open: missed ones. Press a week to see its days.',
  tempos: 'Tempos of each piece',
  temposLegend:
    'Each circle is as large as the tries at that tempo on that day; what is filled was good. The line joins the fastest good tempos.',
  onLine: 'Where it was missed',
  onLineLegend: 'The darker, the more often it was missed there; the number tells how often. Misses count where the note was pointed at.',
  onLineNone: 'No miss of this piece was logged with its note.',
  onBoard: 'On the fingerboard',
  onBoardLegend:
    'The larger the circle behind a finger, the more tries of the last eight weeks missed there, all pieces together. A dot: played, never missed.',
  sure: 'What has become sure',
  sureNone: 'Nothing yet that could not be chance.',
  sureRule:
    'A note is called sure when it was missed three times or more and has been good ever since, for longer than chance would allow (one time in a hundred, all notes together).',
} as const;

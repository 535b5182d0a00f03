import { format } from 'date-fns/format';
import { countText, listText } from '#core/messages';
import { damagedText, newerDaysText } from '../kept/backup.ts';

/** The result of adding entries to a log: the new ones, those that were here, and the days that were left out. */
interface Merged {
  readonly added: number;
  readonly there: number;
  readonly left: readonly string[];
}

/** Writes when a file was saved: "28 Nov 2026, 17:05"; empty where the file does not say. */
export function savedText(at: number): string {
  return at === 0 ? '' : `Saved on ${format(at, 'd MMM yyyy, HH:mm')}.`;
}

/** Writes the result of bringing in a log. */
export function mergedText(name: string, { added, there, left }: Merged): string {
  const whole = `Log of ${name}: ${countText(added, 'entry is', 'entries are')} new, ${countText(there, 'was', 'were')} here already.`;
  return left.length === 0 ? whole : `${whole} Left out: ${newerDaysText(left)}`;
}

/** Writes which parts of a file did not read; empty where all did. */
export function damagedPartsText(damaged: Parameters<typeof damagedText>[0]): string {
  return damaged.length === 0 ? '' : damagedText(damaged);
}

/** Writes what was saved, and for whom. */
export function givenText(names: readonly string[], files: number): string {
  return `${files === 1 ? 'One file' : `${files} files`} for ${listText(names)}. Send it as you like: it opens on this page in the pupil’s own browser.`;
}

/** Writes that something given carries the name of another player. */
export function namedText(text: string, name: string): string {
  return `“${text}” has the name of ${name} in it, and the others will read it. Give it another name first.`;
}

/** Writes which pieces are not in the file, since their book may not be given on. */
export function staysText(pieces: readonly string[]): string {
  const names = listText(pieces.map((name) => `“${name}”`));
  return `${names} ${pieces.length === 1 ? 'stays' : 'stay'} here: the music of the book may not go to pupils. Tick it under Books where it may.`;
}

/** Writes which pieces a pupil cannot play as they are. */
export function unplayableText(player: string, pieces: readonly string[]): string {
  return `${player} has no fingering for ${listText(pieces.map((name) => `“${name}”`))} with what is known of the hand and the positions: look at ${pieces.length === 1 ? 'it' : 'them'} on the bench first.`;
}

/** The words of the assignment. */
export const ASSIGNMENT_WORDS = {
  teacher: 'The teacher',
  pupil: 'The pupil',
  there: 'the assignment',
  back: 'the log',
  inFile: 'In the file',
  give: 'For a pupil or a class',
  giveHow: 'The file holds the pieces and drills, how long and by which ladder each is practised, the aim and the tolerance.',
  classHow: 'Other pupils get the same pieces on their own instruments, each with its own fingering. They are kept here too, under Pieces.',
  oneForAll: 'Whoever gets the one file can read the names, instruments and hand measurements of all of them.',
  nothing: 'There is nothing to give yet: plan a week or prepare a session first.',
  take: 'Take in an assignment',
  takeHow: 'Open the file your teacher sent.',
  log: 'The log, back to the teacher',
  logHow: 'The file holds everything that was logged. It may be sent as often as you like: nothing is counted twice.',
  bring: 'Bring in a pupil’s log',
  nobodyInIt: 'This file holds no log.',
  noPupil: 'This file holds no assignment for a pupil.',
} as const;

/** Writes the content of an assignment beside its pieces, one line each: the week, the sessions, the aim and the tolerance. */
export function contentTexts({ week, sessions, aim, cents }: AssignmentContent): readonly string[] {
  return [
    ...(week === null ? [] : [`The week: ${countText(week, 'thing', 'things')} to practise`]),
    ...sessions.map(({ name, minutes }) => `Session “${name || 'without an aim yet'}”: ${minutes} min`),
    aim === null ? 'No aim' : `Aim: ${aim}`,
    `Tolerance: ${cents} cents`,
  ];
}

/** The content of an assignment, as it is told before it is saved. */
interface AssignmentContent {
  /** The number of things in the week; null where it does not go along. */
  readonly week: number | null;
  readonly sessions: readonly { readonly name: string; readonly minutes: number }[];
  /** The next aim; null where none is set. */
  readonly aim: string | null;
  /** The tolerance, cents. */
  readonly cents: number;
}

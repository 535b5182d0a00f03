import { format } from 'date-fns/format';
import { parseISO } from 'date-fns/parseISO';
import { countText } from '#core/messages';
import { dayNumber, dayOfNumber } from '#core/calendar';
import { type Aim, type Done, type EntryOf, type LogEntry, type MissedNote, missesOf } from '#core/practice/log';
import { VOICES } from '#core/practice/ladder';
import type { FadingCourse } from '#core/practice/fading';
import { HELP_WORDS } from './fading.ts';
import { MISS_WORDS, partText, practisedNoteText, SKIPPED_WORDS, tempoText, VOICE_WORDS } from './session.ts';
import { noteAtText, type TellNote } from '../line/note-places.ts';

/** Turns a day into a date; one that no calendar has, as 31 February in a file, is the day that many days on. */
export function dateOf(day: string): Date {
  return parseISO(dayOfNumber(dayNumber(day)));
}

/** Writes a day: "Monday 9 March 2026". */
export function dayText(day: string): string {
  return format(dateOf(day), 'EEEE d MMMM yyyy');
}

/** Writes a time: "17:05". */
function timeText(at: number): string {
  return format(at, 'HH:mm');
}

/** Writes the work on an item: "7 of 12 good, up to ♩ = 66; 3 flat, 2 late; 4 in the upper voice". */
export function doneText({ tries, good, tempo, misses, voices }: Done): string {
  const byVoice = VOICES.filter((voice) => voices[voice] > 0).map((voice) => `${voices[voice]} in ${VOICE_WORDS[voice]}`);
  const missed = missesOf(misses).map(({ miss, times }) => `${times} ${MISS_WORDS[miss]}`);
  const upTo = tempo === null ? '' : `, up to ${tempoText(tempo)}`;
  const parts = [missed, byVoice].flatMap((said) => (said.length === 0 ? [] : [`; ${said.join(', ')}`]));
  return `${good} of ${tries} good${upTo}${parts.join('')}`;
}

/** The form of a day of this year: "23 November". */
const DAY_AND_MONTH = 'd MMMM';

type Said = { readonly [Kind in LogEntry['kind']]: (entry: EntryOf<Kind>) => string };

const nothing = (): string => '';

/** The words of entries other than tries, answers and sets. */
const SAID: Said = {
  take: ({ practised, tolerance, notes, leftOut }) => takeText(practised.title, { tolerance, notes, leftOut }),
  remark: ({ text }) => text,
  aim: ({ text }) => `Next aim: ${text}`,
  pain: ({ practised }) => `It hurt: ${practised.title}. The set was ended.`,
  'end-check': ({ aim, reached }) => `Aim “${aim}”: ${reached ? 'reached' : 'not yet'}`,
  skipped: ({ prompt, practised }) => `Passed over: ${SKIPPED_WORDS[prompt]} (${practised.title})`,
  posture: ({ point, good }) => `${point}: ${good ? 'good' : 'to watch'}`,
  tolerance: ({ cents }) => `Tolerance: ${cents} cents`,
  file: ({ name, bytes }) => `${name}, ${sizeText(bytes)}`,
  points: ({ points }) => `To watch: ${points.map(({ name }) => name).join(', ')}`,
  fading: ({ course }) => `Help fades: ${courseText(course)}`,
  attempt: nothing,
  answer: nothing,
  set: nothing,
  correction: nothing,
};

/** Writes an entry other than a try in a day's log; empty for a try. */
export function entryText(entry: LogEntry): string {
  return wordsOfEntry(entry.kind, entry);
}

function wordsOfEntry<Kind extends LogEntry['kind']>(kind: Kind, entry: EntryOf<Kind>): string {
  return SAID[kind](entry);
}

/** Writes a take: "Evening line, recorded: 24 of 26 notes within 10 cents, 1 left out". */
function takeText(title: string, { tolerance, notes, leftOut }: Pick<EntryOf<'take'>, 'tolerance' | 'notes' | 'leftOut'>): string {
  const right = notes.filter(({ cents }) => Math.abs(cents) <= tolerance).length;
  return `${title}, recorded: ${right} of ${countText(notes.length, 'note', 'notes')} within ${tolerance} cents${leftOut > 0 ? `, ${leftOut} left out` : ''}`;
}

/** Writes an aim with its dates: "Aim of 23 November, “Even bows”: reached on 27 November." */
export function aimText({ text, setAt, reachedAt, checks }: Aim): string {
  const set = setAt === null ? 'Aim' : `Aim of ${format(setAt, DAY_AND_MONTH)},`;
  const open = checks === 0 ? 'open' : `open, checked ${countText(checks, 'time', 'times')}`;
  return `${set} “${text}”: ${reachedAt === null ? open : `reached on ${format(reachedAt, DAY_AND_MONTH)}`}.`;
}

/** Writes answers: "34 of 40 questions answered right". */
export function answersText(answers: readonly EntryOf<'answer'>[]): string {
  return `${answers.filter(({ right }) => right).length} of ${countText(answers.length, 'question', 'questions')} answered right`;
}

/**
 * Writes how help fades: "the path of the hand, then the staff; one goes after 2 clean sets in a row, and comes back after 2 failed ones".
 */
function courseText({ helps, clean, failed }: FadingCourse): string {
  const order = helps.map((help) => HELP_WORDS[help]).join(', then ');
  return `${order}; one goes after ${countText(clean, 'clean set', 'clean sets in a row')}, and comes back after ${countText(failed, 'failed one', 'failed ones')}`;
}

/** Writes one try: "17:05 Evening line, all of it, ♩ = 60: flat". */
export function attemptText({ at, practised, tempo, miss, note, voice }: EntryOf<'attempt'>, tell: TellNote): string {
  const where = note === undefined ? '' : ` at ${practisedNoteText(practised, note, tell)}`;
  const speed = tempo === null ? '' : `, ${tempoText(tempo)}`;
  return `${timeText(at)} ${practised.title}, ${partText(practised, tell)}${speed}: ${miss === null ? 'good' : `${MISS_WORDS[miss]}${where}${voice ? `, in ${VOICE_WORDS[voice]}` : ''}`}`;
}

/** Writes a missed note: "Evening line, measure 3, beat 2 (A♭5): missed 4 times, mostly flat and in the upper voice". */
export function missedNoteText({ piece, title, note, times, miss, voice }: MissedNote, tell: TellNote): string {
  const mostly = [miss === 'unsaid' ? null : MISS_WORDS[miss], voice && `in ${VOICE_WORDS[voice]}`].filter((said) => said !== null);
  const how = mostly.length === 0 ? '' : `, mostly ${mostly.join(' and ')}`;
  return `${title}, ${noteAtText(tell(piece, note), note)}: missed ${countText(times, 'time', 'times')}${how}`;
}

/** Writes a size: "2.4 MB". */
export function sizeText(bytes: number): string {
  return bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
}

/** Writes a total: "3 days of practice, 120 tries, 71 % good". */
export function sumText(days: number, tries: number, good: number): string {
  const share = tries === 0 ? '' : `, ${Math.round((100 * good) / tries)} % good`;
  return `${countText(days, 'day', 'days')} of practice, ${countText(tries, 'try', 'tries')}${share}`;
}

/** Writes why a file is not kept with a remark; sizes in bytes. */
export function tooLargeText(name: string, bytes: number, most: number): string {
  return `${name} is ${sizeText(bytes)}: at most ${sizeText(most)} can be kept with a remark. Cut it shorter, or make the picture smaller.`;
}

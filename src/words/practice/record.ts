import { format, parseISO } from 'date-fns';
import { counted } from '#core/messages';
import { type Done, type EntryOf, type LogEntry, type MissedNote, missesOf } from '#core/practice';
import { MISS_WORDS, partText, SKIPPED_WORDS, tempoText } from './session.ts';

/** "Monday 9 March 2026". */
export function dayText(day: string): string {
  return format(parseISO(day), 'EEEE d MMMM yyyy');
}

/** "17:05". */
export function timeText(at: number): string {
  return format(at, 'HH:mm');
}

/** "7 of 12 good, up to ♩ = 66; 3 flat, 2 late". */
export function doneText({ tries, good, tempo, misses }: Done): string {
  const missed = missesOf(misses).map(({ miss, times }) => `${times} ${MISS_WORDS[miss]}`);
  const upTo = tempo === null ? '' : `, up to ${tempoText(tempo)}`;
  return `${good} of ${tries} good${upTo}${missed.length === 0 ? '' : `; ${missed.join(', ')}`}`;
}

/** What an entry beside the tries says in a day's log; empty for a try. */
export function entryText(entry: LogEntry): string {
  switch (entry.kind) {
    case 'remark':
      return entry.text;
    case 'aim':
      return `Next aim: ${entry.text}`;
    case 'pain':
      return `It hurt: ${entry.practised.title}. The set was ended.`;
    case 'end-check':
      return `Aim “${entry.aim}”: ${entry.reached ? 'reached' : 'not yet'}`;
    case 'skipped':
      return `Passed over: ${SKIPPED_WORDS[entry.prompt]} (${entry.practised.title})`;
    case 'posture':
      return `${entry.point}: ${entry.good ? 'good' : 'to watch'}`;
    case 'tolerance':
      return `Tolerance: ${entry.cents} cents`;
    case 'file':
      return `${entry.name}, ${sizeText(entry.bytes)}`;
    case 'points':
      return `To watch: ${entry.points.map(({ name }) => name).join(', ')}`;
    case 'attempt':
    case 'correction':
      return '';
  }
}

/** One try: "17:05 Evening line, all of it, ♩ = 60: flat". */
export function attemptText({ at, practised, tempo, miss, note }: EntryOf<'attempt'>): string {
  const where = note === undefined ? '' : ` at note ${note + 1}`;
  const speed = tempo === null ? '' : `, ${tempoText(tempo)}`;
  return `${timeText(at)} ${practised.title}, ${partText(practised.part)}${speed}: ${miss === null ? 'good' : `${MISS_WORDS[miss]}${where}`}`;
}

/** "Evening line, note 12: missed 4 times, mostly flat". */
export function missedNoteText({ title, note, times, miss }: MissedNote): string {
  return `${title}, note ${note + 1}: missed ${counted(times, 'time', 'times')}, mostly ${MISS_WORDS[miss]}`;
}

/** "2.4 MB". */
export function sizeText(bytes: number): string {
  return bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
}

/** "3 days of practice, 120 tries, 71 % good". */
export function sumText(days: number, tries: number, good: number): string {
  const share = tries === 0 ? '' : `, ${Math.round((100 * good) / tries)} % good`;
  return `${counted(days, 'day', 'days')} of practice, ${counted(tries, 'try', 'tries')}${share}`;
}

/** Why a file is not kept with a remark; sizes in bytes. */
export function tooLargeText(name: string, bytes: number, most: number): string {
  return `${name} is ${sizeText(bytes)}: at most ${sizeText(most)} can be kept with a remark. Cut it shorter, or make the picture smaller.`;
}

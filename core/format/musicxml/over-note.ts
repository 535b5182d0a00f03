import type { WrittenPosition, WrittenString } from '#core/format/foreign';
import { numberOf, type ReadElement, textOf } from '#core/format';
import { readPosition, readString } from './written-words.ts';

/** The position and the string that words over the staff give for the next note; null for none. */
export interface OverNote {
  /** The position that is named. */
  readonly position: WrittenPosition | null;
  /** The string that is named. */
  readonly string: WrittenString | null;
}

/** No words over the next note. */
export const NOTHING_OVER: OverNote = { position: null, string: null };

/** Reads words over the staff; null where they name neither a position nor a string. */
export function overNote(words: string): OverNote | null {
  const position = readPosition(words);
  const string = position === null ? readString(words) : null;
  return position === null && string === null ? null : { position, string };
}

/** Reads the tuning of one string in a scordatura: its number, and the open note as it sounds, documents' form; null where it is none. */
export function openString(accord: ReadElement): { readonly number: number; readonly pitch: string } | null {
  const number = Number(accord.attributes['string'] ?? NaN);
  const [step, octave] = [textOf(accord, 'tuning-step'), numberOf(accord, 'tuning-octave')];
  const sign = { '-2': 'bb', '-1': 'b', '0': '', '1': '#', '2': '##' }[String(numberOf(accord, 'tuning-alter') ?? 0)];
  if (!Number.isInteger(number) || number < 1 || number > 6) return null;
  if (step === undefined || !/^[A-G]$/.test(step) || octave === undefined || sign === undefined) return null;
  return { number, pitch: `${step}${sign}${octave}` };
}

import type { Finger } from '#core/hand/placement';
import { FINGERS } from '#core/hand/placement';
import type { WrittenPosition, WrittenString } from '#core/format/foreign';

/** The fingers written at a note: the first, another that the reader may take, and the one that takes the note over from it. */
export interface WrittenFingers {
  /** The finger that begins the note; null for none. */
  readonly finger: Finger | null;
  /** The other finger that is left to the player; null for none. */
  readonly alternate: Finger | null;
  /** The finger that takes the note over; null for none. */
  readonly takenOverBy: Finger | null;
}

/** No finger at all. */
export const NO_FINGERS: WrittenFingers = { finger: null, alternate: null, takenOverBy: null };

/** One finger, then after a line the one that takes the note over, or after a stroke or in brackets another to choose. */
const FINGERS_WRITTEN = /^([0-4TO+ϙ])(?:\s*[-–—‿_]\s*([0-4T]))?(?:\s*[(/]\s*([0-4T])\s*\)?)?$/iu;

/** Reads the text of one fingering: "2", "T", "o", "4-2", "3/2", "3 (2)"; none where it is something else. */
export function readFingers(text: string): WrittenFingers {
  const read = FINGERS_WRITTEN.exec(text.trim());
  if (!read) return NO_FINGERS;
  return { finger: fingerNamed(read[1]), takenOverBy: fingerNamed(read[2]), alternate: fingerNamed(read[3]) };
}

function fingerNamed(text: string | undefined): Finger | null {
  if (text === undefined) return null;
  const name = /^o$/i.test(text) ? '0' : /^[+ϙ]$/u.test(text) ? 'T' : text.toUpperCase();
  return FINGERS.find((finger) => finger === name) ?? null;
}

const POSITION = String.raw`(?:pos(?:ition|\.)?|lage)`;
const ROMAN = '[IVX]{1,4}';

/** The forms in which a position is written, with its name as the first group that matched. */
const POSITIONS: readonly RegExp[] = [
  new RegExp(String.raw`^(half|½|1/2)\s+${POSITION}$`, 'iu'),
  new RegExp(String.raw`^(\d{1,2})(?:st|nd|rd|th|\.|e|ª|a)?\s*${POSITION}$`, 'iu'),
  new RegExp(String.raw`^(first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth)\s+${POSITION}$`, 'iu'),
  new RegExp(String.raw`^(${ROMAN}(?:[-–]${ROMAN})?)\.?\s*${POSITION}$`, 'u'),
  new RegExp(String.raw`^${POSITION}\s*(½|half|\d{1,2}|${ROMAN}(?:[-–]${ROMAN})?)$`, 'iu'),
];

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];

/** The values of Roman numerals up to twelve, as positions and strings are numbered. */
const ROMANS = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII', 'IX', 'X', 'XI', 'XII'];

/** Reads a position written over the staff: "3rd pos.", "half position", "II–III pos."; null where the words are something else. */
export function readPosition(words: string): WrittenPosition | null {
  const text = words.trim().replace(/^(low|high)\s+/i, '');
  if (/^thumb (pos(ition|\.)?|on [A-G][♯♭#b]?\d?)$/i.test(text)) return 'thumb';
  const name = POSITIONS.map((form) => form.exec(text)?.[1]).find((found) => found !== undefined);
  if (name === undefined) return null;
  if (/^(half|½|1\/2)$/iu.test(name)) return 'half';
  const between = name.split(/[-–]/u).map(numberNamed);
  const [low, high] = between;
  if (low === undefined || low === 0) return null;
  return high === undefined ? { from: low, to: low } : { from: low, to: high };
}

function numberNamed(name: string): number {
  if (/^\d+$/.test(name)) return Number(name);
  const ordinal = ORDINALS.indexOf(name.toLowerCase()) + 1;
  return ordinal > 0 ? ordinal : ROMANS.indexOf(name.toUpperCase()) + 1;
}

/** The Italian names of the strings, as they stand after "sul". */
const ITALIAN: Readonly<Record<string, string>> = { do: 'C', re: 'D', mi: 'E', sol: 'G', la: 'A' };

/** Reads a string written over the staff: "sul G", "sul re", "A string", "III", "4a corda"; null where the words are something else. */
export function readString(words: string): WrittenString | null {
  const text = words.trim();
  const sul = /^sul(?:la)?\s+([A-G]|do|re|mi|sol|la)\.?$/i.exec(text)?.[1] ?? /^(?:on\s+)?(?:the\s+)?([A-G])[-\s]string$/i.exec(text)?.[1];
  if (sul !== undefined) return { letter: ITALIAN[sul.toLowerCase()] ?? sul.toUpperCase() };
  const roman = /^(I|II|III|IV|V|VI)\.?(?:\s*(?:corda|string))?$/u.exec(text)?.[1];
  if (roman !== undefined) return { number: ROMANS.indexOf(roman) + 1 };
  const counted = /^([1-6])(?:\s*(?:a|ª|ma|da|ta|\.))?\s*corda$/iu.exec(text)?.[1];
  return counted === undefined ? null : { number: Number(counted) };
}

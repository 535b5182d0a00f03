import {
  type AccentPattern,
  ACCENTS,
  BOW_PATTERNS,
  type BowPattern,
  LENGTH_PATTERNS,
  type LengthPattern,
  patternNamed,
  type Rhythm,
} from '#core/rhythm';
import { countText, listText } from '#core/messages';
import { bowLabel } from './bowing.ts';

/** The names of rhythms in the sentence, after the note value. */
export const LENGTH_PATTERN_LABELS: Readonly<Record<LengthPattern, string>> = {
  even: 'evenly',
  'long-short': 'dotted, long and short',
  'short-long': 'dotted, short and long',
  triplets: 'in triplets',
  'triplet-long-short': 'in triplets, long and short',
  'triplet-short-long': 'in triplets, short and long',
  'long-two-short': 'one long and two short',
  'two-short-long': 'two short and one long',
  'long-three-short': 'one long and a triplet',
  'three-short-long': 'a triplet and one long',
};

/** The names of mixed bowings in the sentence. */
export const BOW_LABELS: Readonly<Record<BowPattern, string>> = {
  'two-slurred-two-separate': 'two slurred, two separate',
  'two-separate-two-slurred': 'two separate, two slurred',
  'three-slurred-one-separate': 'three slurred, one separate',
  'one-separate-three-slurred': 'one separate, three slurred',
  'one-two-one': 'one separate, two slurred, one separate',
  'two-slurred-one-separate': 'two slurred, one separate',
  'one-separate-two-slurred': 'one separate, two slurred',
};

/** The names of accents in the sentence. */
export const ACCENT_LABELS: Readonly<Record<AccentPattern, string>> = {
  none: 'without accents',
  'first-of-two': 'an accent on the first of two',
  'second-of-two': 'an accent on the second of two',
  'first-of-three': 'an accent on the first of three',
  'first-of-four': 'an accent on the first of four',
  'third-of-four': 'an accent on the third of four',
};

/** Writes the bowing of a variant: by its name, or "3, 1 and 2 to a bow in turn". */
export function bowsLabel(bows: readonly number[]): string {
  const name = patternNamed(BOW_PATTERNS, bows);
  return name ? BOW_LABELS[name] : bows.length === 1 ? bowLabel(bows[0] ?? 1) : `${listText(bows.map(String))} to a bow in turn`;
}

/** Writes the rhythm of a variant: by its name, or "3/2, 1/4 and 1/4 of each note in turn". */
export function lengthsLabel(lengths: readonly string[]): string {
  const name = patternNamed(LENGTH_PATTERNS, lengths);
  return name ? LENGTH_PATTERN_LABELS[name] : `${listText(lengths)} of each note in turn`;
}

/** Writes the accents of a variant: by their name, or by their note. */
export function accentsLabel(accents: Rhythm['accents'] | null): string {
  const name = patternNamed(ACCENTS, accents ?? null);
  return name || !accents ? ACCENT_LABELS[name ?? 'none'] : `an accent on note ${accents.on} of ${accents.every}`;
}

/** The names of pick-ups that have one. */
const PICK_UP_NAMES: Readonly<Record<string, string>> = {
  '1/16': 'a sixteenth',
  '1/8': 'an eighth',
  '1/4': 'a quarter',
  '3/8': 'three eighths',
};

/** Writes how the line begins. */
export function pickUpLabel(pickUp: string): string {
  return pickUp === '' ? 'from the first beat' : `with ${PICK_UP_NAMES[pickUp] ?? pickUp} before the first bar line`;
}

/** Writes the features of a rhythm's variant, each in a few words; none for one that is as usual. */
export function variantLabels({ lengths, bows, accents, pickUp, lockedBows }: Rhythm): readonly string[] {
  return [
    ...(lengths && lengths.length > 0 ? [lengthsLabel(lengths)] : []),
    ...(bows ? [bowsLabel(bows)] : []),
    ...(accents ? [accentsLabel(accents)] : []),
    ...(pickUp === undefined ? [] : [pickUpLabel(pickUp)]),
    ...(lockedBows ? [`${countText(lockedBows.length, 'bow', 'bows')} locked`] : []),
  ];
}

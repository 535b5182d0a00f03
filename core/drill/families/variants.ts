import {
  addFractions,
  asNumber,
  compareFractions,
  formatFraction,
  fraction,
  type Fraction,
  multiplyFractions,
  parseFraction,
  subtractFractions,
  ZERO,
} from '#core/fraction';
import { type Meter, meterOf } from '#core/rhythm';
import type { DrillNote } from '#core/drill';
import type { DrillVariant } from './request.ts';

/** Fills a measure with a rest up to a whole number of measures of a meter. */
export function fillMeasure(measure: readonly DrillNote[], { beats, beatValue }: Meter = COMMON_TIME): readonly DrillNote[] {
  const length = measure.map(lengthOf).reduce(addFractions, ZERO);
  const count = Math.ceil((asNumber(length) * beatValue) / beats - TINY);
  const missing = subtractFractions(fraction(count * beats, beatValue), length);
  return compareFractions(missing, ZERO) > 0 ? [...measure, { rest: true, duration: formatFraction(missing) }] : measure;
}

/** Counts the measures of common time that some notes fill. */
export function measuresLong(notes: readonly DrillNote[]): number {
  return asNumber(notes.map(lengthOf).reduce(addFractions, ZERO));
}

/** Lengths are exact fractions; their quotient may exceed a whole number by a hair. */
const TINY = 1e-9;

const COMMON_TIME: Meter = meterOf({});

/** Counts the notes left over where each bow takes a given number and no rest comes between: 31 notes at 4 to a bow leave 3. */
export function notesLeftOver(notes: number, notesPerBow: number): number {
  return notes % notesPerBow;
}

/** Gives a measure another rhythm over the same fingers. */
export function inRhythm(measure: readonly DrillNote[], rhythm: DrillVariant['rhythm']): readonly DrillNote[] {
  switch (rhythm) {
    case 'as-written':
      return measure;
    case 'long-short':
      return byPairs(measure, [fraction(3, 2), fraction(1, 2)]);
    case 'short-long':
      return byPairs(measure, [fraction(1, 2), fraction(3, 2)]);
    case 'twice':
      return measure.flatMap((note) => {
        const half = withLength(note, multiplyFractions(lengthOf(note), fraction(1, 2)));
        return 'rest' in note ? [note] : [half, half];
      });
  }
}

/** Gives two neighbouring notes of one length shares of it; a note without such a neighbour stays. */
function byPairs(measure: readonly DrillNote[], [first, second]: readonly [Fraction, Fraction]): readonly DrillNote[] {
  const written: DrillNote[] = [];
  for (let at = 0; at < measure.length; at += 1) {
    const [one, other] = [measure[at], measure[at + 1]];
    if (!one) break;
    if (other && !('rest' in one) && !('rest' in other) && one.duration === other.duration) {
      written.push(withLength(one, multiplyFractions(lengthOf(one), first)), withLength(other, multiplyFractions(lengthOf(other), second)));
      at += 1;
    } else written.push(one);
  }
  return written;
}

/** Slurs a given number of notes to a bow; a rest ends a bow, and a slur that is written stays. */
export function slurNotes(notes: readonly DrillNote[], notesPerBow: number): readonly DrillNote[] {
  if (notesPerBow === 1) return notes;
  let inBow = 0;
  return notes.map((note, at) => {
    const next = notes[at + 1];
    inBow = 'rest' in note ? 0 : inBow + 1;
    if ('rest' in note || next === undefined || 'rest' in next) return note;
    return inBow % notesPerBow === 0 ? note : { ...note, slur: true };
  });
}

function lengthOf({ duration }: DrillNote): Fraction {
  return parseFraction(duration) ?? ZERO;
}

function withLength(note: DrillNote, length: Fraction): DrillNote {
  return { ...note, duration: formatFraction(length) };
}

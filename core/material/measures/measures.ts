import { addFractions, asNumber, compareFractions, type Fraction, subtractFractions, ZERO } from '#core/fraction';
import { measureLength } from '#core/rhythm';
import type { Key } from '#core/key';
import type { Line } from '#core/material/line';
import type { Signature } from '#core/material/signature';

/** One measure of a line in time. */
export interface LineMeasure extends Signature {
  /** The number on the page, from 1; a pick-up is 0. */
  readonly number: number;
  /** The bar line, in whole notes from the beginning of the measure in which the line begins. */
  readonly onset: Fraction;
  /** The length that its meter gives it, in whole notes. */
  readonly length: Fraction;
}

/** Lists the measures of a line up to the one in which it ends, in order; at least one. */
export function measuresOf(line: Line): readonly LineMeasure[] {
  const last = line.notes[line.notes.length - 1];
  const end = last ? addFractions(last.onset, last.duration) : ZERO;
  const first = hasPickUp(line) ? 0 : 1;
  const measures: LineMeasure[] = [];
  let onset = ZERO;
  do {
    const { key, meter } = signatureOfMeasure(line, measures.length);
    const length = measureLength(meter);
    measures.push({ number: first + measures.length, onset, length, key, meter });
    onset = addFractions(onset, length);
  } while (compareFractions(onset, end) < 0);
  return measures;
}

/** Tells whether the line begins before its first bar line. */
function hasPickUp({ notes: [first] }: Line): boolean {
  return first !== undefined && compareFractions(first.onset, ZERO) > 0;
}

function signatureOfMeasure(line: Line, index: number): Signature {
  return line.changes.findLast(({ measureIndex }) => measureIndex <= index) ?? line;
}

/**
 * Finds the index of the measure in which a moment lies, whole notes from the beginning of the first; of the last measure for a moment
 * after it.
 */
export function measureIndexAt(measures: readonly LineMeasure[], onset: Fraction): number {
  let [low, high] = [0, measures.length - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    const there = measures[middle];
    if (there && compareFractions(there.onset, onset) <= 0) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Gives the number of the measure in which each note and rest of a line begins, as the page counts them: 0 in the pick-up. */
export function measureNumbers(line: Line): readonly number[] {
  const measures = measuresOf(line);
  return line.notes.map(({ onset }) => measures[measureIndexAt(measures, onset)]?.number ?? 1);
}

/** Finds the change of key or meter that a note of the line comes after: its index; −1 for none. */
export function changeBefore(line: Line, index: number): number {
  const onset = line.notes[index]?.onset;
  return onset === undefined ? -1 : changeUpTo(line, onset);
}

function changeUpTo({ changes }: Line, moment: Fraction): number {
  return changes.findLastIndex((change) => compareFractions(change.onset, moment) <= 0);
}

/** Gives the key and the meter in which a note of the line stands. */
export function signatureAt(line: Line, index: number): Signature {
  return line.changes[changeBefore(line, index)] ?? line;
}

/** Gives the key in which a note of the line stands. */
export function keyAt(line: Line, index: number): Key {
  return signatureAt(line, index).key;
}

/** Gives the key for a note that is written after another, where that one ends; −1 for before the first. */
export function keyAfter(line: Line, index: number): Key {
  const note = line.notes[index];
  return (note && line.changes[changeUpTo(line, addFractions(note.onset, note.duration))]?.key) ?? line.key;
}

/** Gives the distance of a moment into its measure, whole notes. */
export function intoMeasure({ onset }: LineMeasure, moment: Fraction): number {
  return asNumber(subtractFractions(moment, onset));
}

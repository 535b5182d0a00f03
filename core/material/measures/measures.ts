import { addFractions, asNumber, compareFractions, type Fraction, subtractFractions, ZERO } from '#core/fraction';
import { measureLength } from '#core/rhythm';
import type { Key } from '#core/key';
import type { Line } from '#core/material/line';
import type { Signature } from '#core/material/signature';

/** One measure of a line in time. */
export interface LineMeasure extends Signature {
  /** As it is counted on the page, from 1; a pick-up is 0. */
  readonly number: number;
  /** Its bar line, in whole notes from the beginning of the measure in which the line begins. */
  readonly onset: Fraction;
  /** How long it is by its meter, in whole notes. */
  readonly length: Fraction;
}

/** The measures of a line up to the one in which it ends, in order; at least one. */
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

/** Whether the line begins before its first bar line. */
function hasPickUp({ notes: [first] }: Line): boolean {
  return first !== undefined && compareFractions(first.onset, ZERO) > 0;
}

function signatureOfMeasure(line: Line, index: number): Signature {
  return line.changes.findLast(({ measureIndex }) => measureIndex <= index) ?? line;
}

/** The index of the measure that a moment lies in, whole notes from the beginning of the first; of the last for what comes after it. */
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

/** Which change of key or meter a note of the line comes after: its index; −1 for none. */
export function changeBefore(line: Line, index: number): number {
  const onset = line.notes[index]?.onset;
  return onset === undefined ? -1 : changeUpTo(line, onset);
}

function changeUpTo({ changes }: Line, moment: Fraction): number {
  return changes.findLastIndex((change) => compareFractions(change.onset, moment) <= 0);
}

/** The key and the meter that a note of the line stands in. */
export function signatureAt(line: Line, index: number): Signature {
  return line.changes[changeBefore(line, index)] ?? line;
}

/** The key that a note of the line stands in. */
export function keyAt(line: Line, index: number): Key {
  return signatureAt(line, index).key;
}

/** The key in which a note stands that is written after another, where that one ends; −1 for before the first. */
export function keyAfter(line: Line, index: number): Key {
  const note = line.notes[index];
  return (note && line.changes[changeUpTo(line, addFractions(note.onset, note.duration))]?.key) ?? line.key;
}

/** How far into its measure a moment lies, whole notes. */
export function intoMeasure({ onset }: LineMeasure, moment: Fraction): number {
  return asNumber(subtractFractions(moment, onset));
}

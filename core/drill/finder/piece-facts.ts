import { keyAt, measureNumbers } from '#core/material/measures';
import { type Plan, patternKey } from '#core/plan/describe';
import { formatKey } from '#core/key';
import { type ClassedShift, classedShifts } from './places-like.ts';

/** Something that a piece has: how much of it, and where it is first met. */
export interface Share {
  /** The name: a key (documents' form), the label of a position, or the key of a finger pattern. */
  readonly name: string;
  /** The number of notes that are of it. */
  readonly notes: number;
  /** The measure of the first, as the page counts them: 0 in the pick-up. */
  readonly measure: number;
}

/** The facts of a piece with which drills are looked for, and by which the piece itself is found. */
export interface PieceFacts {
  /** The shifts of the piece with their classes. */
  readonly shifts: readonly ClassedShift[];
  /** The labels of the positions its hand stands in, each once, in the order of the line. */
  readonly positions: readonly string[];
  /** The positions with the keys (documents' form) the hand stands in them for, each pair once. */
  readonly keyed: readonly { readonly key: string; readonly position: string }[];
  /** The number of notes that are played, without rests. */
  readonly notes: number;
  /** The notes in each key, the most first. */
  readonly byKey: readonly Share[];
  /** The notes in each position, the most first. */
  readonly byPosition: readonly Share[];
  /** The notes for which the fingers stand in each finger pattern, on whatever string; the most first. */
  readonly byPattern: readonly Share[];
}

/** The facts of a piece that has no plan. */
export const NO_FACTS: PieceFacts = { shifts: [], positions: [], keyed: [], notes: 0, byKey: [], byPosition: [], byPattern: [] };

/** Reads the facts of a piece from its plan. */
export function pieceFacts(plan: Plan): PieceFacts {
  return {
    shifts: classedShifts(plan),
    positions: [...new Set(plan.stays.map(({ position }) => position.label))],
    keyed: keyedPositions(plan),
    ...sharesOf(plan),
  };
}

/** Counts the notes of a plan by key, position and pattern. A note on an open string stands in the position and the pattern of its stay. */
function sharesOf(plan: Plan): Pick<PieceFacts, 'notes' | 'byKey' | 'byPosition' | 'byPattern'> {
  const [byKey, byPosition, byPattern] = [new Map<string, Share>(), new Map<string, Share>(), new Map<string, Share>()];
  const measures = measureNumbers(plan.line);
  let notes = 0;
  for (const { from, to, position, patterns } of plan.stays) {
    for (let index = from; index <= to; index += 1) {
      const note = plan.notes[index];
      if (note?.kind !== 'note') continue;
      notes += 1;
      const measure = measures[index] ?? 1;
      const pattern = patterns.find(({ string }) => string === note.stops[0].string);
      count(byKey, formatKey(keyAt(plan.line, index)), measure);
      count(byPosition, position.label, measure);
      if (pattern && pattern.gaps.length > 0) count(byPattern, patternKey(pattern), measure);
    }
  }
  return { notes, byKey: mostFirst(byKey), byPosition: mostFirst(byPosition), byPattern: mostFirst(byPattern) };
}

function count(shares: Map<string, Share>, name: string, measure: number): void {
  const before = shares.get(name);
  shares.set(name, before ? { ...before, notes: before.notes + 1 } : { name, notes: 1, measure });
}

function mostFirst(shares: ReadonlyMap<string, Share>): readonly Share[] {
  return [...shares.values()].toSorted((one, other) => other.notes - one.notes);
}

function keyedPositions({ line, stays }: Plan): PieceFacts['keyed'] {
  const all = stays.map(({ from, position }) => ({ key: formatKey(keyAt(line, from)), position: position.label }));
  return [...new Map(all.map((fact) => [`${fact.key} ${fact.position}`, fact])).values()];
}

import { type Placement } from '#core/hand/placement';
import { type StringNumber, stringOf } from '#core/instrument';
import { throughOf } from '#core/explain';
import type { Solved } from '#core/solve';
import type { ReadFinger } from './doubts.ts';

/** A string that a fingering leaves open, chosen as the likeliest. */
export interface ChosenString {
  /** The line index of the note. */
  readonly note: number;
  /** The string that was chosen. */
  readonly string: StringNumber;
  /** The next likeliest, and by how much the whole line costs more there, thousandths; null where no hand plays the line so. */
  readonly next: { readonly string: StringNumber; readonly deltaThousandths: number } | null;
}

/** Finds the notes whose finger is given and whose string is not, where the finger would reach the note on several strings. */
export function chosenStrings(solved: Solved, read: readonly ReadFinger[]): readonly ChosenString[] {
  const through = throughOf(solved);
  const nameOf = (index: number): StringNumber => stringOf(solved.task.instrument, index).number;
  return read.flatMap(({ given, order, lock, placements }): readonly ChosenString[] => {
    const chosen = solved.placements[order];
    if (!chosen || !lock || lock.finger === null || given.string !== undefined) return [];
    if (placements.every((placement) => placement.stringIndex === chosen.stringIndex)) return [];
    const elsewhere = (placement: Placement): boolean => placement.stringIndex !== chosen.stringIndex;
    const way = through.withNote(order, elsewhere);
    const placed = way && solved.lattice.layers[order]?.candidates[way.choices[order] ?? 0];
    const next = placed ? { string: nameOf(placed.stringIndex), deltaThousandths: Math.round(way.cost - solved.way.cost) } : null;
    return [{ note: given.note, string: nameOf(chosen.stringIndex), next }];
  });
}

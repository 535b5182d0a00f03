import { comesBack, type Finger, type Placement } from '#core/hand/placement';
import { type Lattice, restrict } from '#core/search/lattice';
import { cheapestWay, type Way } from '#core/search/ways';
import type { LineFacts } from './line-facts.ts';
import { THRESHOLDS } from './thresholds.ts';

/** Three fingers that cellists play on one string after another: a scale without open strings, the same in every key. */
const GROUPS: readonly (readonly Finger[])[] = [
  ['1', '2', '4'],
  ['1', '3', '4'],
];

/**
 * Finds the best lines that go from string to string with one group of fingers, upward or downward; the last string may have less of it.
 */
export function inGroups(lattice: Lattice): readonly Way[] {
  const { layers } = lattice;
  const strings = Math.max(0, ...layers.flatMap(({ candidates }) => candidates.map(({ stringIndex }) => stringIndex + 1)));
  const taken = Math.ceil(layers.length / THRESHOLDS.notesOfAGroup.value);
  if (!hasGroups(layers.length) || taken > strings) return [];
  const lowest = Array.from({ length: strings - taken + 1 }, (_, index) => strings - 1 - index);
  return GROUPS.flatMap((group) =>
    lowest.flatMap((from) =>
      [true, false].flatMap(
        (rises) =>
          cheapestWay(restrict(lattice, (placement, layer) => fits(placement, group, from, rises ? layer : layers.length - 1 - layer))) ??
          [],
      ),
    ),
  );
}

/** Finds the group of fingers that a line has on every string; null where it has none. */
export function groupOf({ placements }: Pick<LineFacts, 'placements'>): readonly Finger[] | null {
  const oneWay = comesBack(placements) ? placements.slice(0, (placements.length + 1) / 2) : placements;
  if (!hasGroups(oneWay.length)) return null;
  for (const rising of [oneWay, oneWay.toReversed()]) {
    const from = rising[0]?.stringIndex ?? 0;
    const found = GROUPS.find((group) => rising.every((placement, order) => fits(placement, group, from, order)));
    if (found) return found;
  }
  return null;
}

/** Tells whether there are enough notes: two whole groups make a pattern. */
function hasGroups(notes: number): boolean {
  return notes >= 2 * THRESHOLDS.notesOfAGroup.value;
}

/** Tells whether a placement is the group's for the note of this order, counted upward from the string it begins on. */
function fits({ finger, upper, stringIndex }: Placement, group: readonly Finger[], from: number, order: number): boolean {
  return (
    upper === null &&
    finger === group[order % THRESHOLDS.notesOfAGroup.value] &&
    stringIndex === from - Math.floor(order / THRESHOLDS.notesOfAGroup.value)
  );
}

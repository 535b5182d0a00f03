import type { KeyedStrings } from './keyed-strings.ts';
import type { Placement, PlacementsOf } from './types.ts';

/** So many notes are kept at once, more than any line has on the strings of its instrument; nobody fills the memory with odd spellings. */
const MOST_KEPT = 500;

/** For a hand that asks nothing of the key: a note on a string has the same placements in every line, and they are worked out once. */
export function remembered(placementsOf: PlacementsOf): PlacementsOf {
  const known = new Map<string, readonly Placement[]>();
  return (note) => {
    const name = `${note.stringIndex} ${note.semitonesAboveOpen} ${note.letterSteps.join()} ${note.chromatic}`;
    const kept = known.get(name);
    if (kept) return kept;
    if (known.size >= MOST_KEPT) known.clear();
    const placements = placementsOf(note);
    known.set(name, placements);
    return placements;
  };
}

/** For a hand whose first finger stands where the key puts it: the same, for as long as the strings in that key are in use. */
export function rememberedInKey(placementsOf: PlacementsOf): PlacementsOf {
  const inKey = new WeakMap<KeyedStrings, PlacementsOf>();
  return (note) => {
    const known = inKey.get(note.keyed) ?? remembered(placementsOf);
    inKey.set(note.keyed, known);
    return known(note);
  };
}

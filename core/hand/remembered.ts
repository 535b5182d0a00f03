import type { KeyedStrings } from './keyed-strings.ts';
import type { Placement } from '#core/hand/placement';
import type { PlacementsOf } from './types.ts';

/**
 * The number of notes kept at once: more than any line has on the strings of its instrument, and few enough that odd spellings cannot fill
 * the memory.
 */
const MOST_KEPT = 500;

/**
 * Remembers the placements of a hand that depends on no key: a note on a string has the same placements in every line, so they are worked
 * out once.
 */
export function remember(placementsOf: PlacementsOf): PlacementsOf {
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

/**
 * Remembers the placements of a hand whose first finger stands where the key puts it, for as long as the strings in that key are in use.
 */
export function rememberInKey(placementsOf: PlacementsOf): PlacementsOf {
  const inKey = new WeakMap<KeyedStrings, PlacementsOf>();
  return (note) => {
    const known = inKey.get(note.keyed) ?? remember(placementsOf);
    inKey.set(note.keyed, known);
    return known(note);
  };
}

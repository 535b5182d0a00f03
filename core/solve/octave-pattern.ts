import type { Placement } from '#core/hand/placement';
import { type Lattice, restrict } from '#core/search/lattice';
import { bestWays, cheapestWay, groupBy, type Way } from '#core/search/ways';

/** The number of rows of fingers tried for an octave, cheapest first. */
const MOST_ROWS = 200;

/** Some octaves of a lattice that follow each other. */
export interface OctaveRun {
  /** The layer of the first note. */
  readonly from: number;
  /** The notes of an octave, its upper tonic not counted. */
  readonly notes: number;
  /** The number of octaves. */
  readonly octaves: number;
}

/**
 * Finds the cheapest way in which every octave has the fingers of the one below it, from the second octave on (of two octaves,
 * the second those of the first).
 *
 * The rows of fingers of the model octave are taken in the order of the best whole lines that have them; with each, the
 * other octaves are bound to it and the line is solved again. No later row can beat a line already found that costs no
 * more than the row's own best line, so the search may stop there: then it is exact. Null when no row fits.
 */
export function samePatternWay(lattice: Lattice, { from, notes, octaves }: OctaveRun): Way | null {
  const model = from + (octaves > 2 ? notes : 0);
  const last = from + notes * octaves;
  const inModel = (layer: number): boolean => layer >= model && layer < model + notes;
  const isBound = (layer: number): boolean => layer >= model + notes && layer <= last;
  const byFingers = groupBy(lattice, fingersOf);
  const anyFingers = groupBy(lattice, () => '');
  const rows = bestWays(
    lattice,
    MOST_ROWS,
    byFingers.map((groups, layer) => (inModel(layer) ? groups : (anyFingers[layer] ?? groups))),
  );
  let best: Way | null = null;
  for (const row of rows) {
    if (best && row.cost >= best.cost) break;
    const fingers = row.choices.map((choice, layer) => fingersOf(lattice.layers[layer]?.candidates[choice]));
    const modelOf = (layer: number): number => model + ((layer - model) % notes);
    const bounded = restrict(lattice, (placement, layer) => {
      if (inModel(layer)) return fingersOf(placement) === fingers[layer];
      // The last tonic closes the octave below it and may be taken by any finger.
      return !isBound(layer) || layer === last || fingersOf(placement) === fingers[modelOf(layer)];
    });
    const way = cheapestWay(bounded);
    if (way && (!best || way.cost < best.cost)) best = way;
  }
  return best;
}

function fingersOf(placement: Placement | undefined): string {
  return placement ? `${placement.finger}${placement.upper?.finger ?? ''}` : '';
}

import type { Task } from '#core/brief';
import type { Placement } from '#core/hand/placement';
import { keepsLock } from '#core/search/candidates';
import { buildLattice, type Lattice, restrict } from '#core/search/lattice';
import type { Way } from '#core/search/ways';
import { type NoteStep, noteSteps } from './note-steps.ts';
import { cheapestWanted, oneHandWay, placementsAt } from './one-hand/one-hand.ts';

/** A line as its locks want it, whether or not one hand plays it. */
export interface AsLocked {
  /** The lattice in which no stay need be one hand. */
  readonly lattice: Lattice;
  /** The cheapest way through it that departs from our hands at as few notes as possible. */
  readonly way: Way;
}

/** The price of a note that is not as it was locked, beyond anything else a line can cost, thousandths. */
const NOT_AS_LOCKED = 10_000_000;

/** A search for the best way through a lattice that keeps all the brief asks of the whole line; null when there is none. */
export type WayFinder = (task: Task, lattice: Lattice) => Way | null;

/**
 * Plays locked notes as they were locked where no hand plays them all. First the line is searched in which one hand plays everything and
 * the fewest notes are not as they were locked; then those notes alone are set as they were locked, and the rest stays. So what the engine
 * completes is one hand everywhere, and only what was locked is not. Null where no way leads through the line.
 */
export function asLocked(task: Task, steps: readonly NoteStep[], find: WayFinder): AsLocked | null {
  const free: Task = { ...task, hand: { ...task.hand, inOneFrame: () => true, fitsBeside: () => true } };
  const lattice = buildLattice(free, steps);
  const closest = closestByOneHand(task, steps);
  const kept =
    closest &&
    restrict(lattice, (placement, layer) => {
      const chosen = closest[layer] ?? null;
      return chosen === null || chosen === placement;
    });
  const way = (kept && find(free, kept)) ?? find(free, lattice);
  return way && { lattice, way };
}

/** Finds the placements of the line one hand plays that keeps most locks; null for a note that is not as it was locked. */
function closestByOneHand(task: Task, steps: readonly NoteStep[]): readonly (Placement | null)[] | null {
  const unlocked = noteSteps({ ...task, locks: new Map() });
  const widened = steps.map((step, order): NoteStep => {
    const others = unlocked[order]?.candidates ?? [];
    return task.locks.has(step.index) ? { ...step, candidates: [...step.candidates, ...others.filter(departs(task, step.index))] } : step;
  });
  const lattice = buildLattice(task, widened);
  const layers = lattice.layers.map((layer, order) => {
    const least = steps[order]?.candidates.length ?? 0;
    return { ...layer, costs: layer.costs.map((cost, place) => (place < least ? cost : cost + NOT_AS_LOCKED)) };
  });
  const way = oneHandWay(task.hand, { ...lattice, layers }, cheapestWanted(task.hand));
  const chosen = way && placementsAt(lattice, way.choices);
  return (
    chosen && chosen.map((placement, order) => ((way.choices[order] ?? 0) < (steps[order]?.candidates.length ?? 0) ? placement : null))
  );
}

function departs(task: Task, index: number): (placement: Placement) => boolean {
  const lock = task.locks.get(index) ?? null;
  return (placement) => !keepsLock(task.hand, placement, lock);
}

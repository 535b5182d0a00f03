import type { Placement } from '#core/hand';
import {
  buildLattice,
  cheapestWay,
  cheapestWaysByShifts,
  costOfWay,
  folded,
  type Lattice,
  restricted,
  shiftsFirst,
  unfolded,
  type Way,
} from '#core/search';
import { noteSteps, type NoteStep } from './note-steps.ts';
import { samePatternWay } from './octave-pattern.ts';
import type { Task } from './read-brief.ts';

/** A task laid out for the search: its notes, their candidates, and what everything costs. */
export interface Laid {
  readonly task: Task;
  readonly steps: readonly NoteStep[];
  readonly lattice: Lattice;
}

/** A task solved: the way chosen, as indexes and as placements. */
export interface Solved extends Laid {
  readonly way: Way;
  /** `placements[i]` belongs to `steps[i]`. */
  readonly placements: readonly Placement[];
}

/** Lays a task out; null and the line index of the first note without candidate where there is one. */
export function laid(
  task: Task,
  onProgress?: (share: number) => void,
): { readonly ok: true; readonly laid: Laid } | { readonly ok: false; readonly index: number } {
  const steps = noteSteps(task);
  const blocked = steps.find((step) => step.candidates.length === 0);
  if (blocked) return { ok: false, index: blocked.index };
  return { ok: true, laid: { task, steps, lattice: buildLattice(task, steps, onProgress) } };
}

/** The cheapest way the brief allows; null when no way keeps all it asks of the whole line (so many shifts, down as up). */
export function solve(task: Laid): Solved | null {
  const way = wayIn(task.task, task.lattice);
  return way && withWay(task, way);
}

/** A way as a solution of its task. */
export function withWay(task: Laid, way: Way): Solved {
  const placements = task.lattice.layers.map((layer, index) => {
    const placement = layer.candidates[way.choices[index] ?? 0];
    if (!placement) throw new RangeError(`Layer ${index} has no candidate ${way.choices[index]}`);
    return placement;
  });
  return { ...task, way, placements };
}

/** The cheapest way through a lattice that keeps all the brief asks of the whole line. */
export function wayIn(task: Task, lattice: Lattice): Way | null {
  const space = spaceOf(task, lattice);
  const way = space && countedWay(task, space.lattice);
  if (!space || !way) return null;
  const choices = space.whole(way.choices);
  return { choices, cost: costOfWay(lattice, choices) };
}

/** The counts of shifts with which the line can be had, keeping all else the brief asks of it. */
export function possibleShiftCounts({ task, lattice }: Laid, most: number): readonly number[] {
  const space = spaceOf(task, lattice);
  return space ? cheapestWaysByShifts(space.lattice, most).flatMap((way, count) => (way ? [count] : [])) : [];
}

/** What is searched for a whole line, and how a way through it is read as a way through the line. */
interface Space {
  readonly lattice: Lattice;
  readonly whole: (choices: readonly number[]) => readonly number[];
}

function spaceOf(task: Task, lattice: Lattice): Space | null {
  const held = task.brief.samePatternEveryOctave === true ? withSamePattern(task, lattice) : lattice;
  if (!held) return null;
  if (task.brief.wayDown !== 'as-up' || !goesBack(task, held)) return { lattice: held, whole: (choices) => choices };
  const fold = folded(held);
  return { lattice: fold.lattice, whole: (choices) => unfolded(fold, choices) };
}

/** Whether the brief asks something of the line as a whole, which no single step can keep. */
export function asksOfWholeLine({ brief, limits, wishes }: Task): boolean {
  const counted = limits.shifts !== null || (wishes.get('fewest-shifts') ?? 0) >= 1;
  return counted || brief.wayDown === 'as-up' || brief.samePatternEveryOctave === true;
}

/** Shifts counted exactly, counted first, or as dear as they are. */
function countedWay(task: Task, lattice: Lattice): Way | null {
  if (task.limits.shifts !== null) return cheapestWaysByShifts(lattice, task.limits.shifts)[task.limits.shifts] ?? null;
  if ((task.wishes.get('fewest-shifts') ?? 0) < 1) return cheapestWay(lattice);
  return cheapestWay(shiftsFirst(lattice));
}

/** Scales, arpeggios and double stops up and down turn at their middle note; a broken scale comes back by other figures. */
function goesBack({ brief }: Task, { layers }: Lattice): boolean {
  return (
    brief.material.kind !== 'line' && brief.material.kind !== 'broken' && brief.material.direction === 'up-down' && layers.length % 2 === 1
  );
}

/** Binds every octave to the one below it, the way up and the way down each by themselves; null where it cannot be. */
function withSamePattern({ brief }: Task, lattice: Lattice): Lattice | null {
  const { material } = brief;
  if (material.kind === 'line' || material.octaves < 2) return lattice;
  const both = material.direction === 'up-down';
  const length = both ? (lattice.layers.length - 1) / 2 : lattice.layers.length - 1;
  const notes = length / material.octaves;
  const runs = both ? [0, length] : [0];
  return runs.reduce<Lattice | null>((held, from) => {
    const way = held && samePatternWay(held, from, notes, material.octaves);
    if (!held || !way) return null;
    return restricted(held, (placement, layer) => {
      const chosen = held.layers[layer]?.candidates[way.choices[layer] ?? 0];
      return (
        layer < from || layer > from + length || (placement.finger === chosen?.finger && placement.upper?.finger === chosen.upper?.finger)
      );
    });
  }, lattice);
}

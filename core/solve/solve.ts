import { exactShifts, type Task, wayDownOf } from '#core/brief';
import { MOST_SHIFTS } from '#core/brief/parts/limits';
import { comesBackAlike, materialPart } from '#core/brief/parts/materials';
import { wishPart } from '#core/brief/parts/wishes';
import { comesBack, type Placement, sameFingering } from '#core/hand/placement';
import { stringOf } from '#core/instrument';
import { buildLattice, fold, type Lattice, restrict, unfold } from '#core/search/lattice';
import { cheapestWay, cheapestWaysByShifts, costOfWay, shiftsFirst, type Way } from '#core/search/ways';
import { EQUAL_BELOW } from '#core/weights';
import { asLocked } from './as-locked.ts';
import { homesOf } from './homes.ts';
import { type NoteStep, noteSteps, stepsAgain } from './note-steps.ts';
import { type OctaveRun, samePatternWay } from './octave-pattern.ts';
import { oneHandWays } from './one-hand/one-hand-search.ts';
import { cheapestWanted, oneHandWay, placementsAt, type Wanted } from './one-hand/one-hand.ts';

/** A task laid out for the search: its notes, their candidates, and the costs. */
export interface Laid {
  /** The task that was read from the brief. */
  readonly task: Task;
  /** The sounding notes, each with its candidates. */
  readonly steps: readonly NoteStep[];
  /** The lattice with the costs of every way through them. */
  readonly lattice: Lattice;
}

/** A task solved: the way chosen, as indexes and as placements. */
export interface Solved extends Laid {
  /** The way as candidates of the lattice. */
  readonly way: Way;
  /** The placements: `placements[i]` belongs to `steps[i]`. */
  readonly placements: readonly Placement[];
}

/** A task laid out, or the line index of the first note without a candidate. */
export type LaidOrBlocked =
  | { readonly ok: true; readonly layOut: Laid }
  /** The line index of the note that no finger can play. */
  | { readonly ok: false; readonly index: number };

/** The choices when a task is laid out. */
export interface LayingOut {
  /** Receives the share that is done, 0 to 1. */
  readonly onProgress?: ((share: number) => void) | undefined;
  /** Whether candidates stay that lie higher than is useful for the line: for a fingering that somebody gave. */
  readonly wherever?: boolean;
}

/** Lays a task out, or returns the first note without candidate. */
export function layTask(read: Task, { onProgress, wherever }: LayingOut = {}): LaidOrBlocked {
  const steps = noteSteps(read, wherever);
  const blocked = steps.find((step) => step.candidates.length === 0);
  if (blocked) return { ok: false, index: blocked.index };
  const task = { ...read, homes: homesIn(read, steps) };
  return { ok: true, layOut: { task, steps, lattice: buildLattice(task, steps, onProgress) } };
}

/** Prices a line laid out already as another reading of its brief does: the same placements, for other wishes. */
export function layOutAgain(known: Laid, read: Task): Laid {
  const steps = stepsAgain(read, known.steps);
  const task = { ...read, homes: homeIsFirst(read) ? new Set<number>() : known.task.homes };
  return { task, steps, lattice: buildLattice(task, steps) };
}

/**
 * Finds the positions that hold a line whole; none where something is asked of some notes alone, or the line has to stay low. A lock does
 * not change them.
 */
function homesIn(task: Task, steps: readonly NoteStep[]): Task['homes'] {
  if (steps.some(({ setting }) => setting) || homeIsFirst(task)) return new Set();
  return homesOf(task.locks.size === 0 ? steps : noteSteps({ ...task, locks: new Map() }));
}

/** Tells whether the line has to stay low. */
function homeIsFirst({ wishes }: Task): boolean {
  return [...wishes.keys()].some((wish) => wishPart(wish).homeIsFirst === true);
}

/**
 * Finds the cheapest way that the brief allows, and of equal ones one that comes down as it went up. Null when no way keeps all that the
 * brief asks of the whole line, a number of shifts or the same fingers down as up. A locked note is played as it was locked, whether or not
 * one hand would play it.
 */
export function solve(task: Laid): Solved | null {
  const way = wayIn(task.task, task.lattice);
  if (way) return withWay(task, equalAsUp(task, way) ?? way);
  return task.task.locks.size > 0 ? solvedAsLocked(task) : null;
}

/**
 * Finds a way that is equal to the cheapest and comes down as it went up: with the fingers of its way up both ways, or of its way down.
 * Null where neither is equal, or the cheapest does so itself.
 */
function equalAsUp({ task, lattice }: Laid, cheapest: Way): Way | null {
  if (asksOfWholeLine(task) || !goesBack(task, lattice)) return null;
  const placements = placementsAt(lattice, cheapest.choices);
  const mirrored = placements.toReversed();
  const soundsAlike = placements.every((here, order) => sounds(task, here) === sounds(task, mirrored[order]));
  if (!soundsAlike || comesBack(placements)) return null;
  const top = (placements.length - 1) / 2;
  const [best] = [true, false]
    .flatMap((up) => {
      const both = placements.map((here, order) => (order <= top === up ? here : (mirrored[order] ?? here)));
      return (
        wayIn(
          task,
          restrict(lattice, (placement, layer) => sameFingering(placement, both[layer])),
        ) ?? []
      );
    })
    .toSorted((one, other) => one.cost - other.cost);
  return best && best.cost < cheapest.cost + EQUAL_BELOW ? best : null;
}

/** Gives the lowest note of a placement, semitones; null where there is none. */
function sounds({ instrument }: Task, placement: Placement | undefined): number | null {
  return placement ? stringOf(instrument, placement.stringIndex).semitones + placement.soundsAboveOpen : null;
}

function solvedAsLocked({ task, steps }: Laid): Solved | null {
  const found = asLocked(task, steps, wayIn);
  return found && withWay({ task, steps, lattice: found.lattice }, found.way);
}

/** Turns a way into a solution of its task. */
export function withWay(task: Laid, way: Way): Solved {
  return { ...task, way, placements: placementsAt(task.lattice, way.choices) };
}

/** Finds the cheapest way through a lattice that keeps all the brief asks of the whole line, and in which every stay is one hand. */
export function wayIn(task: Task, lattice: Lattice): Way | null {
  return oneHandWay(task.hand, lattice, { search: (bound) => wayByAsks(task, bound), exactly: exactlyAsked(task) });
}

/**
 * Gives the search that finds the best that a hand can play in one go; a line that comes down as it went up, or keeps a pattern, is
 * searched many times.
 */
function exactlyAsked(task: Task): Wanted['exactly'] {
  if (wayDownOf(task.brief) === 'as-up' || task.brief.samePatternEveryOctave === true) return null;
  const shifts = exactShifts(task.limits);
  if (shifts !== null) return (lattice) => oneHandWays(task.hand, lattice, shifts).ways[shifts] ?? null;
  if (!shiftsCountFirst(task)) return cheapestWanted(task.hand).exactly;
  return (lattice) => {
    const way = oneHandWays(task.hand, shiftsFirst(lattice)).ways[0] ?? null;
    return way && { ...way, cost: costOfWay(lattice, way.choices) };
  };
}

/** Finds the cheapest way that keeps all the brief asks of the whole line, as choices of its candidates. */
function wayByAsks(task: Task, lattice: Lattice): readonly number[] | null {
  const space = spaceOf(task, lattice);
  const way = space && countedWay(task, space.lattice);
  return space && way ? space.whole(way.choices) : null;
}

/** The counts of shifts found for a line, which are asked for twice: to explain why it has no way and to find what would help. */
const countsFound = new WeakMap<Laid, readonly number[]>();

/**
 * Finds the counts of shifts, up to the most that can be asked for, with which the line is possible while keeping all else the brief asks:
 * one counted search finds them all.
 */
export function possibleShiftCounts(line: Laid): readonly number[] {
  const known = countsFound.get(line);
  if (known) return known;
  const space = spaceOf(line.task, line.lattice);
  const found = space ? cheapestWaysByShifts(space.lattice, MOST_SHIFTS).flatMap((way, count) => (way ? [count] : [])) : [];
  countsFound.set(line, found);
  return found;
}

/** A lattice to search for a whole line, and the reading of a way through it as a way through the line. */
export interface Space {
  /** The lattice that is searched. */
  readonly lattice: Lattice;
  /** Gives the placements of the whole line that a way stands for. */
  readonly whole: (choices: readonly number[]) => readonly number[];
}

/**
 * Gives the spaces in which other fingerings of a line are looked for: all of it as the brief asks, and where it comes back as it went up,
 * also both ways together. Empty where the brief counts shifts, which no single step can keep.
 */
export function spacesFor(task: Task, lattice: Lattice): readonly Space[] {
  if (exactShifts(task.limits) !== null || shiftsCountFirst(task)) return [];
  const asked = spaceOf(task, lattice);
  const both = wayDownOf(task.brief) === 'as-up' ? null : spaceOf({ ...task, brief: { ...task.brief, wayDown: 'as-up' } }, lattice);
  return [...(asked ? [asked] : []), ...(both && both.lattice.layers.length < lattice.layers.length ? [both] : [])];
}

function spaceOf(task: Task, lattice: Lattice): Space | null {
  const bound = task.brief.samePatternEveryOctave === true ? withSamePattern(task, lattice) : lattice;
  if (!bound) return null;
  if (wayDownOf(task.brief) !== 'as-up' || !goesBack(task, bound)) return { lattice: bound, whole: (choices) => choices };
  const folding = fold(bound);
  return { lattice: folding.lattice, whole: (choices) => unfold(folding, choices) };
}

/** Tells whether the brief asks something of the line as a whole, which no single step can keep. */
export function asksOfWholeLine(task: Task): boolean {
  const { brief } = task;
  return (
    exactShifts(task.limits) !== null || shiftsCountFirst(task) || wayDownOf(brief) === 'as-up' || brief.samePatternEveryOctave === true
  );
}

/** Finds the way whose shifts are counted exactly, counted first, or weighed with all else. */
function countedWay(task: Task, lattice: Lattice): Way | null {
  const shifts = exactShifts(task.limits);
  if (shifts !== null) return cheapestWaysByShifts(lattice, shifts)[shifts] ?? null;
  return cheapestWay(shiftsCountFirst(task) ? shiftsFirst(lattice) : lattice);
}

/** Tells whether a wish at full strength puts the number of shifts before everything else. */
function shiftsCountFirst({ wishes }: Task): boolean {
  return [...wishes].some(([wish, strength]) => strength >= 1 && wishPart(wish).countsShiftsFirst === true);
}

/**
 * Tells whether a line turns at its middle note, as scales, arpeggios and double stops up and down do; a broken scale comes back by other
 * figures.
 */
function goesBack({ brief }: Task, { layers }: Lattice): boolean {
  return comesBackAlike(brief.material) && layers.length % 2 === 1;
}

/** Binds every octave to the one below it, the way up and the way down each by themselves; null where that is impossible. */
function withSamePattern({ brief: { material } }: Task, lattice: Lattice): Lattice | null {
  const octaves = materialPart(material.kind).octaves(material);
  if (octaves === null || octaves.count < 2) return lattice;
  const again = octaves.topTwice ? 1 : 0;
  const { count, direction, further } = octaves;
  const length = (lattice.layers.length - 1 - again - octaves.after) / (direction === 'up-down' ? 2 : 1);
  const notes = (length - further) / count;
  // Finds the runs of octaves. Notes beyond whole octaves stand above them: at the end of the way up, at the beginning of the way down.
  const runs = { up: [0], down: [further], 'up-down': [0, length + again + further] }[direction];
  return runs.reduce<Lattice | null>((bound, from) => bound && boundRun(bound, { from, notes, octaves: count }), lattice);
}

/** Gives a lattice in which one run of octaves has the fingers of the cheapest repeating pattern. */
function boundRun(lattice: Lattice, run: OctaveRun): Lattice | null {
  const way = samePatternWay(lattice, run);
  if (!way) return null;
  const { from } = run;
  const to = from + run.notes * run.octaves;
  return restrict(lattice, (placement, layer) => {
    const chosen = lattice.layers[layer]?.candidates[way.choices[layer] ?? 0];
    return layer < from || layer > to || (placement.finger === chosen?.finger && placement.upper?.finger === chosen.upper?.finger);
  });
}

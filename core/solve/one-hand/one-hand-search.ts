import { type Placement, stopsIn } from '#core/hand/placement';
import type { HandModel } from '#core/hand';
import { type Comes, COMES, comesBy, costAfter, mostAfter } from '#core/search/costs';
import type { Lattice } from '#core/search/lattice';
import type { Way } from '#core/search/ways';
import { type HandMemory, handMemory, type Memory, NOTHING } from './hand-memory.ts';

/** The best way to a candidate with a memory and a count of shifts. */
interface Arrival {
  /** The index of the candidate in its layer. */
  readonly candidate: number;
  readonly memory: Memory;
  /** The way in which the candidate was reached, as far as going on from it costs otherwise. */
  readonly comes: Comes;
  /** The shifts up to it, where they are counted. */
  readonly shifts: number;
  /** The cost, thousandths. */
  readonly cost: number;
  /** The arrival before; null at the first note. */
  readonly before: Arrival | null;
}

/** The result of a search. */
export interface OneHandWays {
  /** The cheapest ways by count of shifts; only the first where shifts are not counted. Null where there is none. */
  readonly ways: readonly (Way | null)[];
  /** The first layer to which no way leads; null where all are reached. */
  readonly endsAt: number | null;
}

/**
 * Finds the cheapest ways through a lattice in which every stay is one hand: exact.
 *
 * A dynamic programme over a candidate and the hand's memory of its stay. What a hand may do next depends on nothing else, so of
 * two arrivals at one candidate the costlier one is left out where it remembers all that the cheaper one does: whatever goes on from it
 * goes on from the cheaper one, too. A hand that has just shifted remembers least, so an arrival is only kept while it is cheaper
 * than shifting there. Work is linear in notes for a line whose stays remember little, as lines in a key do; in the worst case it
 * grows with the number of memories that a stay can come to, which is bounded by its length.
 *
 * @param mostShifts the number of shifts up to which ways are told apart by their shifts; null where they are not counted
 */
export function oneHandWays(hand: HandModel, lattice: Lattice, mostShifts: number | null = null): OneHandWays {
  // A long line has few sets of candidates.
  const sets = new Set(lattice.layers.map(({ candidates }) => candidates));
  const memory = handMemory(
    hand,
    [...sets].flatMap((candidates) => candidates),
  );
  let arrivals: readonly (readonly Arrival[])[] = (lattice.layers[0]?.candidates ?? []).map((placed, candidate) => {
    const cost = lattice.layers[0]?.costs[candidate] ?? Infinity;
    return cost === Infinity
      ? []
      : [{ candidate, memory: beginMemory(memory, placed), comes: COMES.freely, shifts: 0, cost, before: null }];
  });
  for (let layer = 1; layer < lattice.layers.length; layer += 1) {
    arrivals = arriveAt({ memory, lattice, layer, mostShifts }, arrivals);
    if (arrivals.every((here) => here.length === 0)) return { ways: [null], endsAt: layer };
  }
  const ends = arrivals.flat();
  return { ways: Array.from({ length: (mostShifts ?? 0) + 1 }, (_, shifts) => cheapest(ends, shifts)), endsAt: null };
}

function beginMemory(memory: HandMemory, placed: Placement): Memory {
  return stopsIn(placed).length === 0 ? NOTHING : memory.fresh(placed);
}

/** A layer to be reached, and the rules of the search. */
interface Next {
  readonly memory: HandMemory;
  readonly lattice: Lattice;
  readonly layer: number;
  readonly mostShifts: number | null;
}

/** Lists the arrivals that are worth going on from, by candidate of the layer, the cheapest first. */
function arriveAt(next: Next, before: readonly (readonly Arrival[])[]): readonly (readonly Arrival[])[] {
  const { candidates, costs } = next.lattice.layers[next.layer] ?? { candidates: [], costs: [] };
  return candidates.map((placed, candidate) => {
    const own = costs[candidate] ?? Infinity;
    if (own === Infinity) return [];
    return worthGoingOnFrom(next, arrivalsAt(next, before, { placed, candidate, own }));
  });
}

/** A candidate to be reached, and its own cost. */
interface Placed {
  readonly placed: Placement;
  readonly candidate: number;
  readonly own: number;
}

/** Finds the cheapest arrival of every memory and count. */
function arrivalsAt(next: Next, before: readonly (readonly Arrival[])[], placed: Placed): Iterable<Arrival> {
  const found = new Map<number, Arrival>();
  const leaving = next.lattice.layers[next.layer - 1]?.candidates ?? [];
  for (const [from, leaves] of leaving.entries()) {
    const here = before[from] ?? [];
    const way = here.length > 0 ? wayTo(next, placed, { leaves, cell: placed.candidate * leaving.length + from }) : null;
    if (way !== null) for (const arrival of here) offer(found, arrival, way, placed.candidate);
  }
  return found.values();
}

/** A move from one candidate to another. */
interface WayTo {
  /** The cost of the step and of the candidate it comes to, thousandths. */
  readonly price: number;
  /** The extra cost after coming in a certain way to the note before, thousandths. */
  readonly after: (comes: Comes) => number;
  readonly comes: Comes;
  /** The shifts, where they are counted. */
  readonly shifts: number;
  readonly mostShifts: number;
  readonly remembers: (held: Memory) => Memory | null;
}

function wayTo(
  { memory, lattice, layer, mostShifts }: Next,
  { placed, own }: Placed,
  { leaves, cell }: { readonly leaves: Placement; readonly cell: number },
): WayTo | null {
  const step = lattice.steps[layer - 1];
  const price = (step?.costs[cell] ?? Infinity) + own;
  if (price === Infinity) return null;
  const [three, next] = [lattice.threes[layer - 1], lattice.threes[layer]];
  return {
    price,
    after: (comes) => (three && comes !== COMES.freely ? costAfter(three, comes, leaves, placed) : 0),
    comes: next ? comesBy(next, leaves, placed) : COMES.freely,
    shifts: mostShifts === null ? 0 : (step?.shifts[cell] ?? 0),
    mostShifts: mostShifts ?? 0,
    remembers: memoryAfter(memory, leaves, placed),
  };
}

/** Keeps the arrival that goes on from another, where none with its memory and count is cheaper. */
function offer(
  found: Map<number, Arrival>,
  before: Arrival,
  { price, after, comes, shifts: more, mostShifts, remembers }: WayTo,
  candidate: number,
): void {
  const [memory, shifts] = [remembers(before.memory), before.shifts + more];
  if (memory === null || shifts > mostShifts) return;
  const cost = before.cost + price + after(before.comes);
  const key = (memory * MOST_COUNTED + shifts) * WAYS_OF_COMING + comes;
  if (cost < (found.get(key)?.cost ?? Infinity)) found.set(key, { candidate, memory, comes, shifts, cost, before });
}

/**
 * Gives the memory of a hand after it has gone from one placement to another: over an open string it keeps all, in another stance it begins
 * again.
 */
function memoryAfter(memory: HandMemory, leaves: Placement, placed: Placement): (held: Memory) => Memory | null {
  if (stopsIn(placed).length === 0) return (held) => held;
  if (leaves.stance === placed.stance) return (held) => memory.after(held, placed);
  const fresh = memory.fresh(placed);
  return () => fresh;
}

/** A bound that no count of shifts reaches. */
const MOST_COUNTED = 1024;

const WAYS_OF_COMING = Object.keys(COMES).length;

/**
 * Keeps the arrivals that may still lead to the best line. An arrival is dropped where another one with as many shifts costs less however the
 * line goes on, and remembers no more.
 */
function worthGoingOnFrom({ memory, lattice, layer }: Next, arrivals: Iterable<Arrival>): readonly Arrival[] {
  const three = lattice.threes[layer];
  const isCheaper = (one: Arrival, other: Arrival): boolean =>
    one.comes === other.comes || one.cost + (three ? mostAfter(three, one.comes) : 0) <= other.cost;
  const kept: Arrival[] = [];
  for (const arrival of [...arrivals].toSorted((one, other) => one.cost - other.cost)) {
    const isWorse = (cheaper: Arrival): boolean =>
      cheaper.shifts === arrival.shifts && isCheaper(cheaper, arrival) && memory.isWithin(cheaper.memory, arrival.memory);
    if (!kept.some(isWorse)) kept.push(arrival);
  }
  return kept;
}

function cheapest(ends: readonly Arrival[], shifts: number): Way | null {
  const best = ends.reduce<Arrival | null>(
    (least, end) => (end.shifts === shifts && end.cost < (least?.cost ?? Infinity) ? end : least),
    null,
  );
  if (best === null) return null;
  const choices: number[] = [];
  for (let at: Arrival | null = best; at; at = at.before) choices.push(at.candidate);
  return { choices: choices.reverse(), cost: best.cost };
}

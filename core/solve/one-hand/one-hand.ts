import { type Placement, stopsIn } from '#core/hand/placement';
import type { HandModel } from '#core/hand';
import {
  asItIs,
  type Derived,
  type Forbidden,
  type Lattice,
  originalChoices,
  pricingThree,
  remembering,
  restrict,
  threesOn,
} from '#core/search/lattice';
import { cheapestWay, costOfWay, fingeringLabel, type Way } from '#core/search/ways';
import { standingAlone } from './hand-memory.ts';
import { oneHandWays } from './one-hand-search.ts';

/** Two notes of one stay that no single hand plays, by their order among the sounding notes. */
export interface HandBreak {
  /** The earlier note. */
  readonly from: number;
  /** The later note. */
  readonly to: number;
  /** The placement before the later note: the last place of a finger, or a note anywhere in the stay. */
  readonly standing: Placement;
  /** The later note as it was taken. */
  readonly placed: Placement;
  /** `beside`: the fingers do not fit each other on their string; `frame`: no hand covers both. */
  readonly kind: 'beside' | 'frame';
}

/** The notes of one hand since it came. */
interface StaySoFar {
  /** The last note that was stopped. */
  last: Placement | null;
  /** Every different note so far, with its order. */
  readonly played: Map<string, { readonly order: number; readonly placement: Placement }>;
  /** The last place of each finger on each string. */
  readonly standing: Map<string, { readonly order: number; readonly placement: Placement }>;
}

/**
 * Finds where a fingering is not one hand: a stay is walked note by note, keeping for each string the last place of each finger. A finger
 * newly placed must fit the last places of the others on that string, and every note of the stay must lie in one frame (a finger may stand
 * low and later high, as in the melodic minor). At most one break for each note.
 */
export function handBreaks(hand: HandModel, placements: readonly Placement[]): readonly HandBreak[] {
  const breaks: HandBreak[] = [];
  let stay = beginStay();
  for (const [order, placement] of placements.entries()) {
    if (stopsIn(placement).length === 0) continue;
    if (stay.last && stay.last.stance !== placement.stance) stay = beginStay();
    const found = breakAt(hand, stay, placement);
    if (found) breaks.push({ ...found, to: order, placed: placement });
    remember(stay, order, placement);
  }
  return breaks;
}

function beginStay(): StaySoFar {
  return { last: null, played: new Map(), standing: new Map() };
}

function breakAt(hand: HandModel, { played, standing }: StaySoFar, placement: Placement): Omit<HandBreak, 'to' | 'placed'> | null {
  for (const { order, placement: finger } of standing.values()) {
    if (!hand.fitsBeside(finger, placement)) return { from: order, standing: finger, kind: 'beside' };
  }
  for (const { order, placement: note } of played.values()) {
    if (!hand.inOneFrame(note, placement)) return { from: order, standing: note, kind: 'frame' };
  }
  return null;
}

function remember(stay: StaySoFar, order: number, placement: Placement): void {
  stay.last = placement;
  stay.played.set(stopsIn(placement).map(keyOf).join(' '), { order, placement });
  for (const stop of stopsIn(placement)) {
    stay.standing.set(`${stop.stringIndex} ${stop.finger}`, {
      order,
      placement: standingAlone(placement, stop),
    });
  }
}

function keyOf({ stringIndex, finger, semitonesAboveOpen }: Placement['upper'] & object): string {
  return `${stringIndex} ${finger} ${semitonesAboveOpen}`;
}

/** Gives the break as the search must avoid it. */
function forbiddenBy(hand: HandModel, { from, to, standing, kind }: HandBreak): Forbidden {
  const fits = kind === 'beside' ? hand.fitsBeside : hand.inOneFrame;
  return {
    from,
    to,
    remembered: (placement) =>
      placement.stance === standing.stance &&
      stopsIn(standing).every((stop) => stopsIn(placement).some((other) => keyOf(stop) === keyOf(other))),
    forgets: (placement) =>
      kind === 'beside' &&
      stopsIn(placement).some((other) => other.stringIndex === standing.stringIndex && other.finger === standing.finger),
    conflicts: (placement) => stopsIn(placement).length > 0 && !fits(standing, placement),
  };
}

/** A search for the way that is wanted, as choices of the candidates of the lattice it is given; null when there is none. */
export type Search = (lattice: Lattice) => readonly number[] | null;

/** The two searches for a way in which every stay is one hand. */
export interface Wanted {
  /** Finds the best of all ways of a lattice, whether or not a hand can play them. */
  readonly search: Search;
  /** Finds the best that a hand can play; null where only asking again helps, as for a line that comes down as it went up. */
  readonly exactly: ((lattice: Lattice) => Way | null) | null;
}

/** Wants the cheapest way of all. */
export function cheapestWanted(hand: HandModel): Wanted {
  return {
    search: (lattice) => cheapestWay(lattice)?.choices ?? null,
    exactly: (lattice) => oneHandWays(hand, lattice).ways[0] ?? null,
  };
}

/**
 * Finds the way that is wanted among those in which every stay is one hand.
 *
 * Whether a hand can play a note depends on all notes of a stay, some costs on three notes, a step on two. So the search is run first on
 * the whole lattice; where a stay of the result is no single hand, the two notes that do not go together are forbidden, where three notes
 * cost more they are priced, and the search is run again. Every way it finds is the best of those left, so the first that breaks nothing is
 * the best of all: exact. Most lines need that once or twice at most; where one needs it more often, all that hands remember is searched at
 * once, exactly too. Where that is impossible, and too much would have to be remembered, the later of two notes is no longer taken as it
 * was, which loses other ways with it.
 */
export function oneHandWay(hand: HandModel, lattice: Lattice, { search, exactly }: Wanted): Way | null {
  const known = new Set<string>();
  let derived: Derived | null = asItIs(lattice);
  for (let asked = 1; derived; asked += 1) {
    const found = search(derived.lattice);
    if (found === null) return null;
    const choices = originalChoices(derived, found);
    const wrong: Wrong = { breaks: handBreaks(hand, placementsAt(lattice, choices)), unpriced: threesOn(derived.lattice, found) };
    if (wrong.breaks.length === 0 && wrong.unpriced.length === 0) return { choices, cost: costOfWay(lattice, choices) };
    const isEnough = exactly !== null && (asked >= MOST_ASKED || lattice.layers.length > LONG);
    derived = isEnough ? null : without(hand, derived, { ...wrong, known, mayLose: exactly === null });
  }
  return exactly?.(lattice) ?? null;
}

/** The reasons why a way that was found is not yet the one that is wanted. */
interface Wrong {
  readonly breaks: readonly HandBreak[];
  /** The layers at which three notes have costs that the search did not know of. */
  readonly unpriced: readonly number[];
}

/** The faults of a way that was found, and the allowed remedies. */
interface ToForbid extends Wrong {
  readonly known: Set<string>;
  /** Whether notes may be taken otherwise where not all of it can be remembered: other ways are lost with them. */
  readonly mayLose: boolean;
}

/** Removes from the lattice what breaks, and prices what is missing; null where it would lose other ways, which is not allowed. */
function without(hand: HandModel, derived: Derived, { breaks, unpriced, known, mayLose }: ToForbid): Derived | null {
  const forbidden = breaks.reduce<Derived | null>((left, handBreak) => {
    if (left === null) return null;
    if (isRemembered(left, handBreak, known)) return remembering(left, forbiddenBy(hand, handBreak));
    return mayLose ? withoutLater(left, handBreak) : null;
  }, derived);
  return forbidden && unpriced.reduce(pricingThree, forbidden);
}

/** The number of times that a search is run before all that hands remember is searched. */
const MOST_ASKED = 4;

/** The number of notes from which there are too many pairs to be forbidden one by one. */
const LONG = 400;

/**
 * Gives the placements that choices stand for.
 *
 * @throws for a choice that its layer does not have
 */
export function placementsAt(lattice: Lattice, choices: readonly number[]): readonly Placement[] {
  return lattice.layers.map((layer, index) => {
    const placement = layer.candidates[choices[index] ?? 0];
    if (!placement) throw new RangeError(`Layer ${index} has no candidate ${choices[index]}`);
    return placement;
  });
}

/** Tells whether remembering a break may still help: each break is remembered once, and only while no layer grows beyond `MOST_TIMES`. */
function isRemembered({ origins }: Derived, found: HandBreak, known: Set<string>): boolean {
  const widest = origins.slice(found.from + 1, found.to + 1).reduce((sum, own) => Math.max(sum, own.length / (new Set(own).size || 1)), 1);
  const key = `${found.from} ${found.to} ${found.standing.stance} ${fingeringLabel(found.standing)} ${fingeringLabel(found.placed)}`;
  const isNew = !known.has(key);
  known.add(key);
  return isNew && widest < MOST_TIMES;
}

/** The factor by which the candidates of a layer may grow through what is remembered. */
const MOST_TIMES = 16;

/** Removes the later of two notes that do not go together, as it was taken. */
function withoutLater(derived: Derived, { to, placed }: HandBreak): Derived {
  const label = fingeringLabel(placed);
  const isForbidden = (placement: Placement, layer: number): boolean =>
    layer === to && placement.stance === placed.stance && fingeringLabel(placement) === label;
  return { ...derived, lattice: restrict(derived.lattice, (placement, layer) => !isForbidden(placement, layer)) };
}

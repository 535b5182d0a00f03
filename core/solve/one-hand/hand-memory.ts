import { type Placement, rankOf, stopIn, stopsIn, type StringStop } from '#core/hand/placement';
import type { HandModel } from '#core/hand';

/** The memory of a hand while it stays, as a number: two equal memories have the same one. 0 is empty. */
export type Memory = number;

/** The empty memory: a hand that has stopped no string yet. */
export const NOTHING: Memory = 0;

/** The rules by which a hand that stays goes on to a placement, with its memory. */
export interface HandMemory {
  /** Gives the memory of a hand that has just come to a placement. */
  readonly fresh: (placed: Placement) => Memory;
  /** Gives the memory after a placement beside what it held; null where the placement does not go with that. */
  readonly after: (held: Memory, placed: Placement) => Memory | null;
  /** Tells whether one memory holds nothing that another does not: a hand with less to remember can play all that the other can. */
  readonly isWithin: (less: Memory, more: Memory) => boolean;
}

/** A fact of a stay that later notes have to go with: the last place of a finger, or a note that was played. */
interface Fact {
  readonly placement: Placement;
  /** The string and finger of the fact, whose earlier place is forgotten. Null for a note, which a stay keeps. */
  readonly slot: number | null;
}

/**
 * Makes the memory of a hand for the placements of one line. The last place of a finger on its string is remembered, and a note for as long
 * as the hand stays: but only facts that some placement of the line does not go with, since nothing else can ever matter. So a line in one
 * key has next to nothing to remember.
 */
export function handMemory(hand: HandModel, placements: Iterable<Placement>): HandMemory {
  const told = placementsToldApart(placements);
  const facts = factsOf(hand, told);
  const memories: (readonly number[])[] = [[]];
  const numbers = new Map<string, Memory>([['', NOTHING]]);
  const freshly = new Map<Placement, Memory>();
  const nexts = new Map<Placement, Map<Memory, Memory | null>>();
  const within = new Map<Memory, Map<Memory, boolean>>();

  const memoryOf = (held: readonly number[]): Memory => {
    const inOrder = [...new Set(held)].toSorted((one, other) => one - other);
    return findOrMake(numbers, inOrder.join(), () => memories.push(inOrder) - 1);
  };
  const following = (held: Memory, placed: Placement): Memory | null => {
    const before = memories[held] ?? [];
    if (before.some((fact) => !facts.goesWith(fact, placed))) return null;
    const taken = new Set(stopsIn(placed).map(slotOf));
    return memoryOf([...before.filter((fact) => !taken.has(facts.slotAt(fact))), ...facts.of(placed)]);
  };
  return {
    fresh: (placed) => findOrMake(freshly, placed, () => memoryOf(facts.of(told.same(placed)))),
    after: (held, given) => {
      const placed = told.same(given);
      const known = findOrMake(nexts, placed, () => new Map<Memory, Memory | null>());
      return findOrMake(known, held, () => following(held, placed));
    },
    isWithin: (less, more) => {
      if (less === more || less === NOTHING) return true;
      const known = findOrMake(within, less, () => new Map<Memory, boolean>());
      return findOrMake(known, more, () => {
        const all = new Set(memories[more]);
        return (memories[less] ?? []).every((fact) => all.has(fact));
      });
    },
  };
}

/** The placements of a line, grouped by what a hand tells apart; the first of a group stands for all of them. */
interface ToldApart {
  readonly same: (placement: Placement) => Placement;
  readonly ofStance: (stance: number) => readonly Placement[];
}

function placementsToldApart(placements: Iterable<Placement>): ToldApart {
  const firsts = new Map<string, Placement>();
  const same = new Map<Placement, Placement>();
  const stances = new Map<number, Placement[]>();
  for (const placement of placements) {
    const first = findOrMake(firsts, keyOf(placement), () => placement);
    same.set(placement, first);
    if (first === placement) findOrMake(stances, placement.stance, (): Placement[] => []).push(placement);
  }
  return { same: (placement) => same.get(placement) ?? placement, ofStance: (stance) => stances.get(stance) ?? [] };
}

/** The facts worth remembering of a line, by number. */
interface Facts {
  /** Lists the facts that a placement leaves to remember. */
  readonly of: (placed: Placement) => readonly number[];
  readonly goesWith: (fact: number, placed: Placement) => boolean;
  /** The string and finger of a fact; none for a note. */
  readonly slotAt: (fact: number) => number;
}

function factsOf(hand: HandModel, told: ToldApart): Facts {
  const facts: Fact[] = [];
  const numbers = new Map<string, number | null>();
  const ofPlaced = new Map<Placement, readonly number[]>();
  const going = new Map<Placement, Map<number, boolean>>();
  const fits = ({ placement, slot }: Fact, placed: Placement): boolean =>
    slot === null ? hand.inOneFrame(placement, placed) : hand.fitsBeside(placement, placed);
  /** Gives the number of a fact; null for one that every placement of its stance goes with. */
  const numberOf = (fact: Fact): number | null =>
    findOrMake(numbers, `${fact.slot} ${keyOf(fact.placement)}`, () =>
      told.ofStance(fact.placement.stance).every((placed) => fits(fact, placed)) ? null : facts.push(fact) - 1,
    );
  return {
    of: (placed) =>
      findOrMake(ofPlaced, placed, () => {
        const standing = stopsIn(placed).map((stop): Fact => ({ placement: standingAlone(placed, stop), slot: slotOf(stop) }));
        return [...standing, { placement: placed, slot: null }].flatMap((fact) => numberOf(fact) ?? []);
      }),
    goesWith: (fact, placed) => {
      const known = findOrMake(going, placed, () => new Map<number, boolean>());
      return findOrMake(known, fact, () => {
        const held = facts[fact];
        return held === undefined || fits(held, placed);
      });
    },
    slotAt: (fact) => facts[fact]?.slot ?? NO_SLOT,
  };
}

/** Gives one finger of a placement, as it stands while others are set. */
export function standingAlone(placed: Placement, stop: StringStop): Placement {
  return { ...placed, ...stopIn(stop), upper: null, top: null, partner: null };
}

const NO_SLOT = -1;

/** Gives the number of a string and a finger of it. */
function slotOf({ stringIndex, finger }: Pick<Placement, 'stringIndex' | 'finger'>): number {
  return stringIndex * FINGERS + (rankOf(finger) ?? 0);
}

/** The number of fingers with the thumb. */
const FINGERS = 5;

/** Gives the key of a placement: equal where hands do not tell placements apart. */
function keyOf(placement: Placement): string {
  const { stance, shape, anchor, firstFinger, upper, top, partner } = placement;
  const stops = [placement, upper, top, partner].map(
    (stop) => stop && `${stop.stringIndex} ${stop.finger} ${stop.semitonesAboveOpen} ${stop.letterSteps}`,
  );
  return [stance, shape, anchor, firstFinger, ...stops].join();
}

/** Gives the value that a map has under a key, making and keeping it where there is none. */
function findOrMake<Key, Value extends object | number | boolean | null>(map: Map<Key, Value>, key: Key, make: () => Value): Value {
  const there = map.get(key);
  if (there !== undefined) return there;
  const made = make();
  map.set(key, made);
  return made;
}

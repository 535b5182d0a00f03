import { type HandModel, type Placement, rankOf, stopIn, stopsIn, type StringStop } from '#core/hand';

/** What a hand remembers while it stays, by number: two equal memories have the same one. 0 is nothing. */
export type Memory = number;

/** Nothing: a hand that has stopped no string yet. */
export const NOTHING: Memory = 0;

/** Whether, and with what memory, a hand that stays goes on to a placement. */
export interface HandMemory {
  /** What a hand remembers that has just come to a placement. */
  readonly fresh: (placed: Placement) => Memory;
  /** What it remembers after a placement beside what it held; null where the placement does not go with that. */
  readonly after: (held: Memory, placed: Placement) => Memory | null;
  /** Whether one memory holds nothing that another does not: a hand with less to remember can play all that the other can. */
  readonly isWithin: (less: Memory, more: Memory) => boolean;
}

/** Something of a stay that later notes have to go with: a finger where it stood last, or a note that was played. */
interface Fact {
  readonly placement: Placement;
  /** The string and finger that it is of; what stood there before is forgotten. Null for a note, which a stay keeps. */
  readonly slot: number | null;
}

/**
 * The memory of a hand for the placements of one line. A finger is remembered where it stood last on its string, a note for as long
 * as the hand stays: but only what some placement of the line does not go with, since nothing else can ever matter. So a line in
 * one key has next to nothing to remember.
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
    return found(numbers, inOrder.join(), () => memories.push(inOrder) - 1);
  };
  const following = (held: Memory, placed: Placement): Memory | null => {
    const before = memories[held] ?? [];
    if (before.some((fact) => !facts.goesWith(fact, placed))) return null;
    const taken = new Set(stopsIn(placed).map(slotOf));
    return memoryOf([...before.filter((fact) => !taken.has(facts.slotAt(fact))), ...facts.of(placed)]);
  };
  return {
    fresh: (placed) => found(freshly, placed, () => memoryOf(facts.of(told.same(placed)))),
    after: (held, given) => {
      const placed = told.same(given);
      const known = found(nexts, placed, () => new Map<Memory, Memory | null>());
      return found(known, held, () => following(held, placed));
    },
    isWithin: (less, more) => {
      if (less === more || less === NOTHING) return true;
      const known = found(within, less, () => new Map<Memory, boolean>());
      return found(known, more, () => {
        const all = new Set(memories[more]);
        return (memories[less] ?? []).every((fact) => all.has(fact));
      });
    },
  };
}

/** The placements of a line, of those that no hand tells apart the first. */
interface ToldApart {
  readonly same: (placement: Placement) => Placement;
  readonly ofStance: (stance: number) => readonly Placement[];
}

function placementsToldApart(placements: Iterable<Placement>): ToldApart {
  const firsts = new Map<string, Placement>();
  const same = new Map<Placement, Placement>();
  const stances = new Map<number, Placement[]>();
  for (const placement of placements) {
    const first = found(firsts, keyOf(placement), () => placement);
    same.set(placement, first);
    if (first === placement) found(stances, placement.stance, (): Placement[] => []).push(placement);
  }
  return { same: (placement) => same.get(placement) ?? placement, ofStance: (stance) => stances.get(stance) ?? [] };
}

/** What is worth remembering of a line, by number. */
interface Facts {
  /** What a placement leaves to remember. */
  readonly of: (placed: Placement) => readonly number[];
  readonly goesWith: (fact: number, placed: Placement) => boolean;
  /** The string and finger a fact is of; none for a note. */
  readonly slotAt: (fact: number) => number;
}

function factsOf(hand: HandModel, told: ToldApart): Facts {
  const facts: Fact[] = [];
  const numbers = new Map<string, number | null>();
  const ofPlaced = new Map<Placement, readonly number[]>();
  const going = new Map<Placement, Map<number, boolean>>();
  const fits = ({ placement, slot }: Fact, placed: Placement): boolean =>
    slot === null ? hand.inOneFrame(placement, placed) : hand.fitsBeside(placement, placed);
  /** Null for one that every placement of its stance goes with. */
  const numberOf = (fact: Fact): number | null =>
    found(numbers, `${fact.slot} ${keyOf(fact.placement)}`, () =>
      told.ofStance(fact.placement.stance).every((placed) => fits(fact, placed)) ? null : facts.push(fact) - 1,
    );
  return {
    of: (placed) =>
      found(ofPlaced, placed, () => {
        const standing = stopsIn(placed).map((stop): Fact => ({ placement: standingAlone(placed, stop), slot: slotOf(stop) }));
        return [...standing, { placement: placed, slot: null }].flatMap((fact) => numberOf(fact) ?? []);
      }),
    goesWith: (fact, placed) => {
      const known = found(going, placed, () => new Map<number, boolean>());
      return found(known, fact, () => {
        const held = facts[fact];
        return held === undefined || fits(held, placed);
      });
    },
    slotAt: (fact) => facts[fact]?.slot ?? NO_SLOT,
  };
}

/** One finger of a placement, as it stands while others are set. */
export function standingAlone(placed: Placement, stop: StringStop): Placement {
  return { ...placed, ...stopIn(stop), upper: null, top: null, partner: null };
}

const NO_SLOT = -1;

/** A string and a finger of it. */
function slotOf({ stringIndex, finger }: Pick<Placement, 'stringIndex' | 'finger'>): number {
  return stringIndex * FINGERS + (rankOf(finger) ?? 0);
}

/** Thumb and four fingers. */
const FINGERS = 5;

/** Tells apart placements that hands tell apart. */
function keyOf(placement: Placement): string {
  const { stance, shape, anchor, firstFinger, upper, top, partner } = placement;
  const stops = [placement, upper, top, partner].map(
    (stop) => stop && `${stop.stringIndex} ${stop.finger} ${stop.semitonesAboveOpen} ${stop.letterSteps}`,
  );
  return [stance, shape, anchor, firstFinger, ...stops].join();
}

/** What a map has under a key, made and kept where it has nothing. */
function found<Key, Value extends object | number | boolean | null>(map: Map<Key, Value>, key: Key, make: () => Value): Value {
  const there = map.get(key);
  if (there !== undefined) return there;
  const made = make();
  map.set(key, made);
  return made;
}

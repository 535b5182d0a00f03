import { FRAMES_A_SECOND } from './frames.ts';
import type { FrameCosts } from './frame-costs.ts';

/** A stretch of frames in which one note due sounds, or another in its place. */
export interface Stretch {
  /** Its order among the notes due. */
  readonly order: number;
  /** Whether another note sounds in its place. */
  readonly wrong: boolean;
  /** The index of its first frame. */
  readonly from: number;
  /** The index of the frame after its last. */
  readonly to: number;
}

/** The prices of a frame in which nothing is heard, of one while another note sounds in place of the one due, and of one before the first. */
const UNHEARD = 0.12;
const IN_PLACE = 0.08;
const BEFORE_FIRST = 0.4;

/** The price of another note in place of one due, and the price of a frame from which it is clearly another. */
const WRONG = 4.5;
const CLEARLY = 0.25;

/** The prices of going on to another note than the next. */
const SKIPPED = 5;
const SKIPPED_TWO = 8;
const LOST = 11;

/** The price of going on to the next note, and of one of the same pitch where no beginning is heard. */
const NEXT = 0.4;
const SAME_UNHEARD = 6;

/** The price of a beginning that is heard within a note, and of playing a note twice. */
const BEGINS_WITHIN = 3.2;
const TWICE = 2.6;

/** The frames within which a beginning still belongs to a note that is new, and those that a note lasts at least, with the price of fewer. */
const NEW_FOR = 8;
const LASTS = 5;
const TOO_SHORT = 2.5;

/** The price of every note by which a take begins late or ends early, and the most of it. */
const CUT_SHORT = 1.5;
const MOST_CUT_SHORT = 12;

/** The state before the first note; a note has two more, one for itself and one for another in its place. */
const BEFORE = 0;

/** The most ways into states that are remembered: two bytes each. */
const MOST_WAYS = 150_000_000;

/** The most states that two bytes tell apart, with a sign. */
const MOST_STATES = 2 ** 15;

/** Tells whether a take of some seconds can be followed through a number of notes: it is remembered how each is reached at each moment. */
export function canFollow(notes: number, seconds: number): boolean {
  const states = 1 + 2 * notes;
  return states < MOST_STATES && states * seconds * FRAMES_A_SECOND <= MOST_WAYS;
}

/** A state that is reached at a frame. */
interface Reached {
  /** The cost of the cheapest way to it. */
  readonly costs: Float64Array;
  /** The frames since its note began. */
  readonly ages: Int32Array;
}

/**
 * Follows the notes due through the frames of a take: the cheapest way through all notes at all frames (Viterbi, “Error bounds for
 * convolutional codes”, 1967), in which a player may wander in tempo, play another note, leave one out, play one twice, and begin again
 * anywhere.
 */
export function follow({ count, costOf, sounds }: FrameCosts, onsets: Float32Array, isSame: readonly boolean[]): readonly Stretch[] {
  const notes = isSame.length;
  const states = 1 + 2 * notes;
  const ways = new Int16Array(count * states);
  let reached: Reached = { costs: new Float64Array(states).fill(Infinity), ages: new Int32Array(states) };
  reached.costs[BEFORE] = 0;
  for (let frame = 0; frame < count; frame += 1) {
    const heard = { onset: onsets[frame] ?? 0, costOf: sounds(frame) ? (order: number) => costOf(frame, order) : null };
    reached = stepOn(reached, heard, { isSame, ways: ways.subarray(frame * states, (frame + 1) * states) });
  }
  return stretchesOf(ways, states, endOf(reached, notes), count);
}

/** The sound of a frame, as far as it is followed. */
interface HeardFrame {
  /** The certainty that a sound begins in it, 0 … 1. */
  readonly onset: number;
  /** Gives the price of the frame in a note due; null where nothing sounds. */
  readonly costOf: ((order: number) => number) | null;
}

/** The notes that are followed, and the way into each state, which is written down. */
interface Following {
  /** Tells for each note whether the one before it has the same pitch. */
  readonly isSame: readonly boolean[];
  readonly ways: Int16Array;
}

/** Goes on by one frame. */
function stepOn(reached: Reached, { onset, costOf }: HeardFrame, { isSame, ways }: Following): Reached {
  const next: Reached = { costs: new Float64Array(ways.length), ages: new Int32Array(ways.length) };
  const lost = cheapestToLeave(reached);
  next.costs[BEFORE] = (reached.costs[BEFORE] ?? Infinity) + (costOf === null ? 0 : BEFORE_FIRST);
  for (const [order, isRepeated] of isSame.entries()) {
    const entry = cheapestEntry(reached, { order, onset, isSame: isRepeated, lost });
    const cost = costOf === null ? null : costOf(order);
    for (const wrong of [0, 1]) {
      const state = stateOf(order, wrong);
      const stays = costToStay(reached, state, onset);
      const enters = entry.cost + wrong * WRONG;
      ways[state] = stays <= enters ? state : -1 - entry.from;
      next.ages[state] = stays <= enters ? (reached.ages[state] ?? 0) + 1 : 0;
      next.costs[state] = Math.min(stays, enters) + frameCost(cost, wrong === 1);
    }
  }
  return next;
}

/** Gives the price of staying in a note: a beginning that is heard in the middle of one is more likely another note. */
function costToStay({ costs, ages }: Reached, state: number, onset: number): number {
  return (costs[state] ?? Infinity) + ((ages[state] ?? 0) > NEW_FOR ? BEGINS_WITHIN * onset : 0);
}

function stateOf(order: number, wrong: number): number {
  return 1 + 2 * order + wrong;
}

/** Gives the price of leaving a state: a note lasts for some time. */
function costToLeave({ costs, ages }: Reached, state: number): number {
  return (costs[state] ?? Infinity) + (state !== BEFORE && (ages[state] ?? 0) < LASTS ? TOO_SHORT : 0);
}

function cheapestToLeave(reached: Reached): number {
  let least = BEFORE;
  for (let state = 1; state < reached.costs.length; state += 1)
    if (costToLeave(reached, state) < costToLeave(reached, least)) least = state;
  return least;
}

/** A note that is to be entered at a frame. */
interface Entered {
  readonly order: number;
  /** The certainty that a sound begins at the frame, 0 … 1. */
  readonly onset: number;
  /** Whether the note before has the same pitch. */
  readonly isSame: boolean;
  /** The state that is left most cheaply of all. */
  readonly lost: number;
}

/** Finds the cheapest way into a note from another state, or into it once more. */
function cheapestEntry(reached: Reached, { order, onset, isSame, lost }: Entered): { readonly from: number; readonly cost: number } {
  let [from, cost] = [BEFORE, costToLeave(reached, BEFORE) + NEXT + Math.min(MOST_CUT_SHORT, CUT_SHORT * order)];
  const offer = (state: number, price: number): void => {
    const sum = costToLeave(reached, state) + price;
    if (sum < cost) [from, cost] = [state, sum];
  };
  const unheard = SAME_UNHEARD * (1 - onset);
  for (const wrong of [0, 1]) {
    offer(stateOf(order, wrong), TWICE + unheard);
    if (order > 0) offer(stateOf(order - 1, wrong), NEXT + (isSame ? unheard : 0));
    if (order > 1) offer(stateOf(order - 2, wrong), SKIPPED);
    if (order > 2) offer(stateOf(order - 3, wrong), SKIPPED_TWO);
  }
  offer(lost, LOST);
  return { from, cost };
}

/** Gives the price of a frame in a note, or in another in its place. */
function frameCost(cost: number | null, wrong: boolean): number {
  if (cost === null) return UNHEARD;
  // Another note is one that is clearly not the one due.
  return wrong ? IN_PLACE + Math.max(0, CLEARLY - cost) : cost;
}

function endOf({ costs }: Reached, notes: number): number {
  let [least, cost] = [BEFORE, (costs[BEFORE] ?? 0) + MOST_CUT_SHORT];
  for (let state = 1; state < costs.length; state += 1) {
    const left = notes - 1 - Math.floor((state - 1) / 2);
    const sum = (costs[state] ?? Infinity) + Math.min(MOST_CUT_SHORT, CUT_SHORT * left);
    if (sum < cost) [least, cost] = [state, sum];
  }
  return least;
}

/** Walks the ways back from the end. */
function stretchesOf(ways: Int16Array, states: number, end: number, count: number): readonly Stretch[] {
  const stretches: Stretch[] = [];
  let [state, to] = [end, count];
  for (let frame = count - 1; frame >= 0 && state !== BEFORE; frame -= 1) {
    const way = ways[frame * states + state] ?? state;
    if (way >= 0) continue;
    stretches.push({ order: Math.floor((state - 1) / 2), wrong: (state - 1) % 2 === 1, from: frame, to });
    [state, to] = [-1 - way, frame];
  }
  return stretches.reverse();
}

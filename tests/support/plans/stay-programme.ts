import { type Placement, stopIn, stopsIn } from '#core/hand/placement';
import type { HandModel } from '#core/hand';
import type { Lattice } from '#core/search/lattice';

/**
 * Finds the least cost of a line in which every stay is one hand, in another way than the search: stay by stay. `arrive[i][c]` is the least
 * cost of a line that has just come, by a new hand, to candidate c of note i; from there every way of staying is walked, with everything
 * that the hand has played and the last place of every finger, nothing filtered and nothing compared. Ways costlier than a known cost,
 * `least`, are not continued, whatever open strings may still give back: so one below the true one gives Infinity.
 */
export function leastCostByStays(hand: HandModel, lattice: Lattice, least: number): number {
  const { layers } = lattice;
  const bound = least + GIVEN_BACK * layers.length;
  const arrive = layers.map(({ candidates, costs }, note): Arrivals[] =>
    candidates.map((_, candidate) => new Map(note === 0 ? [['begins', costs[candidate] ?? Infinity]] : [])),
  );
  let found = Infinity;
  for (const [start, row] of arrive.entries()) {
    let staying = states(
      row.flatMap((costs, candidate) =>
        [...costs].flatMap(([came, cost]) => {
          const placed = layers[start]?.candidates[candidate];
          return placed && cost <= bound ? [{ candidate, cost, came, hand: withPlaced(NEW_HAND, placed) }] : [];
        }),
      ),
    );
    for (let note = start; staying.size > 0; note += 1) {
      if (note === layers.length - 1) found = Math.min(found, ...[...staying.values()].map(({ cost }) => cost));
      staying = states(goOn({ hand, lattice, note, bound }, staying.values(), arrive[note + 1] ?? []));
    }
  }
  return found;
}

/** The way in which a hand has come to a note: by a shift, or from an open string or a stopped note without one. */
type Came = 'begins' | 'shifts' | 'from-open' | 'from-stopped';

/** The cost of coming to a candidate, by the way of coming. */
type Arrivals = Map<Came, number>;

/** A note to go on from. */
interface From {
  readonly hand: HandModel;
  readonly lattice: Lattice;
  readonly note: number;
  readonly bound: number;
}

/** Gives the states of the next note in which the hand has stayed; where it has not, the cost is noted in `arrive`. */
function goOn({ hand, lattice, note, bound }: From, states: Iterable<State>, arrive: Arrivals[]): readonly State[] {
  const [step, from, to] = [lattice.steps[note], lattice.layers[note], lattice.layers[note + 1]];
  if (!step || !from || !to) return [];
  return [...states].flatMap((state) =>
    to.candidates.flatMap((placed, candidate): readonly State[] => {
      const cell = candidate * from.candidates.length + state.candidate;
      const shifts = step.shifts[cell] === 1;
      const leaves = from.candidates[state.candidate];
      const came = shifts ? 'shifts' : leaves?.finger === '0' ? 'from-open' : 'from-stopped';
      const ofThree = leaves ? costOfThree(lattice.threes[note], { came: state.came, here: leaves, after: placed, shifts }) : 0;
      const cost = state.cost + (step.costs[cell] ?? Infinity) + ofThree + (to.costs[candidate] ?? Infinity);
      if (cost > bound) return [];
      if (leaves?.stance === placed.stance)
        return goesWith(hand, state.hand, placed) ? [{ candidate, cost, came, hand: withPlaced(state.hand, placed) }] : [];
      const there = arrive[candidate];
      there?.set(came, Math.min(cost, there.get(came) ?? Infinity));
      return [];
    }),
  );
}

/** A step from a note, with the way in which it was reached, to the next. */
interface GoesOn {
  readonly came: Came;
  readonly here: Placement;
  readonly after: Placement;
  readonly shifts: boolean;
}

/**
 * Gives the extra cost of a note between two others: where the hand came for it alone, or where a returning pitch is open and was not, or
 * the other way round.
 */
function costOfThree(three: Lattice['threes'][number] | undefined, { came, here, after, shifts }: GoesOn): number {
  if (!three) return 0;
  if (came === 'shifts') return shifts && here.finger !== '0' && here.upper === null ? three.oneNoteStay : 0;
  if (came === 'begins' || shifts) return 0;
  return (after.finger === '0') === (came === 'from-open') ? 0 : three.openAndStopped;
}

/** The largest sum that a note may give back, thousandths. */
const GIVEN_BACK = 300;

/** A hand in the middle of a stay. */
interface State {
  readonly candidate: number;
  readonly cost: number;
  readonly came: Came;
  readonly hand: StayingHand;
}

/** The record of a hand since it came: by number, every different placement, and the last place of each finger. */
interface StayingHand {
  readonly played: ReadonlyMap<number, Placement>;
  readonly stood: ReadonlyMap<string, Placement>;
}

const NEW_HAND: StayingHand = { played: new Map(), stood: new Map() };

/** Equal placements have one number. */
const numbers = new Map<string, number>();
const numberOfPlacement = new WeakMap<Placement, number>();

function numberOf(placement: Placement): number {
  const known = numberOfPlacement.get(placement);
  if (known !== undefined) return known;
  const text = JSON.stringify(placement);
  const number = numbers.get(text) ?? numbers.size;
  numbers.set(text, number);
  numberOfPlacement.set(placement, number);
  return number;
}

function withPlaced({ played, stood }: StayingHand, placed: Placement): StayingHand {
  const stops = stopsIn(placed);
  if (stops.length === 0) return { played, stood };
  const next = new Map(stood);
  for (const stop of stops) next.set(`${stop.stringIndex}${stop.finger}`, { ...placed, ...stopIn(stop), upper: null, partner: null });
  return { played: new Map(played).set(numberOf(placed), placed), stood: next };
}

function goesWith(hand: HandModel, { played, stood }: StayingHand, placed: Placement): boolean {
  if (stopsIn(placed).length === 0) return true;
  return (
    [...played.values()].every((placement) => hand.inOneFrame(placement, placed)) &&
    [...stood.values()].every((placement) => hand.fitsBeside(placement, placed))
  );
}

/** Keeps the cheapest of states that are the same in everything else. */
function states(all: Iterable<State>): ReadonlyMap<string, State> {
  const kept = new Map<string, State>();
  for (const state of all) {
    const { played, stood } = state.hand;
    const standing = [...stood].map(
      ([slot, placement]) => `${slot}:${placement.stance}:${placement.semitonesAboveOpen}:${placement.shape}:${placement.letterSteps}`,
    );
    const key = `${state.candidate} ${state.came} ${[...played.keys()].toSorted().join()} ${standing.toSorted().join()}`;
    if (state.cost < (kept.get(key)?.cost ?? Infinity)) kept.set(key, state);
  }
  return kept;
}

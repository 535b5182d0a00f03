import { type HandModel, type Placement, stopIn, stopsIn } from '#core/hand';
import type { Lattice } from '#core/search/lattice';

/**
 * The least cost of a line in which every stay is one hand, another way than the search finds it: stay by stay. `arrive[i][c]` is the
 * least cost of a line that has just come, by a new hand, to candidate c of note i; from there every way of staying is walked, with
 * all that the hand has played and where every finger stood last, nothing filtered and nothing compared. Ways dearer than a known cost, `least`, are
 * not walked on, whatever open strings may still give back: so one below the true one gives Infinity.
 */
export function leastCostByStays(hand: HandModel, lattice: Lattice, least: number): number {
  const { layers } = lattice;
  const bound = least + GIVEN_BACK * layers.length;
  const arrive = layers.map(({ candidates, costs }, note) =>
    candidates.map((_, candidate) => (note === 0 ? (costs[candidate] ?? Infinity) : Infinity)),
  );
  let found = Infinity;
  for (const [start, row] of arrive.entries()) {
    let staying = states(
      row.flatMap((cost, candidate) => {
        const placed = layers[start]?.candidates[candidate];
        return placed && cost <= bound ? [{ candidate, cost, hand: withPlaced(NEW_HAND, placed) }] : [];
      }),
    );
    for (let note = start; staying.size > 0; note += 1) {
      if (note === layers.length - 1) found = Math.min(found, ...[...staying.values()].map(({ cost }) => cost));
      staying = states(goneOn({ hand, lattice, note, bound }, staying.values(), arrive[note + 1] ?? []));
    }
  }
  return found;
}

/** A note to go on from. */
interface From {
  readonly hand: HandModel;
  readonly lattice: Lattice;
  readonly note: number;
  readonly bound: number;
}

/** The states of the next note in which the hand has stayed; where it has not, the cost is noted in `arrive`. */
function goneOn({ hand, lattice, note, bound }: From, states: Iterable<State>, arrive: number[]): readonly State[] {
  const [step, from, to] = [lattice.steps[note], lattice.layers[note], lattice.layers[note + 1]];
  if (!step || !from || !to) return [];
  return [...states].flatMap((state) =>
    to.candidates.flatMap((placed, candidate): readonly State[] => {
      const price = step.costs[candidate * from.candidates.length + state.candidate] ?? Infinity;
      const cost = state.cost + price + (to.costs[candidate] ?? Infinity);
      if (cost > bound) return [];
      if (from.candidates[state.candidate]?.stance === placed.stance)
        return goesWith(hand, state.hand, placed) ? [{ candidate, cost, hand: withPlaced(state.hand, placed) }] : [];
      arrive[candidate] = Math.min(cost, arrive[candidate] ?? Infinity);
      return [];
    }),
  );
}

/** No note costs less than minus this, thousandths. */
const GIVEN_BACK = 300;

/** A hand in the middle of a stay. */
interface State {
  readonly candidate: number;
  readonly cost: number;
  readonly hand: StayingHand;
}

/** All that a hand has done since it came: by number, every different placement, and where each finger stood last. */
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
    [...played.values()].every((each) => hand.inOneFrame(each, placed)) &&
    [...stood.values()].every((each) => hand.fitsBeside(each, placed))
  );
}

/** Of states that are the same in everything the cheapest. */
function states(all: Iterable<State>): ReadonlyMap<string, State> {
  const kept = new Map<string, State>();
  for (const state of all) {
    const { played, stood } = state.hand;
    const standing = [...stood].map(
      ([slot, each]) => `${slot}:${each.stance}:${each.semitonesAboveOpen}:${each.shape}:${each.letterSteps}`,
    );
    const key = `${state.candidate} ${[...played.keys()].toSorted().join()} ${standing.toSorted().join()}`;
    if (state.cost < (kept.get(key)?.cost ?? Infinity)) kept.set(key, state);
  }
  return kept;
}

import { type HandModel, type Placement, stopIn, stopsIn } from '#core/hand';
import type { Lattice } from '#core/search/lattice';

/**
 * The least cost of a line in which every stay is one hand, another way than the search finds it: stay by stay. `arrive[i][c]` is the
 * least cost of a line that has just come, by a new hand, to candidate c of note i; from there every way of staying is walked, with
 * all that the hand has played and where every finger stood last, nothing filtered and nothing compared. Ways dearer than a known cost, `least`, are
 * not walked on, whatever open strings may still give back: so one below the true one gives Infinity.
 */
export function leastCostByStays(hand: HandModel, { layers, steps }: Lattice, least: number): number {
  const bound = least + GIVEN_BACK * layers.length;
  const arrive = layers.map(({ candidates }) => candidates.map(() => Infinity));
  let found = Infinity;
  for (const [candidate, cost] of layers[0]?.costs.entries() ?? []) {
    const row = arrive[0];
    if (row) row[candidate] = cost;
  }
  for (const [start, row] of arrive.entries()) {
    let staying = states(
      [...row.entries()].flatMap(([candidate, cost]) => {
        const placed = layers[start]?.candidates[candidate];
        return placed && cost <= bound ? [{ candidate, cost, hand: withPlaced(NEW_HAND, placed) }] : [];
      }),
    );
    for (let note = start; staying.size > 0; note += 1) {
      if (note === layers.length - 1) found = Math.min(found, ...[...staying.values()].map(({ cost }) => cost));
      const step = steps[note];
      const [from, to] = [layers[note], layers[note + 1]];
      if (!step || !from || !to) break;
      const next: State[] = [];
      for (const state of staying.values()) {
        for (const [candidate, placed] of to.candidates.entries()) {
          const price = step.costs[candidate * from.candidates.length + state.candidate] ?? Infinity;
          const cost = state.cost + price + (to.costs[candidate] ?? Infinity);
          if (cost > bound) continue;
          if (from.candidates[state.candidate]?.stance === placed.stance) {
            if (goesWith(hand, state.hand, placed)) next.push({ candidate, cost, hand: withPlaced(state.hand, placed) });
            continue;
          }
          const row = arrive[note + 1];
          if (row && cost < (row[candidate] ?? Infinity)) row[candidate] = cost;
        }
      }
      staying = states(next);
    }
  }
  return found;
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

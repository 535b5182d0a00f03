import { type Finger, isShift, type Placement } from '#core/hand';
import { positionKey } from '#core/search/costs';
import { type Lattice, restricted, type Step } from '#core/search/lattice';
import {
  backwardSums,
  cheapestWay,
  cheapestWaysByShifts,
  fingeringLabel,
  forwardSums,
  indexOfLeast,
  type Sums,
  tracedBack,
  tracedForth,
  type Way,
} from '#core/search/ways';
import { isSlide, isUnusual } from './line-facts.ts';

/** Nothing dearer than this against the best is offered, thousandths: about two shifts. */
const DEAREST = 4000;

/** A known pattern of another school may be so much dearer, thousandths. */
const DEAREST_PATTERN = 9000;

/** Ways traced through one lattice, cheapest first. */
const MOST_TRACED = 900;

/** So many shifts more than the best line has are tried. */
const MORE_SHIFTS = 2;

/** How a way is seen through a lattice: the place where it was made to differ, and what it costs. */
interface Through {
  readonly index: number;
  readonly place: number;
  /** The candidate of the layer before, where the way was made to shift from it. */
  readonly from: number | null;
  readonly cost: number;
}

/** What is known of the best line: what it costs, how many shifts it has, and whether it has runs of semitones. */
export interface BestLine {
  readonly cost: number;
  readonly shifts: number;
  readonly chromatic: boolean;
}

/**
 * Lines that another teacher might write, from one lattice already laid out, cheapest first: the best through every note on every
 * string in every position and with every finger; the best that shifts at every place on every string; the best with fewer and
 * with more shifts; and the known patterns (open strings or none, every finger once in runs of semitones). Sums from both ends give the
 * first two at once.
 */
export function otherWays(lattice: Lattice, { cost: best, shifts, chromatic }: BestLine): readonly Way[] {
  const forward = forwardSums(lattice);
  const backward = backwardSums(lattice);
  const throughs = [...throughNotes(lattice, forward, backward), ...throughShifts(lattice, forward, backward)]
    .filter(({ cost }) => cost <= best + DEAREST)
    .toSorted((one, other) => one.cost - other.cost || one.index - other.index || one.place - other.place)
    .slice(0, MOST_TRACED)
    .map((through) => traced(through, forward, backward));
  const taught = withSteps(lattice, AS_TAUGHT);
  const counted = cheapestWaysByShifts(taught, shifts + MORE_SHIFTS).flatMap((way) => (way ? [way] : []));
  const openOrNot = OPEN_OR_NOT.flatMap((keeps) => cheapestWay(restrictedWhereItCan(lattice, keeps)) ?? []);
  const semitones = chromatic ? semitoneWays(taught) : [];
  const dear = [...counted, ...openOrNot, ...semitones].filter(({ cost }) => cost <= best + DEAREST_PATTERN);
  return [...throughs, ...dear].toSorted((one, other) => one.cost - other.cost);
}

function traced({ index, place, from, cost }: Through, forward: Sums, backward: Sums): Way {
  const before = from === null ? tracedBack(forward.links, index, place) : [...tracedBack(forward.links, index - 1, from), place];
  return { choices: [...before, ...tracedForth(backward.links, index, place)], cost };
}

/** The best line through every note on every string, in every position, with every finger. */
function throughNotes({ layers }: Lattice, forward: Sums, backward: Sums): readonly Through[] {
  return layers.flatMap(({ candidates, costs }, index) => {
    const sums = costs.map((_, place) => at(forward.sums[index] ?? NOTHING, place) + at(backward.sums[index] ?? NOTHING, place));
    return groupsOf(candidates).map((places): Through => {
      const place = places[indexOfLeast(sums.filter((_, at) => places.includes(at)))] ?? 0;
      return { index, place, from: null, cost: sums[place] ?? Infinity };
    });
  });
}

/** Candidates by string, position and finger. */
function groupsOf(candidates: readonly Placement[]): readonly (readonly number[])[] {
  const groups = new Map<string, number[]>();
  for (const [place, candidate] of candidates.entries()) {
    const key = `${fingeringLabel(candidate)} ${positionKey(candidate)}`;
    groups.set(key, [...(groups.get(key) ?? []), place]);
  }
  return [...groups.values()];
}

/** The best line that shifts between two notes, for every string it may arrive on and every position. */
function throughShifts(lattice: Lattice, forward: Sums, backward: Sums): readonly Through[] {
  return lattice.steps.flatMap((step, before) => {
    const { candidates = [], costs = NOTHING } = lattice.layers[before + 1] ?? {};
    const best = new Map<string, Through>();
    for (const [place, arriving] of candidates.entries()) {
      const cheapest = cheapestShiftTo(step, place, forward.sums[before] ?? NOTHING);
      const cost = cheapest.sum + at(costs, place) + at(backward.sums[before + 1] ?? NOTHING, place);
      const key = `${arriving.stringIndex} ${positionKey(arriving)}`;
      if (cost < (best.get(key)?.cost ?? Infinity)) best.set(key, { index: before + 1, place, from: cheapest.from, cost });
    }
    return [...best.values()];
  });
}

const NOTHING = new Float64Array();

/** The cheapest way to shift onto a candidate, from sums to those before it; Infinity where no way is a shift. */
function cheapestShiftTo(step: Step, place: number, sums: Float64Array): { readonly from: number; readonly sum: number } {
  let [from, least] = [0, Infinity];
  for (let leaving = 0; leaving < sums.length; leaving += 1) {
    const cell = place * sums.length + leaving;
    const sum = at(sums, leaving) + at(step.costs, cell);
    if (sum < least && (step.shifts[cell] ?? 0) > 0) [from, least] = [leaving, sum];
  }
  return { from, sum: least };
}

function at(values: Float64Array, index: number): number {
  return values[index] ?? Infinity;
}

/** In runs of semitones no finger slides, or one does. */
const SLIDING: readonly (Finger | null)[] = [null, '1', '2', '3', '4'];

/** Open strings nowhere, and everywhere. */
const OPEN_OR_NOT: readonly ((placement: Placement) => boolean)[] = [({ finger }) => finger !== '0', ({ finger }) => finger === '0'];

/** Whether a step of the line may be taken. */
type Allows = (from: Placement, to: Placement) => boolean;

/** No finger slides a semitone, but for one. */
function slidingOnly(finger: Finger | null): Allows {
  return (from, to) => to.finger === finger || !isSlide(from, to);
}

/** Runs of semitones with no finger sliding or one, and those of the first three fingers alone. */
function semitoneWays(taught: Lattice): readonly Way[] {
  const three = restrictedWhereItCan(taught, ({ finger }) => finger !== '4');
  const lattices = [...SLIDING.map((finger) => withSteps(taught, slidingOnly(finger))), withSteps(three, slidingOnly(null))];
  return lattices.flatMap((each) => cheapestWay(each) ?? []);
}

/** Shifts arrive as schools teach. */
const AS_TAUGHT: Allows = (from, to) => !isShift(from, to) || !isUnusual(from, to);

/** The lattice without the steps that are not allowed; steps that lose none are shared. */
function withSteps(lattice: Lattice, allows: Allows): Lattice {
  const known = new Map<Step, Step>();
  const steps = lattice.steps.map((step, index) => {
    const [from, to] = [lattice.layers[index]?.candidates ?? [], lattice.layers[index + 1]?.candidates ?? []];
    const found = known.get(step) ?? {
      ...step,
      costs: step.costs.map((cost, cell) => {
        const [leaving, arriving] = [from[cell % from.length], to[Math.floor(cell / from.length)]];
        return cost < Infinity && leaving && arriving && !allows(leaving, arriving) ? Infinity : cost;
      }),
    };
    known.set(step, found);
    return found;
  });
  return { ...lattice, steps };
}

/** The lattice with candidates left out wherever some are left. */
function restrictedWhereItCan(lattice: Lattice, keeps: (placement: Placement) => boolean): Lattice {
  const can = new Map<readonly Placement[], boolean>();
  return restricted(lattice, (placement, layer) => {
    const candidates = lattice.layers[layer]?.candidates ?? [];
    const some = can.get(candidates) ?? candidates.some(keeps);
    can.set(candidates, some);
    return !some || keeps(placement);
  });
}

import { type Finger, isShift, type Placement } from '#core/hand/placement';
import type { Steps } from '#core/result';
import { positionKey } from '#core/search/costs';
import { type Lattice, type Layer, restrict, type Step } from '#core/search/lattice';
import {
  backwardSums,
  cheapestWay,
  cheapestWaysByShifts,
  fingeringLabel,
  forwardSums,
  type Sums,
  traceBack,
  traceForward,
  type Way,
} from '#core/search/ways';
import { inGroups } from './groups.ts';
import { isSlide, isUnusual } from './line-facts.ts';
import { THRESHOLDS } from './thresholds.ts';

/** A way seen through a lattice: the place where it was made to differ, and its cost. */
interface Through {
  readonly index: number;
  readonly place: number;
  /** The candidate of the layer before, where the way was made to shift from it. */
  readonly from: number | null;
  readonly cost: number;
}

/** The facts known of the best line: its cost, its number of shifts, and whether it has runs of semitones. */
export interface BestLine {
  /** The cost of the whole line, thousandths. */
  readonly cost: number;
  /** The number of its shifts. */
  readonly shifts: number;
  readonly chromatic: boolean;
  /** Whether it is played on an instrument on which one group of fingers goes from string to string. */
  readonly grouped: boolean;
  /** Whether the known patterns are tried too, which takes longer than the rest. */
  readonly patterns: boolean;
  /** The largest extra costs of lines, thousandths. */
  readonly most: MostMore;
}

/** The largest costs above the best line that others may have, thousandths. */
export interface MostMore {
  /** The most for any other fingering, thousandths. */
  readonly usually: number;
  /** The most for one that keeps a pattern, thousandths. */
  readonly forPatterns: number;
}

/**
 * Finds lines that another teacher might write, from one lattice already laid out, cheapest first: the best through every note on every
 * string in every position and with every finger; the best that shifts at every place on every string; the best with fewer and with more
 * shifts; and the known patterns (open strings or none, every finger once in runs of semitones, one group of fingers on every string). Sums
 * from both ends give the first two at once.
 */
export function* otherWays(lattice: Lattice, { cost: best, shifts, chromatic, grouped, patterns, most }: BestLine): Steps<readonly Way[]> {
  const forward = forwardSums(lattice);
  const backward = backwardSums(lattice);
  const throughs = [...throughNotes(lattice, forward, backward), ...throughShifts(lattice, forward, backward, best)]
    .filter(({ cost }) => cost <= best + most.usually)
    .toSorted((one, other) => one.cost - other.cost || one.index - other.index || one.place - other.place)
    .slice(0, patterns ? THRESHOLDS.mostTraced.value : THRESHOLDS.mostTracedBack.value)
    .map((through) => traceWay(through, forward, backward));
  yield;
  const patterned = patterns ? patternedWays(lattice, { shifts, chromatic, grouped }) : [];
  yield;
  const repeated = patterns && chromatic ? withSameFingers(lattice, [...throughs, ...patterned]) : [];
  const known = [...patterned, ...repeated].filter(({ cost }) => cost <= best + most.forPatterns);
  return [...throughs, ...known].toSorted((one, other) => one.cost - other.cost);
}

/** Finds the best lines with fewer and with more shifts, each as taught, and those of the known patterns. */
function patternedWays(lattice: Lattice, { shifts, chromatic, grouped }: Omit<BestLine, 'cost' | 'patterns' | 'most'>): readonly Way[] {
  const taught = withSteps(lattice, AS_TAUGHT);
  const counted = cheapestWaysByShifts(taught, shifts + THRESHOLDS.moreShifts.value).flatMap((way) => (way ? [way] : []));
  const openOrNot = OPEN_OR_NOT.flatMap((keeps) => cheapestWay(restrictedWhereItCan(lattice, keeps)) ?? []);
  const semitones = chromatic ? semitoneWays(taught) : [];
  return [
    ...counted,
    ...openOrNot,
    ...semitones,
    ...inOnePosition(lattice),
    ...upOneString(lattice),
    ...(grouped ? inGroups(lattice) : []),
  ];
}

/** Finds the best line in every position that holds all of it. */
function inOnePosition(lattice: Lattice): readonly Way[] {
  const sets = [...new Set(lattice.layers.map(({ candidates }) => candidates))];
  const positionsAt = sets.map((candidates) => new Set(candidates.map((candidate) => (isOpen(candidate) ? OPEN : positionKey(candidate)))));
  const positions = [...new Set(positionsAt.flatMap((keys) => [...keys]))].filter(
    (position) => position !== OPEN && positionsAt.every((keys) => keys.has(position) || keys.has(OPEN)),
  );
  return positions.flatMap(
    (position) => cheapestWay(restrict(lattice, (placement) => isOpen(placement) || positionKey(placement) === position)) ?? [],
  );
}

/** The number that stands for an open string among positions. */
const OPEN = -1;

function isOpen({ finger, upper }: Placement): boolean {
  return finger === '0' && upper === null;
}

function traceWay({ index, place, from, cost }: Through, forward: Sums, backward: Sums): Way {
  const before = from === null ? traceBack(forward.links, index, place) : [...traceBack(forward.links, index - 1, from), place];
  return { choices: [...before, ...traceForward(backward.links, index, place)], cost };
}

/** Finds the best line through every note on every string, in every position, with every finger. */
function throughNotes({ layers }: Lattice, forward: Sums, backward: Sums): readonly Through[] {
  const keys = new Map<readonly Placement[], readonly string[]>();
  return layers.flatMap(({ candidates }, index) => {
    const named = keys.get(candidates) ?? candidates.map((candidate) => `${fingeringLabel(candidate)} ${positionKey(candidate)}`);
    keys.set(candidates, named);
    const best = new Map<string, Through>();
    for (const [place, key] of named.entries()) {
      const cost = at(forward.sums[index] ?? NOTHING, place) + at(backward.sums[index] ?? NOTHING, place);
      if (cost < (best.get(key)?.cost ?? Infinity)) best.set(key, { index, place, from: null, cost });
    }
    return [...best.values()];
  });
}

/**
 * Finds the best line that shifts between two notes, for every string it may arrive on and every position there; where it does not cost much more, for
 * every position it may leave too.
 */
function throughShifts({ steps, layers }: Lattice, forward: Sums, backward: Sums, best: number): readonly Through[] {
  return steps.flatMap((step, before) => {
    const [left, here] = [layers[before], layers[before + 1]];
    if (!left || !here) return [];
    const sums = { to: forward.sums[before] ?? NOTHING, from: backward.sums[before + 1] ?? NOTHING };
    return [...shiftsAt({ step, leaving: left.candidates.map(positionKey), here, index: before + 1 }, sums, best).values()];
  });
}

/** A place where a line may shift: from the positions of one note to the candidates of the next. */
interface ShiftPlace {
  readonly step: Step;
  readonly leaving: readonly number[];
  readonly here: Layer;
  readonly index: number;
}

/** Finds the cheapest shifts between two notes, each under a key that tells it from others. */
function shiftsAt(
  { step, leaving, here, index }: ShiftPlace,
  sums: { readonly to: Float64Array; readonly from: Float64Array },
  best: number,
): ReadonlyMap<number, Through> {
  const found = new Map<number, Through>();
  for (const [place, arriving] of here.candidates.entries()) {
    const onward = at(here.costs, place) + at(sums.from, place);
    const arrives = arriving.stringIndex * MOST_KEYS + positionKey(arriving);
    for (const [position, { from, sum }] of cheapestShiftsTo(step, place, leaving, sums.to)) {
      const cost = sum + onward;
      const key = (cost <= best + THRESHOLDS.mostApartBy.value ? position + 1 : 0) * MOST_KEYS * MOST_STRINGS + arrives;
      if (cost < (found.get(key)?.cost ?? Infinity)) found.set(key, { index, place, from, cost });
    }
  }
  return found;
}

/** The bounds of keys: positions have smaller numbers, and no instrument has as many strings. */
const MOST_KEYS = 1024;
const MOST_STRINGS = 16;

const NOTHING = new Float64Array();

/** A candidate to shift from, and the cost of the line up to it. */
interface Leaving {
  readonly from: number;
  readonly sum: number;
}

/** Finds, by the position left, the cheapest way to shift onto a candidate, from sums to those before it. */
function cheapestShiftsTo(step: Step, place: number, positions: readonly number[], sums: Float64Array): ReadonlyMap<number, Leaving> {
  const cheapest = new Map<number, Leaving>();
  for (const [from, position] of positions.entries()) {
    const cell = place * sums.length + from;
    if ((step.shifts[cell] ?? 0) === 0) continue;
    const sum = at(sums, from) + at(step.costs, cell);
    if (sum < (cheapest.get(position)?.sum ?? Infinity)) cheapest.set(position, { from, sum });
  }
  return cheapest;
}

function at(values: Float64Array, index: number): number {
  return values[index] ?? Infinity;
}

/** The tests for open strings nowhere, and everywhere. */
const OPEN_OR_NOT: readonly ((placement: Placement) => boolean)[] = [({ finger }) => finger !== '0', ({ finger }) => finger === '0'];

/** A test of whether a step of the line may be taken. */
type Allows = (from: Placement, to: Placement) => boolean;

/** Lets no finger slide a semitone, but for one. */
function slidingOnly(finger: Finger | null): Allows {
  return (from, to) => to.finger === finger || !isSlide(from, to);
}

/** Finds runs of semitones with no finger sliding or one, and those of the first three fingers alone. */
function semitoneWays(taught: Lattice): readonly Way[] {
  const three = restrictedWhereItCan(taught, ({ finger }) => finger !== '4');
  const lattices = [
    ...THRESHOLDS.slides.value.map((finger) => withSteps(taught, slidingOnly(finger))),
    withSteps(three, slidingOnly(null)),
  ];
  return lattices.flatMap((lattice) => cheapestWay(lattice) ?? []);
}

/** The fingers of a run up one string to the top of a line: two and two, or three and three, with what is left at the end. */
const UP_ONE_STRING: readonly (readonly Finger[])[] = [
  ['1', '2', '1', '2', '1', '2', '3'],
  ['1', '2', '1', '2', '3'],
  ['1', '2', '3', '1', '2', '3'],
];

/** Finds the best lines that go up to their first top note on one string by a known pattern. */
function upOneString(lattice: Lattice): readonly Way[] {
  const top = topOf(lattice);
  return UP_ONE_STRING.flatMap((fingers) => {
    const from = top - fingers.length + 1;
    if (from < 0) return [];
    return [true, false].flatMap(
      (open) =>
        cheapestWay(
          restrict(lattice, ({ finger, upper, stringIndex }, layer) => {
            const wanted = fingers[layer - from];
            if (wanted === undefined) return open || layer !== from - 1 || stringIndex > 0;
            return finger === wanted && upper === null && stringIndex === 0;
          }),
        ) ?? [],
    );
  });
}

/** Finds the first note of a line that lies highest on the highest string; −1 where none can be played there. */
function topOf({ layers }: Lattice): number {
  const places = layers.map(({ candidates }) =>
    candidates.reduce((most, { stringIndex, semitonesAboveOpen }) => (stringIndex === 0 ? Math.max(most, semitonesAboveOpen) : most), -1),
  );
  const highest = Math.max(...places);
  return highest < 0 ? -1 : places.indexOf(highest);
}

/** Gives every string the fingers of one string in runs of semitones: those that the cheapest lines have on the string they begin on. */
function withSameFingers(lattice: Lattice, ways: readonly Way[]): readonly Way[] {
  const patterns = new Map<string, ReadonlyMap<number, Finger>>();
  for (const way of ways) {
    const pattern = firstStringOf(lattice, way);
    if (pattern) patterns.set([...pattern].join(), pattern);
  }
  return [...patterns.values()]
    .slice(0, THRESHOLDS.mostPatterns.value)
    .flatMap(
      (pattern) => cheapestWay(restrict(lattice, ({ finger, semitonesAboveOpen }) => pattern.get(semitonesAboveOpen) === finger)) ?? [],
    );
}

/** Gives the fingers of the string on which a line begins, by semitones above the open string; null where two fingers play one place. */
function firstStringOf({ layers }: Lattice, { choices }: Way): ReadonlyMap<number, Finger> | null {
  const fingers = new Map<number, Finger>();
  const first = layers[0]?.candidates[choices[0] ?? 0]?.stringIndex;
  for (const [layer, choice] of choices.entries()) {
    const here = layers[layer]?.candidates[choice];
    if (!here || here.stringIndex !== first) break;
    if ((fingers.get(here.semitonesAboveOpen) ?? here.finger) !== here.finger) return null;
    fingers.set(here.semitonesAboveOpen, here.finger);
  }
  return fingers;
}

/** Allows shifts that arrive as schools teach. */
const AS_TAUGHT: Allows = (from, to) => !isShift(from, to) || !isUnusual(from, to);

/** Closes the lattice to the steps that are not allowed; steps that lose none are shared. */
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

/** Leaves out candidates of a lattice wherever some are left. */
function restrictedWhereItCan(lattice: Lattice, keeps: (placement: Placement) => boolean): Lattice {
  const can = new Map<readonly Placement[], boolean>();
  return restrict(lattice, (placement, layer) => {
    const candidates = lattice.layers[layer]?.candidates ?? [];
    const some = can.get(candidates) ?? candidates.some(keeps);
    can.set(candidates, some);
    return !some || keeps(placement);
  });
}

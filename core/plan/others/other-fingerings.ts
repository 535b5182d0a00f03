import { readBrief } from '#core/brief';
import type { Placement } from '#core/hand/placement';
import { costDifferences, describe, type Plan } from '#core/plan/describe';
import type { Steps } from '#core/result';
import { type Lattice, restrict } from '#core/search/lattice';
import { fingeringLabel, type Way } from '#core/search/ways';
import { layTask, placementsAt, solve, type Solved, spacesFor, wayIn, withWay } from '#core/solve';
import type { Alternative } from '../types.ts';
import type { AlternativeName } from './name.ts';
import {
  byWorth,
  type Candidate,
  candidateOf,
  type BestLine,
  bestLineOf,
  inTurns,
  isOneHand,
  mostMore,
  type OfOneName,
  nameFurther,
} from './candidates.ts';
import { joinWays } from './joined-ways.ts';
import { otherWays } from './ways.ts';
import { ASKED, wishedWay, wishing } from './wished-way.ts';
import { THRESHOLDS } from './thresholds.ts';

/**
 * Finds fingerings that another good teacher might write, cheapest first, each named by what it does.
 *
 * The k best ways are near copies of each other, so they are not used. Instead many lines are read from the lattice of the best
 * one (see `otherWays`), both ways together where the line comes back. A line is left out that no single hand plays, that goes to a
 * position for a note or two where the best does not, or that costs far too much. Of lines that do the same the cheapest stays;
 * then one of each kind is taken, and again one of each, so that no kind crowds out another. Wishes are tried only where that
 * leaves room. All are priced by the brief's own weights.
 */
export function* otherFingerings(solved: Solved, best: Plan, most: number): Steps<readonly Alternative[]> {
  if (most <= 0) return [];
  const without = withoutLocks(solved, best);
  const wanted = most - without.length;
  const bestLine = bestLineOf(solved);
  const found = inTurns(bestLine, yield* candidates(bestLine), wanted);
  const chosen = found.length < wanted ? yield* withWishes(bestLine, found, wanted) : found;
  const others = chosen
    .toSorted((one, other) => one.way.cost - other.way.cost)
    .map(({ name, way }) => alternative(best, name, withWay(solved, way), solved));
  return [...without, ...others].slice(0, most);
}

/** Adds to the lines found those that wishes find beyond them, until there are as many as wanted. */
function* withWishes(bestLine: BestLine, found: readonly Candidate[], wanted: number): Steps<readonly Candidate[]> {
  const { solved } = bestLine;
  const wishes = wishing(solved, solved.way.cost + mostMore(bestLine).usually);
  const chosen = [...found];
  for (const wish of ASKED) {
    if (chosen.length >= wanted || solved.task.wishes.has(wish)) continue;
    yield;
    const way = wishedWay(wishes, wish);
    const candidate = way && candidateOf(bestLine, way.choices);
    if (candidate && isOneHand(bestLine, candidate) && !chosen.some(({ name }) => sameName(name, candidate.name))) chosen.push(candidate);
  }
  return chosen;
}

/** Finds every line worth offering, the cheapest of each name. */
function* candidates(bestLine: BestLine): Steps<readonly OfOneName[]> {
  const { solved, best, choices } = bestLine;
  if (solved.steps.length > THRESHOLDS.mostNotesCompared.value) return [];
  const { task, lattice, way } = solved;
  const spaces = spacesFor(task, lattice);
  const known = {
    cost: way.cost,
    shifts: best.shifts.length,
    chromatic: choices.chromatic,
    grouped: task.instrument.kind === 'cello',
    most: mostMore(bestLine),
  };
  const read: Way['choices'][] = [];
  for (const [index, space] of spaces.entries()) {
    // Known patterns are those of both ways together where the line comes back.
    const ways = yield* otherWays(space.lattice, { ...known, patterns: index === spaces.length - 1 });
    read.push(...ways.map((other) => space.whole(other.choices)));
    yield;
  }
  const again = spaces.length === 0 ? yield* waysWithout(solved) : [];
  return yield* cheapestOfEachName(bestLine, [...read, ...again.map(({ choices: row }) => row)]);
}

function* cheapestOfEachName(bestLine: BestLine, ways: readonly Way['choices'][]): Steps<readonly OfOneName[]> {
  const known = new Set<string>([labelOf(bestLine.solved.placements)]);
  const apart = yield* newAmong(bestLine, ways, known);
  const heads = byName(apart).flatMap(([head]) => head ?? []);
  const joined = yield* newAmong(bestLine, joinWays(bestLine.solved.way, heads.slice(0, THRESHOLDS.mostNamesJoined.value)), known);
  return byName([...apart, ...joined])
    .slice(0, THRESHOLDS.mostNamesExamined.value)
    .flatMap((group) => worthTelling(bestLine, group))
    .toSorted(([one], [other]) => one.rank - other.rank);
}

/** Keeps the ways that are worth offering and not known yet. */
function* newAmong(bestLine: BestLine, ways: readonly Way['choices'][], known: Set<string>): Steps<readonly Candidate[]> {
  const found: Candidate[] = [];
  for (const [count, way] of ways.entries()) {
    if (count % THRESHOLDS.waysAStep.value === THRESHOLDS.waysAStep.value - 1) yield;
    const label = labelOf(placementsAt(bestLine.solved.lattice, way));
    if (known.has(label)) continue;
    known.add(label);
    const candidate = candidateOf(bestLine, way);
    if (candidate) found.push(candidate);
  }
  return found;
}

/** Groups lines by their names, those worth most first. */
function byName(candidates: readonly Candidate[]): readonly OfOneName[] {
  const named = new Map<string, [Candidate, ...Candidate[]]>();
  for (const candidate of candidates.toSorted(byWorth)) {
    const key = JSON.stringify(candidate.name);
    const group = named.get(key);
    if (group) group.push(candidate);
    else named.set(key, [candidate]);
  }
  return [...named.values()];
}

/** Gives, of lines that have one name, the best, and those that do a second thing which is theirs alone. */
function worthTelling(bestLine: BestLine, [first, ...others]: OfOneName): readonly OfOneName[] {
  const further = others.length === 0 ? [] : nameFurther(bestLine, first, others).toSorted(byWorth);
  const [second] = byName(further);
  const best: OfOneName = [first, ...others.slice(0, THRESHOLDS.mostLinesOfAName.value - 1)];
  return second ? [best, second] : [best];
}

function alternative(best: Plan, name: AlternativeName, other: Solved, solved: Solved): Alternative {
  const plan = describe(other);
  const differences = costDifferences(best.cost, plan.cost);
  return {
    name,
    plan,
    differsAt: differing(solved.placements, other.placements).flatMap((order) => solved.steps[order]?.index ?? []),
    deltaThousandths: plan.cost.totalThousandths - best.cost.totalThousandths,
    gains: differences.filter((difference) => difference.thousandths < 0),
    pays: differences.filter((difference) => difference.thousandths > 0),
  };
}

/** Gives for every note the best line that takes it otherwise, solved again; for briefs that count shifts. */
function* waysWithout({ task, lattice, placements }: Solved): Steps<readonly Way[]> {
  if (placements.length > THRESHOLDS.mostNotesSolvedAgain.value) return [];
  const ways: Way[] = [];
  for (const [order, chosen] of placements.entries()) {
    const label = fingeringLabel(chosen);
    const way = wayIn(task, withoutAt(lattice, order, label));
    if (way) ways.push(way);
    yield;
  }
  return ways;
}

function withoutAt(lattice: Lattice, order: number, label: string): Lattice {
  return restrict(lattice, (placement, layer) => layer !== order || fingeringLabel(placement) !== label);
}

/** Gives the fingering without the teacher's locks, where that is something else. */
function withoutLocks(solved: Solved, best: Plan): readonly Alternative[] {
  if (solved.task.locks.size === 0) return [];
  const { locks: _, ...brief } = solved.task.brief;
  const task = readBrief(brief);
  const layers = task.ok ? layTask(task.value) : null;
  const free = layers?.ok ? solve(layers.layOut) : null;
  if (!free || differing(solved.placements, free.placements).length === 0) return [];
  return [alternative(best, { kind: 'unlocked' }, free, solved)];
}

function labelOf(placements: readonly Placement[]): string {
  return placements.map(fingeringLabel).join(' ');
}

function sameName(one: AlternativeName, other: AlternativeName): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}

function differing(one: readonly Placement[], other: readonly Placement[]): readonly number[] {
  const [labels, others] = [one.map(fingeringLabel), other.map(fingeringLabel)];
  return labels.flatMap((label, order) => (label === others[order] ? [] : [order]));
}

import { readBrief } from '#core/brief';
import { type Preference, PREFERENCES } from '#core/brief/parts/wishes';
import type { Placement } from '#core/hand';
import { costBreakdown, costDifferences, describe, type Plan } from '#core/plan/describe';
import type { Steps } from '#core/result';
import { positionKey } from '#core/search/costs';
import { restricted } from '#core/search/lattice';
import { backwardSums, fingeringLabel, forwardSums, indexOfLeast, tracedBack, tracedForth, type Way } from '#core/search/ways';
import { asksOfWholeLine, handBreaks, laid, placedNotes, solve, type Solved, wayIn, withWay } from '#core/solve';
import type { Alternative } from './types.ts';

/** Nothing dearer than this against the best is offered as just another way, thousandths: about two shifts. */
const DEAREST = 4000;

/** Two ways are different to a player when at least this share of the notes is fingered otherwise. */
const DIFFERENT_SHARE = 0.2;

/** Ways looked at, cheapest first. */
const MOST_TRACED = 600;

/** Lines beyond this are offered the wishes only: the ways through every note would take too long to hold against each other. */
const MOST_NOTES_COMPARED = 400;

/** The longest line that is solved again for each of its notes. */
const MOST_SOLVED_AGAIN = 120;

interface Candidate {
  /** What it would be called. */
  readonly kind: Alternative['kind'];
  /** The way as a solution of the brief's own task, so that it is described and priced as the best plan is. */
  readonly solved: Solved;
  /** String and finger of each note, to tell fingerings apart. */
  readonly labels: readonly string[];
  /** Thousandths. */
  readonly cost: number;
}

/**
 * Fingerings that a player would call different, cheapest first.
 *
 * The k best ways are near copies of each other, so they are not asked. Instead: for every note, string and position the
 * best whole line that goes through there (forward and backward sums give all of them at once), kept when at least a
 * fifth of the notes is fingered otherwise than in every way kept before; and the best line under each wish, one solve
 * each; and, where the teacher has fixed notes, what the engine would do without. All are priced by the brief's own weights.
 */
export function* alternativesTo(solved: Solved, best: Plan, most: number): Steps<readonly Alternative[]> {
  if (most <= 0) return [];
  const chosen = solved.placements.map(fingeringLabel);
  const kept: Candidate[] = [];
  const take = (candidate: Candidate, leastNotes: number): void => {
    const apart = [chosen, ...kept.map((other) => other.labels)].map((labels) => differing(labels, candidate.labels).length);
    if (apart.every((notes) => notes >= leastNotes)) kept.push(candidate);
  };
  const fifth = Math.max(1, Math.ceil(solved.steps.length * DIFFERENT_SHARE));
  for (const way of yield* otherWays(solved)) {
    if (kept.length >= most) break;
    const candidate = candidateOf('other-way', withWay(solved, way), way.cost);
    if (handBreaks(solved.task.hand, candidate.solved.placements).length === 0) take(candidate, fifth);
  }
  for (const wish of PREFERENCES.filter((name) => !solved.task.wishes.has(name))) {
    yield;
    for (const candidate of wayUnder(solved, wish)) take(candidate, 1);
  }
  yield;
  const others = kept
    .toSorted((one, other) => one.cost - other.cost)
    .map((each) => alternative(best, each, differing(chosen, each.labels)));
  return [...unlocked(solved, best), ...others].slice(0, most);
}

function candidateOf(kind: Candidate['kind'], solved: Solved, cost: number): Candidate {
  return { kind, solved, labels: solved.placements.map(fingeringLabel), cost };
}

function alternative(best: Plan, { kind, solved }: Pick<Candidate, 'kind' | 'solved'>, differs: readonly number[]): Alternative {
  const plan = describe(solved);
  const differences = costDifferences(best.cost, plan.cost);
  return {
    kind,
    plan,
    differsAt: differs.flatMap((order) => solved.steps[order]?.index ?? []),
    deltaThousandths: plan.cost.totalThousandths - best.cost.totalThousandths,
    gains: differences.filter((difference) => difference.thousandths < 0),
    pays: differences.filter((difference) => difference.thousandths > 0),
  };
}

/** Other ways, cheapest first. */
function* otherWays(solved: Solved): Steps<readonly Way[]> {
  if (asksOfWholeLine(solved.task)) return yield* waysWithout(solved);
  return solved.steps.length > MOST_NOTES_COMPARED ? [] : waysThrough(solved);
}

/** The best line through every note on every string in every position, each once. */
function waysThrough({ lattice, way }: Solved): readonly Way[] {
  const forward = forwardSums(lattice);
  const backward = backwardSums(lattice);
  const through = lattice.layers.flatMap((layer, index) => {
    const sums = layer.costs.map((_, place) => (forward.sums[index]?.[place] ?? Infinity) + (backward.sums[index]?.[place] ?? Infinity));
    return placesOf(layer.candidates).map((places) => {
      const place = places[indexOfLeast(sums.filter((_, at) => places.includes(at)))] ?? 0;
      return { index, place, cost: sums[place] ?? Infinity };
    });
  });
  return through
    .filter(({ cost }) => cost <= way.cost + DEAREST)
    .toSorted((one, other) => one.cost - other.cost || one.index - other.index || one.place - other.place)
    .slice(0, MOST_TRACED)
    .map(({ index, place, cost }) => ({
      choices: [...tracedBack(forward.links, index, place), ...tracedForth(backward.links, index, place)],
      cost,
    }));
}

/** Candidates by string and position. */
function placesOf(candidates: readonly Placement[]): readonly (readonly number[])[] {
  const groups = new Map<string, number[]>();
  for (const [place, candidate] of candidates.entries()) {
    const key = `${candidate.stringIndex} ${positionKey(candidate)}`;
    groups.set(key, [...(groups.get(key) ?? []), place]);
  }
  return [...groups.values()];
}

/** Where the brief asks something of the whole line: for every note, the best line that takes it otherwise, solved again. */
function* waysWithout({ task, lattice, placements }: Solved): Steps<readonly Way[]> {
  if (placements.length > MOST_SOLVED_AGAIN) return [];
  const ways: Way[] = [];
  for (const [order, chosen] of placements.entries()) {
    const label = fingeringLabel(chosen);
    const otherwise = restricted(lattice, (placement, layer) => layer !== order || fingeringLabel(placement) !== label);
    const way = wayIn(task, otherwise);
    if (way) ways.push(way);
    yield;
  }
  return ways.toSorted((one, other) => one.cost - other.cost);
}

/** What the engine would do without the teacher's locks, where that is something else. */
function unlocked(solved: Solved, best: Plan): readonly Alternative[] {
  if (solved.task.locks.size === 0) return [];
  const { locks: _, ...brief } = solved.task.brief;
  const task = readBrief(brief);
  const layers = task.ok ? laid(task.value) : null;
  const free = layers?.ok ? solve(layers.laid) : null;
  if (!free) return [];
  const differs = differing(solved.placements.map(fingeringLabel), free.placements.map(fingeringLabel));
  return differs.length === 0 ? [] : [alternative(best, { kind: 'unlocked', solved: free }, differs)];
}

/** The best line under one wish more, priced as the brief prices: without it. */
function wayUnder({ task }: Solved, wish: Preference): readonly Candidate[] {
  const { 'fewest-shifts': _, ...wishes } = task.brief.preferences ?? {};
  const asked = readBrief({ ...task.brief, preferences: { ...wishes, [wish]: 1 } });
  const layers = asked.ok ? laid(asked.value) : null;
  const wished = layers?.ok ? solve(layers.laid) : null;
  if (!wished) return [];
  const solved = { ...wished, task };
  return [candidateOf(wish, solved, costBreakdown(task, placedNotes(solved)).totalThousandths)];
}

function differing(one: readonly string[], other: readonly string[]): readonly number[] {
  return one.flatMap((label, index) => (label === other[index] ? [] : [index]));
}

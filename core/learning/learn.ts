import type { InstrumentKind } from '#core/instrument';
import type { Weights } from '#core/weights';
import { type Effects, effectsOf } from './effects.ts';
import { type LineInSearch, searchLine } from './line-in-search.ts';
import { type Parameter, tableWith } from './parameters.ts';
import { type Demand, settle } from './settle.ts';

/** The fingerings of one line that have been met, each with its effects. */
interface Met {
  /** The right fingering that is cheapest now. */
  right: Effects | null;
  /** The wrong ones met so far, by their choices. */
  readonly rivals: Map<string, Effects>;
}

/** The result of learning: numbers, and what they were learnt from. */
export interface Learnt {
  /** The numbers, in the order of the parameters. */
  readonly values: readonly number[];
  /** The demands of each line, by its order; none where nothing right can be played. */
  readonly demands: readonly (readonly Demand[])[];
  /** The lines whose best fingering is right under these numbers, by order. */
  readonly hits: readonly boolean[];
}

/** The fingerings that are compared with the right one in each round. */
const RIVALS = 6;

/** The most rounds of search: rivals met before stay, so that later rounds bring few. */
const ROUNDS = 6;

/** The margin by which a wrong fingering shall cost more, thousandths: a difference of 300 is stable. */
const MARGIN = 300;

/** An instrument, the numbers that are learnt for it, and the effects measured so far, which do not change with the numbers. */
export interface Learner {
  readonly kind: InstrumentKind;
  readonly parameters: readonly Parameter[];
  /** Gives the effects of a fingering of a line. */
  readonly effects: (line: LineInSearch, choices: readonly number[]) => Effects;
}

/** Gives the numbers as they were set: the usual start. */
export function startOf(parameters: readonly Parameter[]): readonly number[] {
  return parameters.map(({ set }) => set);
}

/** Makes a learner, which measures the effects of each fingering of a line once. */
export function learnerFor(kind: InstrumentKind, parameters: readonly Parameter[]): Learner {
  const known = new Map<LineInSearch, Map<string, Effects>>();
  return {
    kind,
    parameters,
    effects: (line, choices) => {
      const ofLine = known.get(line) ?? new Map<string, Effects>();
      known.set(line, ofLine);
      const key = choices.join();
      const effects = ofLine.get(key) ?? effectsOf(line, choices, parameters);
      ofLine.set(key, effects);
      return effects;
    },
  };
}

/**
 * Learns the numbers under which the right fingering of most lines is the cheapest, from a start. It is a structured large-margin method
 * with cutting planes (Tsochantaridis, Joachims, Hofmann and Altun, “Large margin methods for structured and interdependent output
 * variables”, 2005): an exact search finds the fingerings that are cheaper than the right one, or too near to it; the numbers are settled so
 * that these cost more; and so on with all met so far. Where several fingerings are right, or one can be played in several hands, the
 * cheapest of them counts (Yu and Joachims, “Learning structural SVMs with latent variables”, 2009). Of all rounds the one with most lines
 * right is kept, where it is clearly better than the start: numbers that were set by hand are not moved for a line or two.
 */
export function learn(learner: Learner, lines: readonly LineInSearch[], start: readonly number[]): Learnt {
  const rounds = roundsOf(learner, lines, start);
  const none: Learnt = { values: start, demands: [], hits: [] };
  const [first = none] = rounds;
  const best = bestRound(rounds, first);
  return { ...(isClearlyBetter(first.hits, best.hits) ? best : first), demands: rounds.at(-1)?.demands ?? [] };
}

/**
 * Learns from lines and several starts of which none is trusted more than another, and gives the mean of what was learnt from each. Any
 * numbers that agree with the lines could be right, and their middle fits lines that were not seen better than one of them (Herbrich,
 * Graepel and Campbell, “Bayes point machines”, 2001). What the lines do not tell stays in the middle of the starts.
 *
 * @throws where there is no start, which is a bug
 */
export function learnFromMany(learner: Learner, lines: readonly LineInSearch[], starts: readonly (readonly number[])[]): readonly number[] {
  const [first] = starts;
  if (!first) throw new RangeError(`Nothing can be learnt from ${starts.length} starts`);
  const found = starts.map((start) => bestRound(roundsOf(learner, lines, start), { values: start, demands: [], hits: [] }).values);
  return first.map((_, index) => found.reduce((sum, values) => sum + (values[index] ?? 0), 0) / found.length);
}

function bestRound(rounds: readonly Learnt[], first: Learnt): Learnt {
  return rounds.reduce((kept, now) => (countOf(now.hits) > countOf(kept.hits) ? now : kept), first);
}

/** Searches and settles in turn, from a start; gives what each round began with and found. */
function roundsOf(learner: Learner, lines: readonly LineInSearch[], start: readonly number[]): readonly Learnt[] {
  const met = lines.map((): Met => ({ right: null, rivals: new Map() }));
  const numbers = learner.parameters.map(({ range }, index) => ({ start: start[index] ?? 0, range }));
  const rounds: Learnt[] = [];
  let values = start;
  for (let round = 0; round <= ROUNDS; round += 1) {
    const table = tableWith(learner.kind, learner.parameters, values);
    const hits = lines.map((line, order) => meet(learner, line, table, met[order]));
    const demands = met.map((ofLine) => demandsOf(learner, ofLine));
    rounds.push({ values, demands, hits });
    const next = settle(numbers, demands.flat());
    if (next.every((value, index) => value === values[index])) break;
    values = next;
  }
  return rounds;
}

/** The chance of lines won and lost as unevenly where neither numbers are better: below it one set is clearly better. */
const CHANCE = 0.1;

/** Tells whether more lines are won than lost, too unevenly for chance (the sign test, by the binomial distribution). */
function isClearlyBetter(before: readonly boolean[], after: readonly boolean[]): boolean {
  const won = after.filter((hit, order) => hit && before[order] === false).length;
  const lost = before.filter((hit, order) => hit && after[order] === false).length;
  let [chance, ways] = [0, 1];
  for (let few = 0; few <= lost; few += 1) {
    chance += ways / 2 ** (won + lost);
    ways *= (won + lost - few) / (few + 1);
  }
  return chance < CHANCE;
}

/**
 * Tells whether some numbers within their ranges make a line right, whatever becomes of all others. A line that none does teaches nothing
 * about numbers: a rule is missing in our model, or the answer is not one that a hand of ours gives.
 */
export function canBeRight(learner: Learner, line: LineInSearch, start: readonly number[]): boolean {
  return roundsOf(learner, [line], start).some(({ hits }) => hits[0] === true);
}

/** Searches a line and remembers what was met; tells whether its best fingering is right. */
function meet({ effects }: Learner, line: LineInSearch, table: Weights, met: Met | undefined): boolean {
  const { right, isHit, rivals } = searchLine(line, table, RIVALS);
  if (met && right) {
    met.right = effects(line, right.choices);
    for (const rival of rivals) met.rivals.set(rival.choices.join(), effects(line, rival.choices));
  }
  return isHit;
}

function countOf(hits: readonly boolean[]): number {
  return hits.filter(Boolean).length;
}

/** Gives the demands of a line: each wrong fingering costs more than the right one. Lines count alike, however many rivals they have. */
function demandsOf({ parameters }: Learner, { right, rivals }: Met): readonly Demand[] {
  if (!right) return [];
  return [...rivals.values()].map((rival): Demand => {
    const growths = rival.growths.map((value, index) => value - (right.growths[index] ?? 0));
    const ofNumbers = parameters.reduce((sum, { set }, index) => sum + set * (growths[index] ?? 0), 0);
    return { growths, fixed: rival.cost - right.cost - ofNumbers, margin: MARGIN, share: 1 / rivals.size };
  });
}

/** Learns the weights of one instrument and sends a report to the process that asked for it. */
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import {
  bestIsRight,
  canBeRight,
  learnerFor,
  hitsWith,
  judgeHeldOut,
  tablesHeldOut,
  learn,
  learnFromMany,
  type Learner,
  type Learnt,
  type LineInSearch,
  lineInSearch,
  type Parameter,
  parametersOf,
  searchLine,
  settle,
  startOf,
  tableWith,
} from '#core/learning';
import { fingeredLines } from '../../tests/support/reference/fingered-lines.ts';
import { seeded } from '../../tests/support/seeded.ts';
import { isAmong } from './among-few.ts';
import { shuffle } from './shuffle.ts';

/** A number that has moved. */
export interface Moved {
  readonly name: string;
  readonly from: number;
  readonly to: number;
  /** The middle nine tenths of what it becomes when the lines are drawn again. */
  readonly interval: readonly [number, number];
}

/** The lines of one kind of material, and how many of them are right. */
export interface OfMaterial {
  readonly material: string;
  readonly lines: number;
  readonly before: number;
  readonly heldOut: number;
}

/** The report of one instrument; rates count lines whose best fingering is right. */
export interface Report {
  readonly kind: InstrumentKind;
  readonly lines: number;
  readonly families: number;
  /** With the weights as they were set by hand. */
  readonly before: number;
  /** With weights learnt from all lines, on the same lines. */
  readonly learnt: number;
  /** With weights learnt without the family of the line. */
  readonly heldOut: number;
  /** The lines of which a right fingering is among the few that are offered: as set by hand, and kept back. */
  readonly amongFew: { readonly before: number; readonly heldOut: number };
  /** The gain of `heldOut` over `before` in lines of a hundred, with the middle nine tenths when families are drawn again. */
  readonly gain: { readonly points: number; readonly interval: readonly [number, number] };
  readonly ofMaterial: readonly OfMaterial[];
  /** From weights drawn at random within their ranges: right as drawn, by the mean of the draws, and after learning, on lines kept back. */
  readonly fromRandom: readonly { readonly seed: number; readonly drawn: number; readonly heldOut: number }[];
  /** After learning from answers that are not right. */
  readonly shuffled: number;
  readonly moved: readonly Moved[];
  readonly won: readonly string[];
  readonly lost: readonly string[];
  /** The lines that no weights within their ranges make right: a rule is missing, or no hand of ours plays it. */
  readonly ruleMissing: readonly string[];
  readonly noHand: readonly string[];
  readonly seconds: number;
}

const PARTS = 5;
const SEEDS = [1, 2, 3];
const DRAWS = 200;

/** The starts drawn at random of which the mean is taken. */
const STARTS = 12;

/** The number of fingerings that a teacher is offered at once. */
const FEW = 4;

const kind = INSTRUMENT_KINDS.find((known) => known === process.argv[2]);
if (kind) process.send?.(reportOf(kind), () => process.disconnect());

function reportOf(kind: InstrumentKind): Report {
  const since = Date.now();
  const all = fingeredLines().filter(({ brief }) => brief.instrument.kind === kind);
  const lines = all.flatMap((line) => lineInSearch(line) ?? []);
  const parameters = parametersOf(kind);
  const [learner, start] = [learnerFor(kind, parameters), startOf(parameters)];
  const table = tableWith(kind, parameters, start);
  const before = hitsWith(learner, lines, start);
  const unplayed = lines.filter((line) => searchLine(line, table, 1).right === null);
  const played = lines.filter((line) => !unplayed.includes(line));
  const teaching = played.filter((line) => bestIsRight(line, table) || canBeRight(learner, line, start));
  const learnt = learn(learner, teaching, start);
  const after = hitsWith(learner, lines, learnt.values);
  const learnFromSet = (some: readonly LineInSearch[]): readonly number[] => learn(learner, some, start).values;
  const tables = tablesHeldOut(learner, lines, { learn: learnFromSet, parts: PARTS, from: teaching });
  const heldOut = lines.map((line, order) => bestIsRight(line, tables[order] ?? table));
  const names = (some: readonly LineInSearch[]): readonly string[] => some.map(({ line }) => line.name);
  return {
    kind,
    lines: all.length,
    families: new Set(all.map(({ family }) => family)).size,
    before: countOf(before),
    learnt: countOf(after),
    heldOut: countOf(heldOut),
    amongFew: {
      before: lines.filter((line) => isAmong(line, table, FEW)).length,
      heldOut: lines.filter((line, order) => isAmong(line, tables[order] ?? table, FEW)).length,
    },
    gain: gainOf(lines, before, heldOut),
    ofMaterial: byMaterial(lines, before, heldOut),
    fromRandom: SEEDS.map((seed) => fromRandom(learner, lines, { seed, from: played })),
    shuffled: countOf(judgeHeldOut(learner, lines, { learn: learnFromSet, parts: PARTS, from: shuffle(teaching, table) })),
    moved: listMoved(parameters, learnt),
    won: names(lines.filter((_, order) => before[order] === false && after[order] === true)),
    lost: names(lines.filter((_, order) => before[order] === true && after[order] === false)),
    ruleMissing: names(played.filter((line) => !teaching.includes(line))),
    noHand: [...all.filter((line) => lines.every((other) => other.line !== line)).map(({ name }) => name), ...names(unplayed)],
    seconds: Math.round((Date.now() - since) / 1000),
  };
}

function countOf(hits: readonly boolean[]): number {
  return hits.filter(Boolean).length;
}

/** Learns from starts drawn at random, and judges the lines that were kept back; the starts as they were drawn are judged, too, by their mean. */
function fromRandom(
  learner: Learner,
  lines: readonly LineInSearch[],
  { seed, from }: { readonly seed: number; readonly from: readonly LineInSearch[] },
): Report['fromRandom'][number] {
  const random = seeded(seed);
  const starts = Array.from({ length: STARTS }, () => drawnStart(learner.parameters, random));
  const hits = judgeHeldOut(learner, lines, { learn: (some) => learnFromMany(learner, some, starts), parts: PARTS, from });
  const drawn = starts.map((start) => countOf(hitsWith(learner, lines, start)));
  return { seed, drawn: Math.round(drawn.reduce((sum, count) => sum + count, 0) / STARTS), heldOut: countOf(hits) };
}

/** Draws every number within its range, even by proportion. */
function drawnStart(parameters: readonly Parameter[], random: () => number): readonly number[] {
  return parameters.map(({ set, range }) => {
    const [least, most] = range.map(Math.abs).toSorted((one, other) => one - other);
    return Math.sign(set) * (least ?? 1) * ((most ?? 1) / (least ?? 1)) ** random();
  });
}

/** Gives the gain in lines of a hundred, and its interval when families are drawn again with replacement. */
function gainOf(lines: readonly LineInSearch[], before: readonly boolean[], after: readonly boolean[]): Report['gain'] {
  const families = [...new Set(lines.map(({ line }) => line.family))];
  const ofFamily = families.map((family) => lines.flatMap(({ line }, order) => (line.family === family ? [order] : [])));
  const random = seeded(11);
  const points = (orders: readonly number[]): number =>
    (100 * orders.reduce((sum, order) => sum + Number(after[order]) - Number(before[order]), 0)) / Math.max(1, orders.length);
  const draws = Array.from({ length: 1000 }, () => points(families.flatMap(() => ofFamily[Math.floor(random() * families.length)] ?? [])));
  return { points: points(lines.map((_, order) => order)), interval: middleOf(draws) };
}

/** Gives the middle nine tenths of some values. */
function middleOf(values: readonly number[]): readonly [number, number] {
  const sorted = values.toSorted((one, other) => one - other);
  const at = (share: number): number => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
  return [at(0.05), at(0.95)];
}

function byMaterial(lines: readonly LineInSearch[], before: readonly boolean[], after: readonly boolean[]): readonly OfMaterial[] {
  const materials = lines.map(({ laid: { steps } }) => {
    const isDouble = steps.some(({ candidates }) => candidates.some(({ upper }) => upper !== null));
    return isDouble ? 'double stops' : steps.length <= 9 ? 'up to nine notes' : 'longer lines';
  });
  return [...new Set(materials)].toSorted().map((material) => {
    const among = (hits: readonly boolean[]): number => hits.filter((hit, order) => hit && materials[order] === material).length;
    return { material, lines: materials.filter((other) => other === material).length, before: among(before), heldOut: among(after) };
  });
}

/** Lists the numbers that moved, with their intervals: the lines are drawn again with replacement, and the numbers settled for them. */
function listMoved(parameters: readonly Parameter[], { values, demands }: Learnt): readonly Moved[] {
  const random = seeded(7);
  const numbers = parameters.map(({ set, range }) => ({ start: set, range }));
  const draws = Array.from({ length: DRAWS }, () =>
    settle(
      numbers,
      demands.flatMap(() => demands[Math.floor(random() * demands.length)] ?? []),
    ),
  );
  return parameters.flatMap(({ weight, place, set }, index) => {
    const to = values[index] ?? set;
    const interval = middleOf(draws.map((draw) => draw[index] ?? set));
    return Math.abs(to - set) < 0.02 * Math.abs(set)
      ? []
      : [{ name: place === null ? weight : `${weight} ${place}`, from: set, to, interval }];
  });
}

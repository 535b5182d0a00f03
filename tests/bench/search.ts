/**
 * Measures how fast the engine is on this machine: figures, and the ratios asked of it, all in one run. `npm run bench`. Ratios count,
 * because machines differ. A ratio that is missed is reported, and the exit code tells.
 */
import { performance } from 'node:perf_hooks';
import Graph from 'graphology';
import { dijkstra } from 'graphology-shortest-path';
import { type Brief, readBrief, type Task } from '#core/brief';
import { catalogue, factsOf, findDrills } from '#core/drill/finder';
import type { ShiftClass } from '#core/drill/shifts';
import { writeDrill } from '#core/drill/families';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { plan } from '#core/plan';
import { finish } from '#core/result';
import { buildLattice, type Lattice, type LatticeNote } from '#core/search/lattice';
import { bestWays, cheapestWay, fingeringLabel, groupBy } from '#core/search/ways';
import { answerTo, openSession } from '#core/session';
import { noteSteps } from '#core/solve';
import { randomLine } from '../support/plans/random-lines.ts';
import { variantBriefs } from '../support/reference/variants.ts';

const ROUNDS = 15;

/** Random lines of these seeds lie on the four instruments. */
const RANDOM_SEEDS = [4, 5, 6, 7] as const;

/** The interval at which the drills offered are written. */
const EVERY_DRILL = 25;

/** Writes three octaves up and down, as often as it takes. */
function longScale(notes: number): Brief {
  const scale = plan(threeOctaves);
  if (!scale.ok) throw new Error('The scale of the bench cannot be planned');
  const pitches = scale.value.best.notes.flatMap((note) => (note.kind === 'note' ? [note.stops[0].pitch] : []));
  const line = Array.from({ length: notes }, (_, index) => ({ pitches: [pitches[index % pitches.length] ?? 'A4'], duration: '1/8' }));
  return { instrument: { kind: 'violin' }, material: { kind: 'line', notes: line, key: 'G major' } };
}

const threeOctaves: Brief = {
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up-down' },
};

interface Laid {
  readonly task: Task;
  readonly steps: readonly LatticeNote[];
  readonly lattice: Lattice;
}

function layOut(brief: Brief): Laid {
  const task = readBrief(brief);
  if (!task.ok) throw new Error('The brief of the bench does not read');
  const steps = noteSteps(task.value);
  return { task: task.value, steps, lattice: buildLattice(task.value, steps) };
}

/** Gives the floor: the same additions and comparisons over the same tables, with nothing kept and nothing checked. */
function bareMinPlus(lattice: Lattice): number {
  const [first] = lattice.layers;
  let before = first?.costs ?? new Float64Array();
  for (let index = 0; index < lattice.steps.length; index += 1) {
    const step = lattice.steps[index]?.costs ?? before;
    const costs = lattice.layers[index + 1]?.costs ?? before;
    const after = new Float64Array(costs.length);
    for (let to = 0, cell = 0; to < costs.length; to += 1) {
      let least = Infinity;
      for (let from = 0; from < before.length; from += 1, cell += 1) least = Math.min(least, Number(before[from]) + Number(step[cell]));
      after[to] = least + Number(costs[to]);
    }
    before = after;
  }
  return Math.min(...before);
}

/** Builds the same lattice as a graph of the registry's general library: a node for each candidate, a start and an end. */
function asGraph(lattice: Lattice): Graph {
  const graph = new Graph({ type: 'directed' });
  const last = lattice.layers.length - 1;
  graph.addNode('start');
  for (const [index, layer] of lattice.layers.entries()) for (const place of layer.costs.keys()) graph.addNode(`${index} ${place}`);
  graph.addNode('end');
  lattice.layers[0]?.costs.forEach((weight, place) => graph.addEdge('start', `0 ${place}`, { weight }));
  for (const index of lattice.steps.keys()) addStep(graph, lattice, index);
  lattice.layers[last]?.costs.forEach((_, place) => graph.addEdge(`${last} ${place}`, 'end', { weight: 0 }));
  return graph;
}

function addStep(graph: Graph, lattice: Lattice, index: number): void {
  const width = lattice.layers[index]?.costs.length ?? 0;
  lattice.steps[index]?.costs.forEach((cost, cell) => {
    const to = Math.floor(cell / width);
    const weight = cost + (lattice.layers[index + 1]?.costs[to] ?? Infinity);
    if (weight < Infinity) graph.addEdge(`${index} ${cell % width}`, `${index + 1} ${to}`, { weight });
  });
}

function costOfPath(graph: Graph, path: readonly string[]): number {
  return path.slice(1).reduce((sum, node, index) => sum + Number(graph.getEdgeAttribute(path[index], node, 'weight')), 0);
}

function medianMs(work: () => unknown, rounds = ROUNDS): number {
  work();
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return times.toSorted((one, other) => one - other)[Math.floor(rounds / 2)] ?? 0;
}

/** Measures how many times longer one work takes than another: both in turn, so that a busy moment of the machine meets both; medians. */
function ratioOf(work: () => unknown, base: () => unknown, rounds = ROUNDS): number {
  const times = { work: [] as number[], base: [] as number[] };
  for (let round = 0; round <= rounds; round += 1) {
    for (const [name, run] of [
      ['work', work],
      ['base', base],
    ] as const) {
      const start = performance.now();
      run();
      if (round > 0) times[name].push(performance.now() - start);
    }
  }
  const median = (values: readonly number[]): number => values.toSorted((one, other) => one - other)[Math.floor(values.length / 2)] ?? 0;
  return median(times.work) / median(times.base);
}

let missed = 0;

function tellRatio(what: string, ratio: number, bound: string, met: boolean): void {
  if (!met) missed += 1;
  console.log(`${what.padEnd(72)} ${ratio.toFixed(2).padStart(9)}   ${bound.padEnd(14)} ${met ? 'met' : 'MISSED'}`);
}

const ms = (value: number): string => `${value.toFixed(2)} ms`.padStart(11);
console.log('notes   states  transitions  whole plan      tables       search   transitions/s');
for (const notes of [43, 1_000, 10_000]) {
  const brief = longScale(notes);
  const { task, steps, lattice } = layOut(brief);
  const states = lattice.layers.reduce((sum, layer) => sum + layer.candidates.length, 0);
  const transitions = lattice.steps.reduce((sum, step) => sum + step.costs.length, 0);
  const wholeMs = medianMs(() => plan(brief));
  const searchMs = medianMs(() => cheapestWay(lattice));
  const rate = `${Math.round(transitions / searchMs / 1000)} million`;
  const tables = ms(medianMs(() => buildLattice(task, steps)));
  console.log(
    `${String(notes).padStart(5)} ${String(states).padStart(8)} ${String(transitions).padStart(12)} ${ms(wholeMs)} ${tables} ${ms(searchMs)} ${rate.padStart(15)}`,
  );
}

console.log('\nratios, all in this run');
const { lattice: thousand } = layOut(longScale(1_000));
const [shorter, longer] = [longScale(1_000), longScale(10_000)];
const growth = ratioOf(
  () => plan(longer),
  () => plan(shorter),
  5,
);
tellRatio('10,000 notes against 1,000, whole plan', growth, 'at most 11', growth <= 11);
const [fewRandom, manyRandom] = [1_000, 10_000].map((notes) => RANDOM_SEEDS.map((seed) => randomLine(seed, notes, notes)));
const randomGrowth = ratioOf(
  () => manyRandom?.forEach((line) => plan(line)),
  () => fewRandom?.forEach((line) => plan(line)),
  3,
);
tellRatio('10,000 random notes against 1,000 on each instrument, whole plan', randomGrowth, 'at most 12', randomGrowth <= 12);
const bare = ratioOf(
  () => cheapestWay(thousand),
  () => bareMinPlus(thousand),
);
tellRatio('best plan against a bare min-plus loop over the same tables', bare, 'at most 3', bare <= 3);
const ten = ratioOf(
  () => bestWays(thousand, 10, groupBy(thousand, fingeringLabel)),
  () => cheapestWay(thousand),
);
tellRatio('ten best fingerings against the best', ten, 'at most 20', ten <= 20);

const { lattice: twoHundred } = layOut(longScale(200));
const graph = asGraph(twoHundred);
const library = dijkstra.bidirectional(graph, 'start', 'end', 'weight');
const same = library !== null && costOfPath(graph, library) === cheapestWay(twoHundred)?.cost;
if (!same) throw new Error('The library and the search disagree about the cheapest way');
const general = ratioOf(
  () => dijkstra.bidirectional(graph, 'start', 'end', 'weight'),
  () => cheapestWay(twoHundred),
  5,
);
tellRatio('a general shortest-path library against the search, 200 notes', general, 'at least 20', general >= 20);

const reasons = ratioOf(
  () => allReasons(threeOctaves),
  () => plan(threeOctaves),
);
tellRatio('all reasons of three octaves up and down against one whole plan', reasons, 'under 100', reasons < 100);
const bySolve = ratioOf(
  () => allReasons(threeOctaves),
  () => cheapestWay(layOut(threeOctaves).lattice),
);
tellRatio('the same against laying out and solving alone', bySolve, 'under 100', bySolve < 100);

const others = ratioOf(
  () => plan(threeOctaves, { alternatives: 6 }),
  () => plan(threeOctaves),
);
tellRatio('six other fingerings of three octaves up and down against one plan', others, 'at most 4', others <= 4);
const briefs = variantBriefs().map(({ brief }) => brief);
const ofMany = ratioOf(
  () => briefs.forEach((brief) => plan(brief, { alternatives: 6 })),
  () => briefs.forEach((brief) => plan(brief)),
);
tellRatio('the same for the forty briefs whose variants are known', ofMany, 'at most 4', ofMany <= 4);

const offered = INSTRUMENT_KINDS.map((kind) => ({ kind, requests: catalogue({ instrument: { kind } }, 'D major') }));
const sample = offered.flatMap(({ kind, requests }) =>
  requests.filter((_, order) => order % EVERY_DRILL === 0).map((request) => ({ kind, request })),
);
const drills = sample.map(({ kind, request }) =>
  ratioOf(
    () => writeDrill({ instrument: { kind } }, request),
    () => plan(threeOctaves),
    3,
  ),
);
const drill = drills.toSorted((one, other) => one - other)[Math.floor(drills.length / 2)] ?? Infinity;
tellRatio(`writing a drill (median of ${sample.length}) against one plan`, drill, 'at most 4', drill <= 4);
const found = offered.flatMap(({ requests }) => requests.map((request) => ({ facts: factsOf(request) })));
const like: ShiftClass = {
  kind: 'violin',
  fromString: 'A4',
  toString: 'A4',
  fromFinger: '1',
  toFinger: '3',
  way: 'up',
  distance: { by: 'positions', steps: 2 },
};
const finder = ratioOf(
  () => findDrills(found, { aim: 'shifts', like }),
  () => plan(threeOctaves),
);
tellRatio(`finding drills among ${found.length} against one plan`, finder, 'at most 2', finder <= 2);

const memoryMb = memoryOf(() => plan(longScale(10_000)));
tellRatio('memory that planning 10,000 notes takes, MB', memoryMb, 'under 200', memoryMb < 200);
process.exitCode = missed === 0 ? 0 : 1;

/** Finds every reason of a brief, from the first step on. */
function allReasons(brief: Brief): unknown {
  return finish(answerTo(openSession(brief), 'reasons', { kind: 'reasons', note: null }));
}

/** Measures the growth of heap and buffers while the result is still kept; an upper bound, since nothing forces rubbish out. */
function memoryOf(work: () => unknown): number {
  const bytesUsed = (): number => process.memoryUsage().heapUsed + process.memoryUsage().arrayBuffers;
  globalThis.gc?.();
  const before = bytesUsed();
  const result = work();
  const after = bytesUsed();
  if (result === null) throw new Error('Nothing was planned');
  return (after - before) / 1e6;
}

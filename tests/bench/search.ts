/** How fast the search is on this machine, in figures and in ratios of the same run: `npm run bench`. */
import { performance } from 'node:perf_hooks';
import { type Brief, plan, readBrief } from '#core/plan';
import { buildLattice, cheapestWay, type Lattice } from '#core/search';
import { noteSteps } from '../../core/plan/note-steps.ts';

const ROUNDS = 15;

/** Three octaves up and down, as often as it takes. */
function longScale(notes: number): Brief {
  const scale = plan({
    instrument: { kind: 'violin' },
    material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up-down' },
  });
  if (!scale.ok) throw new Error('The scale of the bench cannot be planned');
  const pitches = scale.value.best.notes.flatMap((note) => (note.kind === 'note' ? [note.stops[0].pitch] : []));
  const line = Array.from({ length: notes }, (_, index) => ({ pitches: [pitches[index % pitches.length] ?? 'A4'], duration: '1/8' }));
  return { instrument: { kind: 'violin' }, material: { kind: 'line', notes: line, key: 'G major' } };
}

/** The floor: the same additions and comparisons over the same tables, with nothing kept and nothing checked. */
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

function medianMs(work: () => unknown): number {
  work();
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return times.toSorted((one, other) => one - other)[Math.floor(ROUNDS / 2)] ?? 0;
}

console.log('notes   states  transitions   whole plan   tables   search   transitions/s   search : bare loop');
for (const notes of [43, 1_000, 10_000]) {
  const brief = longScale(notes);
  const task = readBrief(brief);
  if (!task.ok) throw new Error('The brief of the bench does not read');
  const steps = noteSteps(task.value);
  const lattice = buildLattice(task.value, steps);
  const states = lattice.layers.reduce((sum, layer) => sum + layer.candidates.length, 0);
  const transitions = lattice.steps.reduce((sum, step) => sum + step.costs.length, 0);
  const wholeMs = medianMs(() => plan(brief));
  const tablesMs = medianMs(() => buildLattice(task.value, steps));
  const searchMs = medianMs(() => cheapestWay(lattice));
  const bareMs = medianMs(() => bareMinPlus(lattice));
  const ms = (value: number): string => `${value.toFixed(2)} ms`.padStart(11);
  const rate = `${Math.round(transitions / searchMs / 1000)} million`;
  console.log(
    `${String(notes).padStart(5)} ${String(states).padStart(8)} ${String(transitions).padStart(12)} ${ms(wholeMs)}${ms(tablesMs).slice(2)}${ms(searchMs).slice(2)} ${rate.padStart(15)} ${(searchMs / bareMs).toFixed(2).padStart(18)}`,
  );
}

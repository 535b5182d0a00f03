import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import {
  learnerFor,
  type FingeredLine,
  hitsWith,
  isFingeredAs,
  judgeHeldOut,
  learn,
  learnFromMany,
  type LineInSearch,
  lineInSearch,
  parametersOf,
  partsByFamily,
  startOf,
  tableWith,
} from '#core/learning';
import { costOfWay } from '#core/search/ways';
import { layOutAgain, placementsAt, solve } from '#core/solve';
import { withTable } from '#core/brief';
import { seeded } from '../../support/seeded.ts';

const PARAMETERS = parametersOf('violin');
const START = startOf(PARAMETERS);

/** Lists seeded lines for the violin, in the keys and figures of a scale book. */
function violinLines(count: number): readonly Brief[] {
  const tonics = ['G3', 'A3', 'Bb3', 'C4', 'D4', 'Eb4', 'E4', 'F4'];
  const types = ['major', 'harmonic-minor', 'melodic-minor'] as const;
  return Array.from({ length: count }, (_, index): Brief => {
    const tonic = tonics[index % tonics.length] ?? 'G3';
    const type = types[Math.floor(index / tonics.length) % types.length] ?? 'major';
    return { instrument: { kind: 'violin' }, material: { kind: 'scale', type, tonic, octaves: 2, direction: 'up-down' } };
  });
}

/** Makes a line whose right fingering is the best under other numbers. */
function lineOfTeacher(brief: Brief, values: readonly number[]): LineInSearch {
  const plain = inSearch({ name: '', family: JSON.stringify(brief.material), brief, right: [() => true] });
  const table = tableWith('violin', PARAMETERS, values);
  const solved = solve(layOutAgain(plain.laid, withTable(plain.laid.task, table)));
  assert.ok(solved);
  const placements = placementsAt(solved.lattice, solved.way.choices);
  return inSearch({ ...plain.line, right: [(note, order) => isFingeredAs(note, placements[order])] });
}

function inSearch(line: FingeredLine): LineInSearch {
  const found = lineInSearch(line);
  assert.ok(found);
  return found;
}

const countOf = (hits: readonly boolean[]): number => hits.filter(Boolean).length;

describe('the growth of a cost', () => {
  it('with each number tells what the cost becomes when numbers change', () => {
    const learner = learnerFor('violin', PARAMETERS);
    for (const brief of violinLines(8)) {
      const line = lineOfTeacher(brief, START);
      const solved = solve(line.laid);
      assert.ok(solved);
      const { cost, growths } = learner.effects(line, solved.way.choices);
      const changed = START.map((value, index) => value * (index % 2 === 0 ? 1.2 : 0.9));
      const other = withTable(line.laid.task, tableWith('violin', PARAMETERS, changed));
      const told = changed.reduce((sum, value, index) => sum + (value - (START[index] ?? 0)) * (growths[index] ?? 0), cost);
      const priced = layOutAgain(line.laid, other);
      const real = costOfWay(priced.lattice, solved.way.choices);
      // Each term of a note is rounded to a whole thousandth.
      assert.ok(Math.abs(told - real) < solved.placements.length * 4, `${told} against ${real}`);
    }
  });
});

describe('weights that are learnt', () => {
  it('make the fingerings of a teacher with other weights the best, on lines that were kept back too', () => {
    const briefs = violinLines(16);
    const values = START.map((value, index) =>
      PARAMETERS[index]?.weight === 'position' || PARAMETERS[index]?.weight === 'finger' ? value * 2 : value,
    );
    const taught = values.map((value, index) => (PARAMETERS[index]?.weight === 'shift' ? value / 2 : value));
    const lines = briefs.map((brief) => lineOfTeacher(brief, taught));
    const learner = learnerFor('violin', PARAMETERS);
    const before = countOf(hitsWith(learner, lines, START));
    const learnt = learn(learner, lines, START);
    const heldOut = judgeHeldOut(learner, lines, { learn: (some) => learn(learner, some, START).values, parts: 3, from: lines });
    assert.ok(before < lines.length, `${before} of ${lines.length} were right before`);
    assert.ok(countOf(learnt.hits) > before, `${countOf(learnt.hits)} after ${before}`);
    assert.ok(countOf(heldOut) >= before, `${countOf(heldOut)} kept back, ${before} before`);
  });

  it('stay as they were where every line is right already, and are the same each time', () => {
    const lines = violinLines(6).map((brief) => lineOfTeacher(brief, START));
    const learner = learnerFor('violin', PARAMETERS);
    const [one, again] = [learn(learner, lines, START), learn(learner, lines, START)];
    assert.deepEqual(one.values, START);
    assert.deepEqual(one, again);
  });

  it('from several starts are the same each time, and right where those of a single start would be', () => {
    const lines = violinLines(8).map((brief) => lineOfTeacher(brief, START));
    const learner = learnerFor('violin', PARAMETERS);
    const random = seeded(5);
    const starts = Array.from({ length: 3 }, () => PARAMETERS.map(({ range: [least, most] }) => least + (most - least) * random()));
    const values = learnFromMany(learner, lines, starts);
    assert.deepEqual(learnFromMany(learner, lines, starts), values);
    assert.ok(countOf(hitsWith(learner, lines, values)) >= countOf(hitsWith(learner, lines, starts[0] ?? [])));
    for (const [index, { range }] of PARAMETERS.entries()) {
      const value = values[index] ?? 0;
      assert.ok(range[0] <= value && value <= range[1]);
    }
    assert.throws(() => learnFromMany(learner, lines, []), RangeError);
  });

  it('lie in their ranges, and never change their sign', () => {
    for (const { range, set } of PARAMETERS) {
      assert.ok(range[0] <= set && set <= range[1]);
      assert.ok(range[0] * range[1] > 0);
    }
  });
});

describe('lines that are kept back', () => {
  it('are dealt by family, so that none has a relative among those that are learnt from', () => {
    const lines = violinLines(6).map((brief, order) =>
      inSearch({ name: String(order), family: `family ${order % 3}`, brief, right: [() => true] }),
    );
    const parts = partsByFamily(lines, 2);
    assert.deepEqual(
      [...parts],
      [
        ['family 0', 0],
        ['family 1', 1],
        ['family 2', 0],
      ],
    );
  });
});

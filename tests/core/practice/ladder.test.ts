import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
  afterSet,
  AT_THE_FOOT,
  goodSoFar,
  type Ladder,
  rungsOf,
  secondsOfLadder,
  secondsOfRun,
  setStanding,
  goodOnesWanted,
} from '#core/practice/ladder';
import { lineBrief, planBest } from '../../support/briefs.ts';

const LADDER: Ladder = { from: 48, to: 72, step: 10, heldFirst: false, bows: [], rule: 'up-and-down' };

describe('a tempo ladder', () => {
  it('goes from its first tempo by steps to its goal, which is reached whatever the step', () => {
    assert.deepEqual(
      rungsOf(LADDER).map(({ tempo }) => tempo),
      [48, 58, 68, 72],
    );
    assert.deepEqual(
      rungsOf({ ...LADDER, from: 72, to: 60, step: 5 }).map(({ tempo }) => tempo),
      [72, 67, 62, 60],
    );
    assert.equal(rungsOf({ ...LADDER, to: 48 }).length, 1);
  });

  it('holds notes four, two and one beats before it, and takes more to a bow after it', () => {
    const rungs = rungsOf({ ...LADDER, to: 58, heldFirst: true, bows: [2, 4] });
    assert.deepEqual(
      rungs.map(({ tempo, beatsPerNote, notesPerBow }) => [tempo, beatsPerNote, notesPerBow]),
      [
        [48, 4, null],
        [48, 2, null],
        [48, 1, null],
        [48, null, null],
        [58, null, null],
        [58, null, 2],
        [58, null, 4],
      ],
    );
  });

  it('moves by its rule', () => {
    const at = { rung: 2, clean: 0 };
    assert.deepEqual(afterSet(LADDER, at, 'clean'), { rung: 3, clean: 0 });
    assert.deepEqual(afterSet(LADDER, at, 'failed'), { rung: 1, clean: 0 });
    assert.deepEqual(afterSet(LADDER, AT_THE_FOOT, 'failed'), AT_THE_FOOT);
    assert.deepEqual(afterSet({ rule: 'two-up' }, at, 'clean'), { rung: 2, clean: 1 });
    assert.deepEqual(afterSet({ rule: 'two-up' }, { rung: 2, clean: 1 }, 'clean'), { rung: 3, clean: 0 });
    assert.deepEqual(afterSet({ rule: 'never-down' }, at, 'failed'), at);
    assert.deepEqual(afterSet({ rule: 'back-to-start' }, at, 'failed'), AT_THE_FOOT);
  });

  it('knows how long a run takes, and all of it', () => {
    const plan = planBest(lineBrief('violin', ['D5', 'E5', 'F#5', 'G5']));
    const all = { from: 0, to: 3 };
    const quarters = plan.line.notes.length;
    const written = secondsOfRun(plan, all, { tempo: 60, beatsPerNote: null, notesPerBow: null });
    assert.equal(secondsOfRun(plan, all, { tempo: 120, beatsPerNote: null, notesPerBow: null }), written / 2);
    assert.equal(secondsOfRun(plan, all, { tempo: 60, beatsPerNote: 4, notesPerBow: null }), 4 * quarters);
    const twice = { ...LADDER, from: 60, to: 120, step: 60 };
    assert.ok(Math.abs(secondsOfLadder(plan, all, twice, 5) - 5 * (written + written / 2)) < 1e-9);
    assert.ok(Math.abs(secondsOfLadder(plan, all, { ...twice, rule: 'two-up' }, 5) - 10 * (written + written / 2)) < 1e-9);
  });
});

describe('a set', () => {
  it('counts good ones in a row, or in all, and stops by itself', () => {
    const tries = [true, false, true, true];
    assert.equal(goodSoFar({ counted: 'in-all' }, tries), 3);
    assert.equal(goodSoFar({ counted: 'in-a-row' }, tries), 2);
    assert.equal(setStanding({ wanted: 3, counted: 'in-all' }, tries, null), 'clean');
    assert.equal(setStanding({ wanted: 3, counted: 'in-a-row' }, tries, null), 'on');
    assert.equal(setStanding({ wanted: 2, counted: 'in-a-row' }, [false, true, false, true], null), 'failed');
  });

  it('has as many runs as the teacher says, and is over as soon as it can no longer be clean', () => {
    const four = { wanted: 4, counted: 'in-all', runs: 5 } as const;
    assert.equal(setStanding(four, [true, false, true, true], null), 'on');
    assert.equal(setStanding(four, [true, false, true, true, true], null), 'clean');
    assert.equal(setStanding(four, [true, false, false], null), 'failed');
    assert.equal(setStanding({ wanted: 5, counted: 'in-all' }, [true, true, false], null), 'failed', 'all of them unless runs are said');
    // Five misses in ten are no clean set.
    assert.equal(setStanding({ wanted: 5, counted: 'in-all' }, Array<boolean>(5).fill(false), null), 'failed');
  });

  it('is shorter under a cap, and leaves room for a miss', () => {
    assert.equal(goodOnesWanted({ wanted: 5 }, 4), 3);
    assert.equal(goodOnesWanted({ wanted: 2 }, 4), 2);
    assert.equal(setStanding({ wanted: 5, counted: 'in-all' }, [true, true, false, true], 4), 'clean');
    assert.equal(setStanding({ wanted: 5, counted: 'in-all' }, [true, false, false, true], 4), 'failed');
  });
});

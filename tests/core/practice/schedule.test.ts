import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { PLAIN_ALONG, type PracticeItem } from '#core/practice/item';
import { rungsOf, secondsOfRun } from '#core/practice/ladder';
import { type ItemSchedule, scheduleItem, sumSchedules, USUAL_REST } from '#core/practice/session';
import { lengthenedText, strainedText, sumFacts } from '../../../src/words/practice/in-time.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';

/** Eight quarters in first position: at 60 they take eight seconds. */
const plan = planBest(lineBrief('violin', ['A4', 'B4', 'C#5', 'D5', 'E5', 'D5', 'C#5', 'B4'], {}, 'D major'));
const sixths = planBest(lineBrief('violin', ['D4+B4', 'E4+C#5'], {}, 'D major'));

const ITEM: PracticeItem = {
  practised: { piece: 'p', title: 'Air', part: { part: 'whole' } },
  minutes: 5,
  ladder: { from: 60, to: 120, step: 60, heldFirst: false, bows: [], rule: 'up-and-down' },
  set: { wanted: 4, counted: 'in-all', runs: 5 },
  along: PLAIN_ALONG,
  grouping: 'all',
};

describe('an item in time', () => {
  it('has a set for each rung, as long as its good runs, and a rest between', () => {
    const { sets, restSeconds, climbed } = scheduleItem(plan, ITEM);
    assert.deepEqual(
      sets.map(({ tempo, from, to }) => [tempo, from, to]),
      [
        [60, 0, 32],
        [120, 32 + USUAL_REST, 32 + USUAL_REST + 16],
      ],
    );
    assert.deepEqual([restSeconds, climbed], [USUAL_REST, true]);
  });

  it('begins no set after its minutes, and plays the one that is begun to its end', () => {
    const slow = scheduleItem(plan, { ...ITEM, minutes: 1, ladder: { ...ITEM.ladder, from: 30, to: 60, step: 10 } });
    assert.equal(slow.climbed, false);
    assert.ok(
      slow.sets.slice(0, -1).every(({ to }) => to < slow.seconds),
      'every set but the last ends within the minutes',
    );
    const first = rungsOf({ ...ITEM.ladder, from: 30, to: 60, step: 10 })[0];
    assert.ok(first);
    assert.equal(slow.sets[0]?.to, 4 * secondsOfRun(plan, { from: 0, to: 7 }, first));
  });

  it('goes group by group, then all of it, on every rung; twice where two clean sets move up', () => {
    const grouped: PracticeItem = { ...ITEM, minutes: 30, grouping: 'tetrachord' };
    assert.equal(scheduleItem(plan, grouped).sets.length, 2 * (3 + 1));
    assert.equal(scheduleItem(plan, { ...grouped, ladder: { ...ITEM.ladder, rule: 'two-up' } }).sets.length, 2 * 2 * (3 + 1));
  });

  it('has fewer runs and longer rests where the hand is strained', () => {
    const { sets, restSeconds, strains } = scheduleItem(sixths, { ...ITEM, set: { wanted: 8, counted: 'in-all', runs: 9 } });
    assert.deepEqual([strains, restSeconds], [['double-stops'], 40]);
    assert.equal(sets[0]?.to, 4 * 2, 'four of the five runs that double stops allow');
  });
});

describe('the sums of a session', () => {
  const light = scheduleItem(plan, ITEM);
  const strained = scheduleItem(sixths, ITEM);

  it('are those of its sets and of the rests between them', () => {
    const sums = sumSchedules([light]);
    assert.deepEqual([sums.minutes, sums.playedSeconds, sums.restedSeconds, sums.longestSeconds], [5, 48, USUAL_REST, 32]);
    assert.deepEqual(sumFacts(sums)[1], ['Playing', '0:48']);
    assert.deepEqual(sumSchedules([]), {
      ...{ minutes: 0, playedSeconds: 0, restedSeconds: 0, longestSeconds: 0, wideReaches: 0, strainedMinutes: 0 },
    });
  });

  it('warn where strained items follow each other for long, and a light one between ends that', () => {
    const minutesOf = (...items: readonly ItemSchedule[]): number => sumSchedules(items).strainedMinutes;
    assert.deepEqual([minutesOf(light), minutesOf(strained, strained), minutesOf(strained, light, strained)], [0, 10, 5]);
    assert.match(strainedText({ strainedMinutes: 10 }) ?? '', /^The hand is strained for 10 minutes in a row/);
    assert.equal(strainedText({ strainedMinutes: 5 }), null);
    assert.equal(lengthenedText('Air', 1), 'Air has 1 minute now.');
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { HOT_SPOT_KINDS, type HotSpot, hotSpotsOf } from '#core/drill/hot-spots';
import { hotSpotText, hotSpotWhy } from '../../../src/words/explain/hot-spots.ts';
import { planBest } from '../../support/briefs.ts';
import { HOT_SPOT_CASES } from '../../support/drill/hot-spot-cases.ts';

/** Writes the first hot spots of a case. */
function describeSpots(name: string, count: number): readonly string[] {
  const found = HOT_SPOT_CASES.find((value) => value.name === name);
  assert.ok(found);
  const plan = planBest(found.brief);
  return hotSpotsOf(plan)
    .slice(0, count)
    .map((spot) => `${hotSpotText(spot, plan)}: ${hotSpotWhy(spot)}`);
}

describe('a hot spot in words', () => {
  it('says what the hand does, and what makes it hard', () => {
    assert.deepEqual(describeSpots('violin, D major coming down in third', 1), [
      'string crossing down, 1–4: from the first finger to the fourth; fingers set down together; extension; one finger a semitone apart on two strings',
    ]);
    assert.deepEqual(describeSpots('violin, B flat major in first position', 1), [
      'fingers set down together: 4 fingers land together; onto the fourth finger',
    ]);
    assert.deepEqual(describeSpots('cello, D major arpeggio', 1), [
      'shift up, 3–3: the hand moves 4 semitones, 85 mm; without the first finger down; the highest note',
    ]);
  });

  it('has a name for every kind, and tells what a player does not know yet', () => {
    const plan = planBest(HOT_SPOT_CASES[3]?.brief ?? assert.fail());
    for (const kind of HOT_SPOT_KINDS) {
      const spot: HotSpot = { kind, note: 1, way: 'up', loop: [0, 1], also: [], grounds: [{ what: kind, points: 1 }], points: 1 };
      assert.notEqual(hotSpotText(spot, plan), '');
      assert.equal(hotSpotWhy(spot), '');
    }
    const known = { positions: ['1'], tried: [{ kind: 'shift', way: 'up', missedShare: 0.4 }] } as const;
    const shift = hotSpotsOf(plan, known).find(({ kind, way }) => kind === 'shift' && way === 'up');
    assert.match(shift ? hotSpotWhy(shift) : '', /missed in 40 % of the tries.*second position is new/);
  });
});

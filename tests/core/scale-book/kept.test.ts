import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { FIRST_BRIEF } from '#core/brief/lines';
import { areFingeredAlike } from '#core/plan/describe';
import { findKept } from '#core/scale-book';
import { planBest } from '../../support/briefs.ts';

const LINE: Brief = {
  ...FIRST_BRIEF,
  material: { kind: 'scale', type: 'major', tonic: 'D4', octaves: 1, direction: 'up' },
  rhythm: { noteValue: '1/4', meter: '4/4' },
};

describe('the fingerings that a teacher keeps of a line of a book', () => {
  const own: Brief = { ...LINE, rhythm: { noteValue: '1/8', meter: '3/4' }, locks: [{ note: 0, string: 'G3', finger: '3' }] };
  const other: Brief = { ...LINE, material: { direction: 'up', octaves: 1, tonic: 'D4', type: 'major', kind: 'scale' } };

  it('are the pieces of the same scale from the same note, in the rhythm of the book, two at most', () => {
    const kept = findKept(LINE, [own, other, own]);
    assert.deepEqual(
      kept.map(({ rhythm, locks }) => [rhythm?.noteValue, locks?.length ?? 0]),
      [
        ['1/4', 1],
        ['1/4', 0],
      ],
    );
  });

  it('are not those of another octave, direction or instrument, nor a line of the teacher’s own', () => {
    const others: readonly Brief[] = [
      { ...LINE, material: { kind: 'scale', type: 'major', tonic: 'D5', octaves: 1, direction: 'up' } },
      { ...LINE, material: { kind: 'scale', type: 'major', tonic: 'D4', octaves: 1, direction: 'down' } },
      { ...LINE, instrument: { kind: 'viola' } },
      { ...LINE, material: { kind: 'line', notes: [{ pitches: ['D4'], duration: '1/4' }] } },
    ];
    assert.deepEqual(findKept(LINE, others), []);
  });

  it('are told apart by fingers, strings and time, and from other instruments', () => {
    const [plain, locked] = [planBest(LINE), planBest(own)];
    assert.ok(areFingeredAlike(plain, planBest({ ...LINE })));
    assert.ok(!areFingeredAlike(plain, locked));
    assert.ok(!areFingeredAlike(plain, planBest({ ...LINE, rhythm: { noteValue: '1/2', meter: '4/4' } })));
    assert.ok(!areFingeredAlike(plain, planBest({ ...LINE, instrument: { kind: 'viola' } })));
  });
});

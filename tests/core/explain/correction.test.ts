import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief, Lock } from '#core/brief';
import { withLock } from '#core/brief/locks';
import { type Correction, correctionOf } from '#core/explain';
import { planBest } from '../../support/briefs.ts';

function scale(kind: Brief['instrument']['kind'], type: 'major' | 'chromatic', tonic: string, octaves: 1 | 2 | 3): Brief {
  return { instrument: { kind }, material: { kind: 'scale', type, tonic, octaves, direction: type === 'major' ? 'up-down' : 'up' } };
}

const G_MAJOR = scale('violin', 'major', 'G3', 2);

function correct(brief: Brief, lock: Lock): Correction | null {
  return correctionOf(planBest(brief), planBest(withLock(brief, lock)), lock);
}

describe('what a correction says', () => {
  it('about open strings and the fourth finger, by the way the line goes', () => {
    assert.deepEqual(correct(G_MAJOR, { note: 4, finger: '4' }), { question: 'openUp', side: 'fourth' });
    assert.deepEqual(correct(G_MAJOR, { note: 24, finger: '4' }), { question: 'openDown', side: 'fourth' });
    const covered: Brief = { ...G_MAJOR, school: { ways: { openUp: 'fourth' } } };
    assert.deepEqual(correct(covered, { note: 4, finger: '0' }), { question: 'openUp', side: 'open' });
  });

  it('about a shift that comes sooner or later', () => {
    const A_MAJOR = scale('violin', 'major', 'A3', 3);
    const before = planBest(A_MAJOR);
    const [shift] = before.shifts;
    assert.ok(shift);
    const sooner: Lock = { note: shift.to - 1, finger: '1' };
    const after = planBest(withLock(A_MAJOR, sooner));
    assert.ok(after.shifts.some(({ to }) => to === shift.to - 1));
    assert.deepEqual(correctionOf(before, after, sooner), { question: 'shiftUp', side: 'early' });
    assert.deepEqual(correctionOf(after, before, { note: shift.to - 1, finger: '3' }), { question: 'shiftUp', side: 'late' });
  });

  it('about runs of semitones', () => {
    const run = scale('violin', 'chromatic', 'A3', 1);
    assert.deepEqual(correct(run, { note: 9, finger: '3' }), { question: 'violinSemitones', side: 'each' });
    const cello = scale('cello', 'chromatic', 'C2', 1);
    assert.deepEqual(correct(cello, { note: 7, finger: '4' }), { question: 'semitones', side: '1234' });
  });

  it('about the fourth finger on top', () => {
    const top = scale('violin', 'major', 'Bb3', 2);
    const lock: Lock = { note: 14, finger: '3' };
    const answer = correct(top, lock);
    assert.deepEqual(answer, { question: 'fourthOnTop', side: 'save' });
  });

  it('is nothing new where the school teaches so already, and nothing where no question decides it', () => {
    assert.equal(correct({ ...G_MAJOR, school: { ways: { openUp: 'fourth' } } }, { note: 4, finger: '4' }), null);
    assert.equal(correct(G_MAJOR, { note: 1, finger: '2' }), null);
  });
});

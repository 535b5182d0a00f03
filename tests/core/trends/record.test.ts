import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { LogEntry, LogWhat } from '#core/practice/log';
import { arrivalsIn, meanSemitoneCents, pointsBack, statementsOf, weeksOf } from '#core/trends';
import { chromaticText, pointsBackText, statementText } from '../../../src/words/practice/trends.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';

/** The plan of first position, then a shift on the A string and a crossing to the fourth finger. */
const plan = planBest(
  lineBrief('violin', ['B4', 'C#5', 'D5', 'E5', 'F#5', 'A5'], { limits: { strings: ['A4'], openStrings: 'none' } }, 'D major'),
);
const plans = new Map([['air', plan]]);
const shift = plan.shifts[0];
const DAY = 86_400_000;

function log(...what: readonly LogWhat[]): readonly LogEntry[] {
  return what.map((entry, order) => ({ ...entry, id: `e${order}`, at: order * DAY }));
}

function attempt(miss: 'flat' | 'sharp' | 'late' | null, note?: number): LogWhat {
  const practised = { piece: 'air', title: 'Air', part: { part: 'whole' as const } };
  return { kind: 'attempt', practised, tempo: 60, miss, ...(note === undefined ? {} : { note }) };
}

describe('arrivals', () => {
  it('are all notes of a good try, and of a missed one the note that was pointed at', () => {
    const all = arrivalsIn(log(attempt(null), attempt('flat', 2), attempt('late', 2), attempt('sharp')), plans);
    assert.equal(all.length, plan.notes.length + 1);
    const [missed] = all.filter(({ miss }) => miss !== null);
    assert.deepEqual([missed?.note, missed?.miss, missed?.string], [2, 'flat', 'A4']);
    assert.deepEqual(arrivalsIn(log(attempt(null)), new Map()), [], 'of a piece that is gone nothing is said');
  });

  it('know the shift that came before them', () => {
    assert.ok(shift);
    const arrived = arrivalsIn(log(attempt(null)), plans).find(({ note }) => note === shift.to);
    assert.deepEqual(arrived?.shift, { way: 'up', fromFinger: shift.fromFinger, toFinger: shift.toFinger });
  });

  it('make a statement across pieces, in words that carry its counts', () => {
    assert.ok(shift);
    const entries = log(...Array.from({ length: 25 }, () => attempt('flat', shift.to)), attempt(null), attempt('sharp', shift.to));
    const [statement] = statementsOf(arrivalsIn(entries, plans));
    assert.ok(statement);
    assert.match(statementText(statement), / (is|are) flat in 1 piece: 25 of 26 misses out of tune, played \d+ times\.$/);
  });
});

describe('weeks', () => {
  it('have their tries, the good ones, the misses and the fastest good tempo, the empty ones too', () => {
    const entries = log(attempt(null), attempt('flat', 1), attempt(null));
    const weeks = weeksOf(entries, 3 * DAY, 2);
    assert.deepEqual(
      weeks.map(({ tries, good, flat, tempo }) => [tries, good, flat, tempo]),
      [
        [0, 0, 0, null],
        [3, 2, 1, 60],
      ],
    );
  });
});

describe('what a failed note points back to', () => {
  it('is the slide of its shift, the block after a crossing to the fourth finger, or the finger before', () => {
    assert.ok(shift);
    assert.deepEqual(pointsBack(plan, shift.to), { to: 'slide', finger: shift.fromFinger, note: shift.from });
    assert.equal(pointsBack(plan, 0), null);
    const crossing = planBest(lineBrief('violin', ['B4', 'A4', 'A4'], { limits: { openStrings: 'none' } }, 'G major'));
    const fourth = crossing.notes.findIndex((note) => note.kind === 'note' && note.stops[0].finger === '4');
    assert.ok(fourth > 0);
    assert.deepEqual(pointsBack(crossing, fourth), { to: 'block', note: fourth - 1 });
    const points = pointsBack(plan, 1);
    assert.match(points ? pointsBackText(points, () => null) : '', /^Look first at 1 before it, at note 1/);
  });

  it('of a chromatic octave with too many steps is a semitone that is too small', () => {
    assert.equal(chromaticText(13, meanSemitoneCents(13)), '13 steps: each semitone is 92 cents wide on average, 8 too small.');
    assert.equal(chromaticText(11, meanSemitoneCents(11)), '11 steps: each semitone is 109 cents wide on average, 9 too large.');
  });
});

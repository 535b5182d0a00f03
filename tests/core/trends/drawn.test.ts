import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { readInstrument } from '#core/instrument';
import type { LogEntry, LogWhat } from '#core/practice/log';
import { becameSure, daysOfPractice, missesByNote, missesByPlace, temposByPiece } from '#core/trends';
import { becameSureText, noteMissesText, weekOfDaysText } from '../../../src/words/practice/record-drawn.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';
import { seeded } from '../../support/seeded.ts';

const plan = planBest(lineBrief('violin', ['A4', 'B4', 'C#5', 'D5', 'C#5'], {}, 'D major'));
const plans = new Map([['air', plan]]);
const DAY = 86_400_000;

function log(...what: readonly LogWhat[]): readonly LogEntry[] {
  return what.map((entry, order) => ({ ...entry, id: `e${order}`, at: order * DAY }));
}

function attempt(miss: 'flat' | 'sharp' | 'late' | null, note?: number, tempo = 60): LogWhat {
  const practised = { piece: 'air', title: 'Air', part: { part: 'whole' as const } };
  return { kind: 'attempt', practised, tempo, miss, ...(note === undefined ? {} : { note }) };
}

const dayOf = ({ at }: LogEntry): string => new Date(at).toISOString().slice(0, 10);

describe('misses on the line', () => {
  it('count every try that played a note, and the ways in which it was missed there', () => {
    const notes = missesByNote(log(attempt(null), attempt('flat', 2), attempt('late', 2), attempt('sharp')), 'air', plan);
    assert.deepEqual(
      notes.map(({ played, missed }) => [played, missed]),
      [
        [4, 0],
        [4, 0],
        [4, 2],
        [4, 0],
        [4, 0],
      ],
    );
    const [, , third] = notes;
    assert.ok(third);
    assert.equal(noteMissesText(third), '2 of 4: 1 flat, 1 late');
  });

  it('add up on the fingerboard where two notes have one place', () => {
    const violin = readInstrument({ kind: 'violin' });
    assert.ok(violin.ok);
    const places = missesByPlace(log(attempt('flat', 2), attempt('flat', 4)), plans, violin.value);
    const second = places.find(({ semitonesAboveOpen, stringIndex }) => semitonesAboveOpen === 4 && stringIndex === 1);
    assert.deepEqual([second?.missed, second?.played, second?.fingers], [2, 4, ['2']]);
    const cello = readInstrument({ kind: 'cello' });
    assert.ok(cello.ok);
    assert.deepEqual(missesByPlace(log(attempt('flat', 2)), plans, cello.value), [], 'pieces for another instrument are left out');
  });
});

describe('what has become sure', () => {
  const missedThenGood = (good: number): readonly LogEntry[] =>
    log(
      ...Array.from({ length: 12 }, (_, order) => attempt(order % 2 === 0 ? null : 'flat', 2)),
      ...Array.from({ length: good }, () => attempt(null)),
    );

  it('is a note that was missed often and has been good for longer than chance allows', () => {
    const [sure] = becameSure(missedThenGood(12), plans);
    assert.deepEqual([sure?.note, sure?.missed, sure?.of, sure?.goodSince], [2, 6, 12, 12]);
    assert.ok(sure);
    assert.equal(
      becameSureText(sure, () => null),
      'Air, note 3: missed 6 of 12 times, then 12 times good.',
    );
    assert.deepEqual(becameSure(missedThenGood(3), plans), []);
  });

  it('is told of at most two players of a hundred whose misses have stayed the same', () => {
    const random = seeded(11);
    const told = Array.from({ length: 300 }, () => {
      const rate = 0.1 + 0.5 * random();
      const tries = Array.from({ length: 80 }, () => {
        const note = Math.floor(random() * plan.notes.length);
        return random() < rate ? attempt('flat', note) : attempt(null);
      });
      return becameSure(log(...tries), plans).length > 0;
    }).filter(Boolean).length;
    assert.ok(told <= 6, `${told} of 300`);
  });
});

describe('days and tempos', () => {
  it('lists the days up to today with their tries, those without practice too', () => {
    const days = daysOfPractice(log(attempt(null), attempt('flat', 1)), { today: '1970-01-03', weeks: 1, dayOf });
    assert.deepEqual(
      days.map(({ good, missed }) => good + missed),
      [0, 0, 0, 0, 1, 1, 0],
    );
    assert.equal(weekOfDaysText(days), 'The week from 28 Dec: 2 days, 1 of 2 tries good');
  });

  it('lists tempos by piece, those of one day and one tempo together', () => {
    const [one, two] = log(attempt(null, undefined, 60), attempt('flat', 1, 72));
    assert.ok(one && two);
    const [air] = temposByPiece([one, { ...one, id: 'again' }, two], dayOf);
    assert.deepEqual(air?.tries, [
      { day: '1970-01-01', tempo: 60, good: 2, missed: 0 },
      { day: '1970-01-02', tempo: 72, good: 0, missed: 1 },
    ]);
  });
});

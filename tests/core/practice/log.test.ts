import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { planBest } from '../../support/briefs.ts';
import {
  aimsIn,
  asCorrected,
  cleanTempo,
  workIn,
  type LogEntry,
  logTable,
  type LogWhat,
  missedNotes,
  missesOf,
  setIn,
  triedShifts,
} from '#core/practice/log';
import { FIRST_TOLERANCE, proposedTolerance } from '#core/trends';

const PRACTISED = { piece: 'p', title: 'Air', part: { part: 'passage', from: 4, to: 8 } } as const;

function entries(...all: readonly LogWhat[]): readonly LogEntry[] {
  return all.map((what, order): LogEntry => ({ ...what, id: `e${order}`, at: 1_000 * order }));
}

const tries = entries(
  { kind: 'attempt', practised: PRACTISED, tempo: 60, miss: null },
  { kind: 'attempt', practised: PRACTISED, tempo: 66, miss: 'flat', note: 6 },
  { kind: 'attempt', practised: PRACTISED, tempo: 72, miss: null },
  { kind: 'attempt', practised: PRACTISED, tempo: 80, miss: 'flat' },
  { kind: 'attempt', practised: { ...PRACTISED, title: 'Scale' }, tempo: null, miss: 'noise' },
  { kind: 'correction', of: 'e3' },
);

describe('a log', () => {
  it('is corrected by entries of its own', () => {
    assert.deepEqual(
      asCorrected(tries).map(({ id }) => id),
      ['e0', 'e1', 'e2', 'e4'],
    );
  });

  it('tells what was done item by item, how it missed, and the fastest good tempo', () => {
    const [air, scale] = workIn(asCorrected(tries));
    assert.deepEqual([air?.title, air?.tries, air?.good, air?.tempo], ['Air', 3, 2, 72]);
    assert.deepEqual(air && missesOf(air.misses), [{ miss: 'flat', times: 1 }]);
    assert.deepEqual([scale?.tries, scale?.tempo], [1, null]);
  });

  it('knows what the teacher has set last', () => {
    const set = setIn(
      entries(
        { kind: 'aim', text: 'Calm' },
        { kind: 'tolerance', cents: 30 },
        { kind: 'aim', text: 'Silent shifts' },
        { kind: 'points', points: [{ name: 'Left thumb loose' }] },
        { kind: 'tolerance', cents: 25 },
        { kind: 'correction', of: 'e4' },
      ),
    );
    assert.deepEqual(set, {
      aim: 'Silent shifts',
      tolerance: { cents: 30, since: 1000, tried: [] },
      points: [{ name: 'Left thumb loose' }],
      fading: null,
    });
  });

  it('is written as a table, every entry of it', () => {
    const { rows } = logTable(tries);
    assert.equal(rows.length, tries.length);
    assert.deepEqual(rows[1], {
      id: 'e1',
      time: '1970-01-01T00:00:01.000Z',
      kind: 'attempt',
      item: 'Air',
      part: 'notes 5 to 9',
      tempo: '66',
      result: 'flat',
      note: '7',
      voice: '',
      text: '',
    });
    assert.deepEqual([rows[5]?.kind, rows[5]?.text], ['correction', 'e3']);
  });
});

describe('the tolerance', () => {
  const day = 86_400_000;
  const so = (cents: number, good: number) => ({ cents, since: 0, tries: 100, good });

  it('narrows after a good week, by a share, and never below what an ear can tell', () => {
    assert.equal(proposedTolerance(so(30, 85), 8 * day), 26);
    assert.equal(proposedTolerance(so(6, 99), 8 * day), 6);
    let cents = FIRST_TOLERANCE;
    for (let week = 0; week < 20; week += 1) cents = proposedTolerance(so(cents, 90), 8 * day);
    assert.equal(cents, 6);
  });

  it('stays within a week, with few tries, or with a middling share, and widens where most miss', () => {
    assert.equal(proposedTolerance(so(20, 95), 6 * day), 20);
    assert.equal(proposedTolerance({ ...so(20, 20), tries: 20 }, 8 * day), 20);
    assert.equal(proposedTolerance(so(20, 65), 8 * day), 20);
    assert.equal(proposedTolerance(so(20, 30), 8 * day), 24);
  });
});

describe('the notes that miss most', () => {
  it('are those pointed at often enough, the most often first, with how most of them missed', () => {
    const at = (note: number, miss: 'flat' | 'late'): LogWhat => ({ kind: 'attempt', practised: PRACTISED, tempo: 60, miss, note });
    const log = entries(
      at(6, 'flat'),
      at(6, 'late'),
      at(6, 'flat'),
      at(6, 'flat'),
      at(5, 'late'),
      at(5, 'late'),
      at(5, 'late'),
      at(7, 'flat'),
    );
    assert.deepEqual(
      missedNotes(log).map(({ note, times, miss }) => [note, times, miss]),
      [
        [6, 4, 'flat'],
        [5, 3, 'late'],
      ],
    );
  });

  it('tell the voice of a double stop in which most of them missed', () => {
    const at = (note: number, voice?: 'lower' | 'upper'): LogWhat => {
      const what = { kind: 'attempt', practised: PRACTISED, tempo: 60, miss: 'sharp', note } as const;
      return voice ? { ...what, voice } : what;
    };
    const log = entries(at(2, 'upper'), at(2, 'upper'), at(2, 'lower'), at(4, 'lower'), at(4), at(4));
    assert.deepEqual(
      missedNotes(log).map(({ note, voice }) => [note, voice]),
      [
        [2, 'upper'],
        [4, null],
      ],
    );
    const [done] = workIn(log);
    assert.deepEqual(done?.voices, { lower: 2, upper: 2 });
  });

  it('are those that the shift of a stage arrives on', () => {
    const stage = { ...PRACTISED, part: { part: 'stage', note: 9, stage: 'rhythm' } } as const;
    const missed: LogWhat = { kind: 'attempt', practised: stage, tempo: 60, miss: 'sharp' };
    assert.deepEqual(
      missedNotes(entries(missed, missed, missed)).map(({ note }) => note),
      [9],
    );
    // A note that is pointed at in a stage is one of the stage's own line.
    assert.deepEqual(
      missedNotes(entries({ ...missed, note: 1 }, missed, { ...missed, note: 0 })).map(({ note, times }) => [note, times]),
      [[9, 3]],
    );
  });
});

describe('what a log says of shifts', () => {
  const plan = planBest({
    instrument: { kind: 'violin' },
    material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up' },
  });
  const [shift] = plan.shifts;
  assert.ok(shift);
  const whole = { piece: 'p', title: 'Scale', part: { part: 'whole' } } as const;
  const stage = (name: 'rhythm' | 'slide') => ({ ...whole, part: { part: 'stage', note: shift.to, stage: name } }) as const;

  it('is the fastest it was played clean, in rhythm, in this piece', () => {
    const log = entries(
      { kind: 'attempt', practised: whole, tempo: 60, miss: null },
      { kind: 'attempt', practised: whole, tempo: 80, miss: 'late' },
      { kind: 'attempt', practised: stage('rhythm'), tempo: 70, miss: null },
      { kind: 'attempt', practised: stage('slide'), tempo: 90, miss: null },
      { kind: 'attempt', practised: { ...whole, piece: 'q' }, tempo: 100, miss: null },
      { kind: 'attempt', practised: { ...whole, part: { part: 'passage', from: 0, to: 2 } }, tempo: 110, miss: null },
    );
    assert.equal(cleanTempo(log, 'p', shift), 70);
    assert.equal(cleanTempo([], 'p', shift), null);
  });

  it('is how often they missed, where the note is known and there are enough tries', () => {
    const good: LogWhat = { kind: 'attempt', practised: whole, tempo: 60, miss: null };
    const missed: LogWhat = { ...good, miss: 'flat', note: shift.to };
    assert.deepEqual(triedShifts(entries(good, missed), 'p', { ...plan, shifts: [shift] }), []);
    assert.deepEqual(triedShifts(entries(good, good, good, missed, { ...missed, note: 0 }), 'p', { ...plan, shifts: [shift] }), [
      { kind: 'shift', way: 'up', missedShare: 0.2 },
    ]);
  });
});

describe('an aim', () => {
  it('is open until it is reached, with its dates; the last check decides', () => {
    const log = entries(
      { kind: 'aim', text: 'Calm hands' },
      { kind: 'end-check', aim: 'Calm hands', reached: false },
      { kind: 'end-check', aim: 'Calm hands', reached: true },
      { kind: 'end-check', aim: 'Even bows', reached: true },
      { kind: 'end-check', aim: 'Even bows', reached: false },
      { kind: 'aim', text: 'A light thumb' },
      { kind: 'end-check', aim: 'Long bows', reached: true },
      { kind: 'aim', text: 'Long bows' },
    );
    assert.deepEqual(aimsIn(log), [
      { text: 'Calm hands', setAt: 0, reachedAt: 2000, checks: 2 },
      { text: 'A light thumb', setAt: 5000, reachedAt: null, checks: 0 },
      { text: 'Long bows', setAt: 7000, reachedAt: null, checks: 0 },
      { text: 'Even bows', setAt: null, reachedAt: null, checks: 2 },
    ]);
  });
});

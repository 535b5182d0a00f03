import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { type DueNote, dueNotes } from '#core/listening';
import type { HeardNote, TakeReading } from '#core/listening/reading';
import { arrivalsOf, chromaticOctaves, missesOf, missGroups, samePitches, takeEntry } from '#core/listening/report';
import { openSession } from '#core/session';
import type { Plan } from '#core/plan/describe';
import { triesIn } from '#core/practice/tries';
import { arrivalsIn } from '#core/trends';
import { planBest } from '../../support/briefs.ts';
import { doubleStopsToPlay, lineToPlay, slurredOnOneString } from '../../support/listening/seeded-lines.ts';

const TOLERANCE = 10;

/** Makes a reading in which every note was heard as it is told, in cents from its aim; null for one that was not heard. */
function readingOf(due: readonly DueNote[], centsOf: (note: DueNote, order: number, voice: number) => number | null): TakeReading {
  const heard = due.flatMap((note, order): readonly HeardNote[] => {
    const cents = note.hz.map((_, voice) => centsOf(note, order, voice));
    if (cents.every((value) => value === null)) return [];
    const voices = cents.map((value) => ({ cents: value, vibrato: 0, drift: 0, track: null }));
    const { at, seconds } = note;
    return [{ order, at, until: at + seconds, again: false, wrongBy: 0, voices, interval: null, arrival: null, confidence: 1 }];
  });
  const leftOut = due.flatMap((_, order) => (heard.some((note) => note.order === order) ? [] : [order]));
  return { heard, leftOut, trace: { every: 0.01, cents: new Float32Array() } };
}

function planOf(brief: Brief): Plan {
  const plan = openSession(brief).best();
  assert.ok(plan);
  return plan;
}

describe('misses by what notes have in common', () => {
  it('count each stopped note once by finger, string, position and arrival, with its side', () => {
    const plan = lineToPlay('cello', 3);
    const due = dueNotes(plan);
    const isFourth = ({ stops: [stop] }: DueNote): boolean => stop?.finger === '4';
    const misses = missesOf(
      plan,
      due,
      readingOf(due, (note) => (isFourth(note) ? -20 : 4)),
      TOLERANCE,
    );
    const groups = missGroups(plan, misses);
    const stopped = misses.filter(({ mm }) => mm !== null).length;
    for (const by of ['finger', 'string', 'position', 'arrival'] as const) {
      const here = groups.filter(({ shared }) => shared.by === by);
      assert.equal(
        here.reduce((sum, { notes }) => sum + notes, 0),
        stopped,
        by,
      );
    }
    const fourth = groups.find(({ shared }) => shared.by === 'finger' && shared.finger === '4');
    assert.ok(fourth && fourth.flat === fourth.notes && fourth.sharp === 0);
    assert.deepEqual([fourth.meanCents, fourth.spreadCents], [-20, 0]);
  });
});

describe('a chromatic octave', () => {
  const brief: Brief = {
    instrument: { kind: 'viola' },
    material: { kind: 'scale', type: 'chromatic', tonic: 'D3', octaves: 1, direction: 'up-down' },
  };

  it('tells the notes that were heard and the sizes of the semitones, up and down', () => {
    const plan = planOf(brief);
    const due = dueNotes(plan);
    const reading = readingOf(due, (_, order) => (order === 5 ? null : order === 2 ? 15 : 0));
    const [up, down, ...others] = chromaticOctaves(due, reading);
    assert.ok(up && down);
    assert.deepEqual([others.length, up.way, up.notes, down.way, down.notes], [0, 'up', 12, 'down', 13]);
    assert.equal(up.semitones.length, 10);
    assert.deepEqual(
      up.semitones.slice(1, 3).map((cents) => Math.round(cents)),
      [115, 85],
    );
  });
});

describe('one pitch under two fingers', () => {
  it('is compared with itself, in cents and in mm at each place', () => {
    const plan = ['violin', 'viola', 'cello'].flatMap((kind) =>
      Array.from({ length: 12 }, (_, seed) => lineToPlay(kind === 'cello' ? 'cello' : kind === 'viola' ? 'viola' : 'violin', seed)),
    );
    const found = plan.flatMap((one) => {
      const due = dueNotes(one);
      const misses = missesOf(
        one,
        due,
        readingOf(due, ({ stops: [stop] }) => (stop?.finger === '4' ? -15 : 0)),
        TOLERANCE,
      );
      return samePitches(misses);
    });
    assert.ok(found.length > 0);
    for (const { places, apartCents } of found) {
      assert.deepEqual([places[0]?.finger, Math.round(places[0]?.cents ?? 0), Math.round(apartCents)], ['4', -15, 15]);
      assert.ok((places[0]?.mm ?? 0) < -0.5 && (places.at(-1)?.mm ?? 1) === 0);
    }
  });
});

describe('an arrival against the plan', () => {
  it('is short or beyond in the direction of the shift, and compared with the guide of the plan', () => {
    const plan = slurredOnOneString('cello', 0);
    const due = dueNotes(plan);
    const arrival = { firstCents: 30, correctedIn: 0.2, part: 'all', slideSeconds: 0.1, passedCents: null } as const;
    const reading = readingOf(due, () => 0);
    const heard = reading.heard.map((note) => (due[note.order]?.shift ? { ...note, arrival } : note));
    const arrivals = arrivalsOf(plan, due, { ...reading, heard }, TOLERANCE);
    assert.ok(arrivals.length >= 4);
    for (const { shift, lands, beyondMm } of arrivals) {
      assert.equal(lands, shift.handSemitones > 0 ? 'beyond' : 'short');
      assert.ok(beyondMm !== null && Math.sign(beyondMm) === Math.sign(shift.handSemitones) && Math.abs(beyondMm) > 3);
    }
    const planned = arrivals.map(({ note }) => due.find((owed) => owed.note === note)?.slide ?? null);
    assert.deepEqual(
      arrivals.map((one) => one.planned === 'none'),
      planned.map((slide) => slide === null),
    );
  });
});

describe('a take in the log', () => {
  const practised = { piece: 'one', title: 'A line', part: { part: 'whole' } } as const;

  it('leaves unclear notes out, and tells the voices of double stops apart', () => {
    const plan = doubleStopsToPlay('violin', 4, [4]);
    const due = dueNotes(plan);
    const reading = readingOf(due, (_, order, voice) => (order === 1 && voice === 1 ? null : voice === 0 ? 3 : -22));
    const unclear = reading.heard.map((note, order) => (order === 0 ? { ...note, confidence: 0.2 } : note));
    const misses = missesOf(plan, due, { ...reading, heard: unclear }, TOLERANCE);
    const entry = takeEntry(misses, 2, TOLERANCE);
    assert.ok(entry.notes.every(({ note }) => note !== due[0]?.note));
    const pairs = due.slice(1).filter(({ hz }) => hz.length > 1);
    assert.equal(entry.notes.filter(({ voice }) => voice === 'upper').length, pairs.length - (due[1]?.hz.length === 2 ? 1 : 0));
    assert.deepEqual([entry.leftOut, entry.others], [2, 0]);
  });

  it('counts in the trends as a try of each of its notes, with the tolerance of its day', () => {
    const plan = planBest({
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'Bb3', octaves: 1, direction: 'up' },
    });
    const due = dueNotes(plan);
    const misses = missesOf(
      plan,
      due,
      readingOf(due, (_, order) => (order === 3 ? -18 : 6)),
      TOLERANCE,
    );
    const entry = { id: 'take', at: 1, kind: 'take', practised, ...takeEntry(misses, 0, TOLERANCE) } as const;
    const arrivals = arrivalsIn([entry], new Map([['one', plan]]));
    assert.equal(arrivals.length, misses.filter(({ mm }) => mm !== null).length);
    assert.deepEqual(
      arrivals.filter(({ miss }) => miss !== null).map(({ note, miss }) => [note, miss]),
      [[due[3]?.note, 'flat']],
    );
    assert.equal(triesIn([entry, { id: 'back', at: 2, kind: 'correction', of: 'take' }]).length, 0);
  });
});

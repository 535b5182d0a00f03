import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { type HandsEvent, type StageName, STAGES, takeApart } from '#core/drill/apart';
import { plan } from '#core/plan';
import { seededOutcome } from '../../support/plans/seeded-plans.ts';
import { planBest } from '../../support/briefs.ts';

/** Makes a line on one instrument with string, finger and position of every note given. */
function line(
  kind: Brief['instrument']['kind'],
  key: string,
  notes: readonly (readonly [string, string, string, string])[],
  more: object = {},
): Brief {
  return {
    instrument: { kind },
    material: { kind: 'line', key, notes: notes.map(([pitch]) => ({ pitches: [pitch], duration: '1/4' })) },
    locks: notes.map(([, string, finger, position], note) => ({ note, string, finger: finger as '1', position })),
    tempo: 72,
    ...more,
  };
}

function apartOf(brief: Brief, note: number) {
  const apart = takeApart(planBest(brief), note);
  assert.ok(apart);
  return apart;
}

function acts(hands: readonly HandsEvent[], lane: HandsEvent['lane']): readonly string[] {
  return hands.filter((event) => event.lane === lane).map(({ what }) => what);
}

describe('a shift taken apart', () => {
  it('on the violin up: thumb with the first finger, elbow in, the target as third finger in first position', () => {
    const apart = apartOf(
      line('violin', 'D major', [
        ['E5', 'A4', '4', '1'],
        ['D5', 'A4', '1', '3'],
      ]),
      1,
    );
    assert.deepEqual(apart.interval, { letters: -1, semitones: -2 });
    assert.equal(apart.shift.handSemitones, 3);
    assert.deepEqual(acts(apart.hands, 'thumb'), ['with-first-finger']);
    assert.deepEqual(acts(apart.hands, 'arm'), ['elbow-in']);
    assert.equal(apart.elsewhere?.finger, '3');
    assert.equal(apart.elsewhere.position.label, '1');
  });

  it('on the violin down: the thumb a little ahead, unless the school keeps it with the hand', () => {
    const down = line('violin', 'D major', [
      ['D5', 'A4', '1', '3'],
      ['B4', 'A4', '1', '1'],
    ]);
    assert.deepEqual(acts(apartOf(down, 1).hands, 'thumb'), ['a-little-ahead']);
    assert.deepEqual(acts(apartOf(down, 1).hands, 'arm'), ['elbow-out']);
    assert.deepEqual(acts(apartOf({ ...down, ways: { thumbViolin: 'with' } }, 1).hands, 'thumb'), ['with-first-finger']);
  });

  it('on the cello: first finger in third position is fourth in first', () => {
    const apart = apartOf(
      line('cello', 'C major', [
        ['E3', 'D3', '1', '1'],
        ['G3', 'D3', '1', '3'],
      ]),
      1,
    );
    assert.equal(apart.elsewhere?.finger, '4');
    assert.equal(apart.elsewhere.position.label, '1');
    assert.deepEqual(acts(apart.hands, 'arm'), ['elbow-stays-up']);
    assert.deepEqual(acts(apart.hands, 'thumb'), ['behind-second-finger']);
  });

  it('names no other place for a note in first position: none is surer', () => {
    const notes = [
      ['F4', 'A3', '1', '5'],
      ['D4', 'A3', '4', '1'],
    ] as const;
    assert.equal(apartOf(line('cello', 'D minor', notes), 1).elsewhere, null);
  });

  it('the cello’s 4 in third position down to 1 in first, in its stages', () => {
    const down = line('cello', 'C major', [
      ['D4', 'A3', '1', '3'],
      ['F4', 'A3', '4', '3'],
      ['B3', 'A3', '1', '1'],
      ['C4', 'A3', '2', '1'],
    ]);
    const { stages, shift, interval } = apartOf(down, 2);
    assert.deepEqual([shift.fromFinger, shift.toFinger, shift.handSemitones, interval], ['4', '1', -3, { letters: -4, semitones: -6 }]);
    const describeStage = (name: StageName): string => {
      const { brief } = stages.find((stage) => stage.name === name) ?? assert.fail(name);
      return planBest(brief)
        .notes.map((note) => (note.kind === 'note' ? note.stops.map(({ pitch, finger }) => `${pitch} ${finger}`).join(' + ') : 'rest'))
        .join(', ');
    };
    assert.equal(describeStage('slide'), 'F4 4, D4 4, B3 1');
    assert.equal(describeStage('ghost'), 'F4 4, rest, B3 1');
    assert.equal(describeStage('rhythm'), 'F4 4, B3 1');
    assert.equal(describeStage('neighbours'), 'D4 1, F4 4, B3 1, C4 2');
  });

  it('on the double bass: first finger in II–III is fourth in I', () => {
    const apart = apartOf(
      line('bass', 'E major', [
        ['E2', 'D2', '1', 'I'],
        ['F#2', 'D2', '1', 'II-III'],
      ]),
      1,
    );
    assert.equal(apart.elsewhere?.finger, '4');
    assert.equal(apart.elsewhere.position.label, 'I');
  });

  it('onto the thumb the cello’s elbow comes forward and the double bass’s arm over its shoulder', () => {
    const cello = apartOf({ ...line('cello', 'D major', []), ...thumbLine('cello', 'A3', ['B3', '1'], ['A4', 'T']) }, 1);
    assert.deepEqual([...acts(cello.hands, 'thumb'), ...acts(cello.hands, 'arm')], ['comes-over-rim', 'elbow-rises-forward']);
    const bass = apartOf({ ...line('bass', 'G major', []), ...thumbLine('bass', 'G2', ['A2', '1'], ['G3', 'T']) }, 1);
    assert.deepEqual([...acts(bass.hands, 'thumb'), ...acts(bass.hands, 'arm')], ['comes-over-rim', 'over-shoulder']);
  });

  it('goes in order: the finger lightens, the hand travels, the new finger is set, the weight comes back', () => {
    for (const { hands } of seededShifts(40)) {
      const of = (what: string): HandsEvent => hands.find((event) => event.what === what) ?? assert.fail(what);
      const [lightens, travels, set, weight] = ['lightens', 'travels', 'is-set', 'takes-weight'].map(of);
      assert.ok(lightens && travels && set && weight);
      assert.ok(lightens.to <= travels.from && travels.to <= set.from && set.to <= weight.from && set.from === 1);
    }
  });

  it('has nine stages, and a hand plays at least 99 in a hundred of them', () => {
    const stages = seededShifts(60).flatMap((apart) => {
      assert.deepEqual(
        apart.stages.map(({ name }) => name),
        STAGES,
      );
      return apart.stages;
    });
    const played = stages.filter(({ brief }) => plan(brief).ok);
    assert.ok(played.length >= 0.99 * stages.length, `${played.length} of ${stages.length}`);
  });
});

/** Makes two notes on one string, the second on the thumb. */
function thumbLine(kind: 'cello' | 'bass', string: string, from: readonly [string, string], to: readonly [string, string]): Partial<Brief> {
  return {
    instrument: { kind },
    player: { school: 'thumb' },
    material: { kind: 'line', key: 'D major', notes: [from, to].map(([pitch]) => ({ pitches: [pitch], duration: '1/4' })) },
    locks: [from, to].map(([, finger], note) => ({ note, string, finger: finger as '1' })),
  };
}

function seededShifts(count: number) {
  const found = [];
  for (let seed = 0; found.length < count; seed += 1) {
    const outcome = seededOutcome(seed);
    const shift = outcome.ok ? outcome.value.best.shifts[seed % Math.max(1, outcome.value.best.shifts.length)] : undefined;
    const apart = outcome.ok && shift ? takeApart(outcome.value.best, shift.to) : null;
    if (apart) found.push(apart);
  }
  return found;
}

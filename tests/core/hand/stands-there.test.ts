import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { plan } from '#core/plan';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { fingering, lineBrief, planBest } from '../../support/briefs.ts';
import { readBriefs } from '../../support/reference/read-brief.ts';

describe('each finger of violin and viola is measured from the first finger’s own place on its string', () => {
  const DOUBLE_STOPS = [
    ['violin', 'C major', '1', 'D5+F5', 'A3+E1'],
    ['violin', 'C major', '1', 'Bb4+G5', 'A1+E2'],
    ['violin', 'C major', '1', 'Bb4+F5', 'A1+E1'],
    ['violin', 'A major', '3', 'F#5+A5', 'A3+E1'],
    ['viola', 'C major', '1', 'G4+Bb4', 'D3+A1'],
    ['viola', 'Bb major', '1', 'G4+Bb4', 'D3+A1'],
  ] as const;
  for (const [kind, key, position, notes, fingers] of DOUBLE_STOPS) {
    it(`so ${notes} lies in position ${position} of the ${kind} in ${key}`, () => {
      const found = planBest({
        instrument: { kind },
        material: { kind: 'line', key, notes: [{ pitches: notes.split('+'), duration: '1/4' }] },
        limits: { positions: [position] },
      });
      assert.equal(fingering(found), fingers);
      assert.deepEqual(
        found.notes.map((note) => note.kind === 'note' && note.extended),
        [false],
      );
    });
  }

  it('but low first fingers do not take the fourth down with them', () => {
    const { notes } = planBest(
      lineBrief('violin', ['Eb4', 'F4', 'G4', 'A4'], { limits: { positions: ['1'], strings: ['D4'], openStrings: 'none' } }, 'Bb major'),
    );
    assert.deepEqual(
      notes.map((note) => (note.kind === 'note' ? [note.stops[0].finger, note.shape] : [])),
      [
        ['1', 'home'],
        ['2', 'home'],
        ['3', 'home'],
        ['4', 'home'],
      ],
    );
  });

  it('so a low first finger that the key has low is no finger that reaches', () => {
    const { notes, stays } = planBest(
      lineBrief('violin', ['E5', 'F5', 'G5', 'A5', 'B5'], { limits: { positions: ['1'], strings: ['E5'] } }, 'C major'),
    );
    assert.deepEqual(
      notes.map((note) => (note.kind === 'note' ? note.shape : '')),
      ['open', 'home', 'home', 'home', 'home'],
    );
    assert.deepEqual(
      stays.map(({ position }) => position),
      [{ label: '1', alteration: null }],
    );
  });

  it('and B major is at home in second position, which holds it without reaching', () => {
    const scale: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'B3', octaves: 2, direction: 'up-down' },
    };
    assert.deepEqual(
      planBest(scale).stays.map(({ position }) => position.label),
      ['2'],
    );
  });
});

/** Finds notes that follow each other in one stay, both stopped by the block of the cello's neck hand. */
function blockPairs(found: Plan): readonly (readonly [PlannedSound, PlannedSound])[] {
  const inBlock = (sound: PlannedSound): boolean =>
    ['home', 'reached-back', 'reached-forward'].includes(sound.shape) && sound.stops.length === 1 && '234'.includes(sound.stops[0].finger);
  return found.notes.flatMap((here, index) => {
    const before = found.notes[index - 1];
    if (before?.kind !== 'note' || here.kind !== 'note' || here.beginsStay) return [];
    return inBlock(before) && inBlock(here) ? [[before, here] as const] : [];
  });
}

describe('a first finger above its keyed place', () => {
  const positionsOf = (pitches: readonly string[], key: string): readonly string[] =>
    planBest(lineBrief('violin', pitches, { limits: { positions: ['1'], openStrings: 'none' } }, key)).stays.map(
      ({ position }) => `${position.alteration ?? ''}${position.label}`,
    );

  it('is in the plain position where it stands when nothing is said of it: B natural in D minor', () =>
    assert.deepEqual(positionsOf(['B4', 'C#5', 'D5'], 'D minor'), ['1']));

  it('takes the hand up beyond that: A sharp on the G string', () =>
    assert.deepEqual(positionsOf(['A#3', 'C#4', 'D#4'], 'C major'), ['high1']));
});

describe('the block of the cello’s hand', () => {
  it('never stands a tone apart, one finger after the other, in any plan of the briefs that were read', () => {
    let pairs = 0;
    for (const { id, brief } of readBriefs().filter((readBrief) => readBrief.brief.instrument.kind === 'cello')) {
      const outcome = plan(brief, { alternatives: 6 });
      if (!outcome.ok) continue;
      for (const found of [outcome.value.best, ...outcome.value.alternatives.map((other) => other.plan)]) {
        for (const [before, here] of blockPairs(found)) {
          const [one, other] = [before.stops[0], here.stops[0]];
          const fingers = Number(other.finger) - Number(one.finger);
          pairs += 1;
          assert.equal(other.semitonesAboveOpen - one.semitonesAboveOpen, fingers, `${id}: ${fingering(found)}`);
        }
      }
    }
    assert.ok(pairs > 300, `${pairs} pairs`);
  });

  it('leaves one name and one price to an open hand, going up and coming down', () => {
    const line = (notes: readonly string[]): Plan =>
      planBest(lineBrief('cello', [...notes], { limits: { strings: ['D3'] }, player: { school: 'neck' } }, 'D major'));
    const notes = ['E3', 'F#3', 'G#3', 'F#3', 'E3'];
    const [up, down] = [line(notes.slice(0, 3)), line(notes.slice(2))];
    assert.deepEqual([up.stays.map(({ position }) => position.label), down.stays.map(({ position }) => position.label)], [['1'], ['1']]);
    assert.equal(fingering(up).split(' ').reverse().join(' '), fingering(down));
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import type { InstrumentKind } from '#core/instrument';
import type { Plan } from '#core/plan/describe';
import { fingering, lineBrief, planBest } from '../../support/briefs.ts';

function chromatic(kind: InstrumentKind, tonic: string, direction: 'up' | 'down'): Brief {
  return { instrument: { kind }, material: { kind: 'scale', type: 'chromatic', tonic, octaves: 1, direction } };
}

/** Lists, for the shifts of a plan along one string, the finger that leaves and the one that arrives. */
function fingersOfShifts({ shifts }: Plan): readonly string[] {
  return shifts.filter(({ fromString, toString }) => fromString === toString).map(({ fromFinger, toFinger }) => `${fromFinger}${toFinger}`);
}

function costOf({ cost }: Plan): number {
  return cost.lines.find(({ term }) => term === 'fingers-left')?.thousandths ?? 0;
}

describe('a run of semitones on the cello', () => {
  it('uses up a hand before it moves: 1 2 3, and again 1 2 3; coming down the other way round', () => {
    for (const tonic of ['C2', 'D2', 'G2', 'A2', 'D3']) {
      const [up, down] = [planBest(chromatic('cello', tonic, 'up')), planBest(chromatic('cello', tonic, 'down'))];
      assert.deepEqual([...new Set(fingersOfShifts(up))], ['31'], `${tonic} up: ${fingering(up)}`);
      assert.deepEqual([...new Set(fingersOfShifts(down))], ['13'], `${tonic} down: ${fingering(down)}`);
      assert.deepEqual([costOf(up), costOf(down)], [0, 0]);
    }
  });

  it('is priced where a finger is left over, and says so', () => {
    const best = planBest(chromatic('cello', 'D3', 'up'));
    const early = planBest({ ...best.brief, locks: [{ note: 3, string: 'D3', finger: '1' }] });
    assert.ok(costOf(early) > 0, fingering(early));
  });
});

describe('a run of semitones on the other instruments', () => {
  it('may go on with one finger, as it is taught there', () => {
    for (const [kind, tonic] of [
      ['violin', 'G3'],
      ['viola', 'C3'],
      ['bass', 'E1'],
    ] as const)
      assert.equal(costOf(planBest(chromatic(kind, tonic, 'up'))), 0);
  });
});

describe('a row of thirds on the violin and the viola', () => {
  const thirds = (kind: InstrumentKind, notes: readonly (readonly [string, string])[]): Brief => ({
    ...lineBrief(kind, [], {}, 'G major'),
    material: { kind: 'line', key: 'G major', notes: notes.map((pitches) => ({ pitches: [...pitches], duration: '1/4' })) },
  });

  it('takes 3-1 and 4-2 in turn, so that the hand moves for every second third', () => {
    const violin = planBest(
      thirds('violin', [
        ['G4', 'B4'],
        ['A4', 'C5'],
        ['B4', 'D5'],
        ['C5', 'E5'],
        ['D5', 'F#5'],
      ]),
    );
    const pairs = violin.notes.map((note) => (note.kind === 'note' ? note.stops.map(({ finger }) => finger).join('') : ''));
    assert.deepEqual(pairs.slice(0, 4), ['31', '42', '31', '42']);
    assert.ok(violin.shifts.length <= 2, fingering(violin));
  });

  it('is priced on the instruments whose hand has both pairs in one place', () => {
    const notes: readonly (readonly [string, string])[] = [
      ['G3', 'B3'],
      ['A3', 'C4'],
      ['B3', 'D4'],
      ['C4', 'E4'],
    ];
    assert.equal(costOf(planBest(thirds('cello', notes))), 0);
  });
});

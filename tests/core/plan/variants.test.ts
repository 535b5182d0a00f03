import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { plan } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { WEIGHTS } from '#core/weights';
import { fingering, lineBrief, planBest } from '../../support/briefs.ts';
import { comesBack, isNamedTruly, countMixed, visitsOf } from '../../support/plans/named-truly.ts';
import { planAs, variantBriefs } from '../../support/reference/variants.ts';
import { seededBrief } from '../../../scripts/results/seeded-briefs.ts';

describe('fingerings that teachers would name', () => {
  for (const variantBrief of variantBriefs()) {
    it(`of ${variantBrief.id} can be played, each by one hand at a time`, () => {
      for (const { fingers } of variantBrief.variants) {
        const result = planAs(variantBrief, fingers);
        assert.ok(typeof result !== 'string', `${fingers}: ${String(result)}`);
        assert.deepEqual(result.notOneHand, [], fingers);
      }
    });
  }
});

describe('other fingerings', () => {
  const others = (brief: Brief): readonly Plan[] => {
    const outcome = plan(brief, { alternatives: 6 });
    assert.ok(outcome.ok);
    return outcome.value.alternatives.map((other) => other.plan);
  };
  const neighbours = lineBrief('violin', ['A4', 'G#4', 'A4', 'B4', 'C5', 'B4', 'A4', 'G4', 'F4', 'E4'], {}, 'A minor');

  it('of a typed line that lies in first position have no shifts but along one string, and none of one other finger costs much', () => {
    const best = planBest(neighbours);
    for (const other of others(neighbours)) {
      assert.ok(other.shifts.length === 0 || new Set(fingering(other).replaceAll(/[^A-G]/g, '')).size === 1, fingering(other));
      assert.ok(other.cost.totalThousandths <= best.cost.totalThousandths + 2500);
    }
  });

  it('of a neighbour figure have the open string both times, too', () => {
    assert.ok(others(neighbours).some((other) => fingering(other).startsWith('A0 D3 A0')));
  });

  it('of C major over two octaves have third position, which ends with one note on the E string', () => {
    const arpeggio: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'arpeggio', type: 'major', tonic: 'C4', octaves: 2, direction: 'up-down' },
    };
    assert.ok(others(arpeggio).map(fingering).includes('G1 G3 D1 D4 A2 A4 E3 A4 A2 D4 D1 G3 G1'));
  });

  it('of a line with a repeated note take it over with another finger, where the hand is better placed then', () => {
    const line = lineBrief('viola', ['D5', 'E5', 'E5', 'F5', 'G5', 'A5', 'A5', 'G5', 'F5', 'E5'], {}, 'C major');
    assert.ok(others(line).map(fingering).includes('A1 A2 A1 A2 A3 A4 A4 A3 A2 A1'));
  });

  it('as good as the best come first, whatever they do: of a G minor scale 4 on D for the open A', () => {
    const scale: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'melodic-minor', tonic: 'G3', octaves: 3, direction: 'up' },
    };
    const [best, [first]] = [planBest(scale), others(scale)];
    assert.equal(fingering(first ?? best), fingering(best).replace('D3 A0', 'D3 D4'));
    assert.ok((first?.cost.totalThousandths ?? Infinity) - best.cost.totalThousandths <= 0.1 * WEIGHTS.shift.defaults.violin);
  });

  it('of a typed line that lies in one position shift only where that costs no more than a shift', () => {
    const line = lineBrief('violin', ['A5', 'B5', 'C6', 'D6', 'B5', 'G5', 'A5'], {}, 'G major');
    const best = planBest(line);
    assert.equal(best.shifts.length, 0);
    for (const other of others(line)) {
      assert.ok(other.shifts.length === 0 || other.cost.totalThousandths <= best.cost.totalThousandths + 2000, fingering(other));
    }
  });

  it('of octaves stay in the hand that they are played with while it shifts', () => {
    const octaves = ['D4', 'D5', 'E4', 'E5', 'F#4', 'F#5', 'G4', 'G5'];
    const line = lineBrief('cello', octaves, { player: { school: 'thumb' }, limits: { strings: ['D3', 'A3'] } }, 'D major');
    for (const other of [planBest(line), ...others(line)]) assert.match(fingering(other), /^(DT A3 ?)+$/);
  });

  it('of a cello scale without open strings have one group of fingers on every string', () => {
    for (const tonic of ['Db3', 'B2', 'C3']) {
      for (const direction of ['up', 'down', 'up-down'] as const) {
        const scale: Brief = {
          instrument: { kind: 'cello' },
          material: { kind: 'scale', type: 'major', tonic, octaves: 1, direction },
          preferences: { 'open-strings-covered': 1 },
        };
        const fingers = [planBest(scale), ...others(scale)].map((plan) => fingering(plan).replaceAll(/[A-G]/g, ''));
        const up = '1 2 4 1 2 4 1 2';
        const down = up.split(' ').toReversed().join(' ');
        const wanted = { up, down, 'up-down': `${up} ${down.slice(2)}` }[direction];
        assert.ok(fingers.includes(wanted), `${tonic} ${direction}: ${fingers.join(' / ')}`);
      }
    }
  });

  const asked = [...variantBriefs().map(({ brief }) => brief), ...Array.from({ length: 120 }, (_, index) => seededBrief(index))];

  it('are called by what they do, each otherwise, visit no position in passing, mix open and stopped, and come back otherwise only where the best does', () => {
    for (const [index, brief] of asked.entries()) {
      const outcome = plan(brief, { alternatives: 6 });
      if (!outcome.ok) continue;
      const { best, alternatives } = outcome.value;
      const names = alternatives.map(({ name }) => JSON.stringify(name));
      assert.equal(new Set(names).size, names.length, `brief ${index}`);
      for (const other of alternatives) {
        assert.ok(isNamedTruly(other.name, best, other.plan), `brief ${index}: ${JSON.stringify(other.name)}`);
        if (other.name.kind === 'unlocked') continue;
        const told = `brief ${index}: ${JSON.stringify(other.name)}`;
        assert.ok(visitsOf(other.plan) <= visitsOf(best), told);
        assert.ok(countMixed(other.plan) <= countMixed(best), told);
        if (best.shifts.length === 0 && comesBack(best)) assert.ok(comesBack(other.plan), told);
      }
    }
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { bestFingerings } from '#core/plan';
import { fingering, lineBrief, planBest } from '../../support/briefs.ts';

/** Writes the fingers alone, as they stand over the notes. */
function fingers(line: string): string {
  return line
    .split(' ')
    .map((label) => label.slice(-1))
    .join(' ');
}

describe('what three notes in a row cost', () => {
  it('comes back after a neighbour note as it was: 4 3 4, not 4 3 and the open string', () => {
    const pitches = ['A4', 'G#4', 'A4', 'B4', 'C5', 'B4', 'A4', 'G#4', 'F4', 'E4'];
    assert.match(fingers(fingering(planBest(lineBrief('violin', pitches, {}, 'A minor')))), /^4 3 4 1 2 1/);
  });

  it('does not shift for one note where two lie together: D minor along the D string of the cello', () => {
    const result = planBest({
      instrument: { kind: 'cello' },
      player: { school: 'neck' },
      material: { kind: 'scale', type: 'natural-minor', tonic: 'D3', octaves: 1, direction: 'up' },
      limits: { strings: ['D3'] },
    });
    assert.equal(fingers(fingering(result)), '0 1 2 1 3 1 2 3');
    assert.ok(result.cost.lines.every(({ term }) => term !== 'one-note-stay'));
  });

  it('is told where it cannot be helped, and is part of the total', () => {
    const result = planBest(lineBrief('violin', ['F5', 'E6', 'D7', 'F5'], { limits: { strings: ['E5'] } }));
    const stay = result.cost.lines.find(({ term }) => term === 'one-note-stay');
    assert.ok(stay && stay.times > 0);
    assert.equal(
      result.cost.totalThousandths,
      result.cost.lines.reduce((sum, { thousandths }) => sum + thousandths, 0),
    );
  });

  it('is counted among the ten best as in the best', () => {
    const brief = lineBrief('violin', ['A4', 'G#4', 'A4', 'B4', 'C5', 'A4'], {}, 'A minor');
    const found = bestFingerings(brief, 10);
    assert.ok(found.ok);
    const costs = found.value.map(({ cost }) => cost.totalThousandths);
    assert.deepEqual(
      costs,
      costs.toSorted((one, other) => one - other),
    );
    assert.equal(fingering(found.value[0] ?? assert.fail()), fingering(planBest(brief)));
  });
});

describe('a row of tenths', () => {
  it('keeps its pair of strings for an octave, where octaves change it in time', () => {
    const row = (interval: 'tenths' | 'octaves'): string =>
      fingering(
        planBest({
          instrument: { kind: 'violin' },
          player: { school: 'standard', hand: { preset: 'large' } },
          material: { kind: 'double-stops', interval, type: 'major', tonic: 'A3', octaves: 1, direction: 'up' },
        }),
      );
    assert.equal(row('tenths'), Array.from({ length: 8 }, () => 'G1+D4').join(' '));
    assert.match(row('octaves'), /^(G1\+D4 ){4}(D1\+A4 ?){4}$/);
  });
});

describe('first octaves', () => {
  it('are an open string and 3 on every pair of strings, without a shift', () => {
    const found = planBest(lineBrief('violin', ['G3+G4', 'D4+D5', 'A4+A5', 'D4+D5'], {}, 'D major'));
    assert.equal(fingering(found), 'G0+D3 D0+A3 A0+E3 D0+A3');
  });
});

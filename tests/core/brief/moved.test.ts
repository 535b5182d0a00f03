import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { withIntervalMoved } from '#core/brief/lines';
import { readMaterial } from '#core/brief/parts/materials';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { semitonesOf } from '#core/pitch';
import { lineBrief } from '../../support/briefs.ts';
import { madeStudy } from '../../support/plans/made-studies.ts';

function soundsOf(brief: Parameters<typeof withIntervalMoved>[0]): readonly number[] {
  const line = readMaterial(brief.material, brief.rhythm);
  assert.ok(line.ok);
  return line.value.notes.flatMap((note) => (note.kind === 'note' ? [semitonesOf(note.pitch)] : []));
}

describe('a line moved by an interval', () => {
  it('sounds so much higher or lower, and comes back as it was', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (let seed = 0; seed < 10; seed += 1) {
        const brief = madeStudy(kind, seed);
        for (const interval of [
          { steps: 4, semitones: 7 },
          { steps: -3, semitones: -5 },
          { steps: 7, semitones: 12 },
          { steps: 1, semitones: 1 },
        ]) {
          const moved = withIntervalMoved(brief, interval);
          assert.ok(moved);
          assert.deepEqual(
            soundsOf(moved),
            soundsOf(brief).map((sound) => sound + interval.semitones),
          );
          const back = withIntervalMoved(moved, { steps: -interval.steps, semitones: -interval.semitones });
          assert.deepEqual(back && soundsOf(back), soundsOf(brief));
        }
      }
    }
  });

  it('is written in the key that has a signature', () => {
    const moved = withIntervalMoved(lineBrief('violin', ['C#5', 'E#5'], {}, 'C# major'), { steps: 1, semitones: 2 });
    assert.ok(moved?.material.kind === 'line');
    assert.equal(moved.material.key, 'Eb major');
    assert.deepEqual(
      moved.material.notes.map((note) => ('pitches' in note ? note.pitches[0] : '')),
      ['Eb5', 'G5'],
    );
  });

  it('takes the changes of key along', () => {
    const { material, ...brief } = lineBrief('violin', ['D4', 'A4', 'D5', 'A4', 'G4', 'B4', 'D5', 'G5'], {}, 'D major');
    assert.ok(material.kind === 'line');
    const changing = { ...brief, material: { ...material, changes: [{ measure: 2, key: 'G major' }] } };
    const moved = withIntervalMoved(changing, { steps: 4, semitones: 7 });
    assert.ok(moved?.material.kind === 'line');
    assert.deepEqual([moved.material.key, moved.material.changes], ['A major', [{ measure: 2, key: 'D major' }]]);
  });
});

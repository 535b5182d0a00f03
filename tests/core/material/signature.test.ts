import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { KEYS_OFFERED } from '#core/brief/edits';
import { partOf, withPitchesMoved, withPlayed, withSignatureFrom } from '#core/brief/lines';
import { readMaterial } from '#core/brief/parts/materials';
import { intonationOf } from '#core/fit/intoned';
import { toCsv } from '#core/format';
import { toMidi } from '#core/format/midi';
import { keyAt, measuresOf } from '#core/material/measures';
import type { Line } from '#core/material/line';
import type { SignatureChange } from '#core/material/signature';
import { engravingOf } from '#core/notation';
import { displayPitchClass } from '#core/pitch';
import { formatKey } from '#core/key';
import { groupsOf } from '#core/practice/item';
import { addFractions, asNumber } from '#core/fraction';
import { METERS } from '#core/rhythm';
import { performanceOf } from '#core/sound';
import { fingering, lineBrief, planBest } from '../../support/briefs.ts';

/** Makes twelve quarters in C major, 4/4, with changes. */
function changing(changes: readonly SignatureChange[], rhythm: Brief['rhythm'] = { meter: '4/4' }): Brief {
  const pitches = ['C4', 'D4', 'E4', 'F4', 'G4', 'A4', 'B4', 'C5', 'Bb4', 'Ab4', 'G4', 'Eb4'];
  const brief = lineBrief('violin', pitches, { rhythm });
  return brief.material.kind === 'line' ? { ...brief, material: { ...brief.material, changes: [...changes] } } : brief;
}

function lineIn(brief: Brief): Line {
  const line = readMaterial(brief.material, brief.rhythm);
  assert.ok(line.ok, JSON.stringify(line));
  return line.value;
}

const WALTZ_IN_E_FLAT: readonly SignatureChange[] = [
  { measure: 2, meter: '3/4' },
  { measure: 3, key: 'Eb major' },
];

describe('a line whose key or meter changes', () => {
  it('has its measures one after the other, each with its own key and meter', () => {
    const told = measuresOf(lineIn(changing(WALTZ_IN_E_FLAT))).map(
      ({ number, onset, key, meter }) => `${number} at ${asNumber(onset)}: ${formatKey(key)} ${meter.beats}/${meter.beatValue}`,
    );
    assert.deepEqual(told, ['1 at 0: C major 4/4', '2 at 1: C major 3/4', '3 at 1.75: Eb major 3/4', '4 at 2.5: Eb major 3/4']);
  });

  it('counts measures as the page does: a pick-up is none', () => {
    const line = lineIn(
      changing(
        [
          { measure: 1, key: 'Eb major' },
          { measure: 2, meter: '2/4' },
        ],
        { meter: '4/4', pickUp: '1/4' },
      ),
    );
    assert.deepEqual(
      measuresOf(line).map(({ number, onset }) => [number, asNumber(onset)]),
      [
        [0, 0],
        [1, 1],
        [2, 2],
        [3, 2.5],
        [4, 3],
        [5, 3.5],
      ],
    );
    assert.equal(formatKey(keyAt(line, 0)), 'C major');
    assert.equal(formatKey(keyAt(line, 1)), 'Eb major');
  });

  it('is refused where a change comes too early, out of order, or in no key', () => {
    const refusal = (changes: readonly SignatureChange[]): readonly [string, string | undefined] => {
      const line = readMaterial(changing(changes).material, {});
      assert.ok(!line.ok);
      return [line.issues[0]?.message ?? '', line.issues[0]?.where.pointer];
    };
    const early = 'A change of key or meter cannot stand at measure 1.';
    assert.deepEqual(refusal([{ measure: 1, key: 'G major' }]), [early, '/material/changes/0/measure']);
    assert.match(
      refusal([
        { measure: 3, key: 'G major' },
        { measure: 3, meter: '3/4' },
      ])[0],
      /measure 3/,
    );
    assert.deepEqual(refusal([{ measure: 2, key: 'H major' }]), ['“H major” is not a key.', '/material/changes/0/key']);
  });

  it('loses no time in any meters, and every measure is as long as its meter', () => {
    const change = fc.record({
      measure: fc.integer({ min: 2, max: 12 }),
      key: fc.constantFrom(...KEYS_OFFERED),
      meter: fc.constantFrom(...METERS),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(change, { maxLength: 4, selector: ({ measure }) => measure }),
        fc.constantFrom(...METERS),
        (changes, meter) => {
          const inOrder = changes.toSorted((one, other) => one.measure - other.measure);
          const line = lineIn(changing(inOrder, { meter }));
          const measures = measuresOf(line);
          for (const [order, { onset, length, meter: here }] of measures.entries()) {
            assert.equal(asNumber(length), here.beats / here.beatValue);
            assert.deepEqual(measures[order + 1]?.onset ?? addFractions(onset, length), addFractions(onset, length));
          }
          const engraving = engravingOf('violin', line);
          const written = engraving.measures.map(({ symbols }) => symbols.reduce((sum, { value }) => sum + asNumber(value.length), 0));
          assert.ok(Math.abs(written.reduce((sum, length) => sum + length, 0) - 3) < 1e-9);
          for (const [order, length] of written.slice(0, -1).entries()) {
            const bar = measures[order];
            assert.ok(bar && Math.abs(length - asNumber(bar.length)) < 1e-9);
          }
          for (const { measure: number, key } of inOrder) {
            const there = engraving.measures[number - 1];
            if (there) assert.equal(formatKey(there.key), key);
          }
        },
      ),
    );
  });

  it('sets accidentals by the key of the measure', () => {
    const { measures } = engravingOf('violin', lineIn(changing(WALTZ_IN_E_FLAT)));
    const signs = measures.map(({ symbols }) =>
      symbols.flatMap((symbol) => (symbol.kind === 'note' ? symbol.heads.map(({ accidental }) => accidental) : [])),
    );
    // B natural needs no sign in C major; C5 none in E♭ major; its flats none either.
    assert.deepEqual(signs, [
      [null, null, null, null],
      [null, null, null],
      [null, null, null],
      [null, null],
    ]);
    const plain = engravingOf('violin', lineIn(changing([])));
    assert.deepEqual(
      plain.measures[2]?.symbols.map((symbol) => (symbol.kind === 'note' ? symbol.heads[0]?.accidental : null)),
      [-1, -1, null, -1],
    );
  });
});

describe('what follows the key and meter of a note', () => {
  const brief = changing(WALTZ_IN_E_FLAT);
  const result = planBest(brief);

  it('is the tonic that notes aim at, and the landmarks', () => {
    const tonicAt = (index: number): string => {
      const note = result.notes[index];
      return note?.kind === 'note' ? displayPitchClass(intonationOf(result, note).tonic) : '';
    };
    assert.deepEqual([tonicAt(0), tonicAt(7), tonicAt(11)], ['C', 'E♭', 'E♭']);
    assert.deepEqual(
      result.landmarks.map(({ note }) => note),
      [0, 11],
    );
  });

  it('is what lies under the hand: D♭ major sets its letters under four fingers, where C major has to shift', () => {
    const pitches = ['G3', 'A3', 'B3', 'C4', 'Db4', 'Eb4', 'F4', 'Gb4', 'Ab4', 'Gb4', 'F4', 'Eb4'];
    const plain = lineBrief('violin', pitches, { limits: { strings: ['G3'] } });
    const turned = planBest(withSignatureFrom(plain, 2, { key: 'Db major' }));
    assert.equal(fingering(turned).split(' ').slice(5).join(' '), 'G1 G2 G3 G4 G3 G2 G1');
    const positions = new Set(turned.notes.slice(5).map((note) => (note.kind === 'note' ? note.position.label : '')));
    assert.deepEqual([...positions], ['5']);
    assert.ok(planBest(plain).shifts.length > turned.shifts.length);
  });

  it('is where beats are strong, and what a measure is', () => {
    const { beats } = performanceOf(result, { from: 0, to: 11, pace: 1, slides: false });
    assert.equal(beats.length, 12);
    assert.deepEqual(
      beats.flatMap(({ strong }, order) => (strong ? [order] : [])),
      [0, 4, 7, 10],
    );
    const { countIn } = performanceOf(result, { from: 8, to: 11, pace: 1, slides: false });
    assert.deepEqual(
      countIn.map(({ strong }) => strong),
      [false, false, true],
    );
    assert.deepEqual(
      groupsOf(result, { from: 0, to: 11 }, 'measure').map(({ from }) => from),
      [0, 4, 7, 10],
    );
    assert.deepEqual(
      toCsv(result)
        .map(({ measure, beat }) => `${measure}.${beat}`)
        .slice(3, 9),
      ['1.4', '2.1', '2.2', '2.3', '3.1', '3.2'],
    );
  });

  it('is written into a MIDI file where it changes', () => {
    const { meters, keys, ticksPerQuarter } = toMidi('Waltz', result);
    assert.deepEqual(
      meters.map(({ at, beats }) => [at / ticksPerQuarter, beats]),
      [
        [0, 4],
        [4, 3],
        [7, 3],
      ],
    );
    assert.deepEqual(
      keys.map(({ at, fifths }) => [at / ticksPerQuarter, fifths]),
      [
        [0, 0],
        [4, 0],
        [7, -3],
      ],
    );
  });

  it('is how moved and played notes are spelled', () => {
    const pitchAt = (edited: Brief, index: number): string | undefined => {
      const note = edited.material.kind === 'line' ? edited.material.notes[index] : undefined;
      return note && !('rest' in note) ? note.pitches[0] : undefined;
    };
    const up = withPitchesMoved(brief, 0, 11, { by: 'letter', up: true });
    assert.deepEqual([pitchAt(up, 5), pitchAt(up, 10)], ['B4', 'Ab4']);
    const semitone = withPitchesMoved(brief, 10, 10, { by: 'semitone', up: true });
    assert.equal(pitchAt(semitone, 10), 'Ab4');
    assert.equal(pitchAt(withPlayed(brief, 10, 44, '1/4').brief, 11), 'Ab3');
    assert.equal(pitchAt(withPlayed(brief, 1, 44, '1/4').brief, 2), 'G#3');
    // The last note before the change: a note played after it stands behind the bar line.
    assert.equal(pitchAt(withPlayed(brief, 6, 44, '1/4').brief, 7), 'Ab3');
    assert.equal(pitchAt(withPlayed(brief, 5, 44, '1/4').brief, 6), 'G#3');
  });
});

describe('changing key and meter', () => {
  it('from a measure on, and back, leaves the line as it was', () => {
    const brief = changing([]);
    const waltz = withSignatureFrom(withSignatureFrom(brief, 3, { key: 'Eb major' }), 2, { meter: '3/4' });
    assert.deepEqual(waltz.material.kind === 'line' ? waltz.material.changes : null, WALTZ_IN_E_FLAT);
    const back = withSignatureFrom(withSignatureFrom(waltz, 2, { meter: null }), 3, { key: null });
    assert.ok(back.material.kind === 'line' && back.material.changes === undefined);
    const both = withSignatureFrom(withSignatureFrom(brief, 2, { meter: '3/4' }), 2, { key: 'G major' });
    assert.deepEqual(both.material.kind === 'line' ? both.material.changes : null, [{ measure: 2, meter: '3/4', key: 'G major' }]);
  });

  it('of a scale makes it a line of the teacher’s own', () => {
    const scale: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 1, direction: 'up' },
    };
    const line = withSignatureFrom(scale, 2, { meter: '3/4' });
    assert.equal(line.material.kind, 'line');
    assert.equal(lineIn(line).changes.length, 1);
  });

  it('goes with a part that is taken out: its own signature, and the changes after it', () => {
    const part = partOf(changing(WALTZ_IN_E_FLAT), 5, 11);
    assert.equal(part.rhythm?.meter, '3/4');
    const { material } = part;
    assert.ok(material.kind === 'line');
    assert.equal(material.key, 'C major');
    assert.deepEqual(material.changes, [{ measure: 2, key: 'Eb major' }]);
    const last = partOf(changing(WALTZ_IN_E_FLAT), 8, 11).material;
    assert.ok(last.kind === 'line' && last.key === 'Eb major' && last.changes === undefined);
  });
});

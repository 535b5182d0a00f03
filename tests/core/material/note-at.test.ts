import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { readMaterial } from '#core/brief/parts/materials';
import type { Brief } from '#core/brief';
import { noteAt } from '#core/material/measures';
import { noteAtText, passageText, tellNotesOf } from '../../../src/words/line/note-places.ts';

function lineOf({ material, rhythm }: Brief) {
  const line = readMaterial(material, rhythm);
  assert.ok(line.ok);
  return line.value;
}

describe('the place of a note', () => {
  const scale = lineOf({
    instrument: { kind: 'violin' },
    material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up' },
    rhythm: { noteValue: '1/8', meter: '4/4' },
  });

  it('is its measure and its beat, or the beat it comes after', () => {
    const places = [0, 1, 8, 11].map((note) => noteAt(scale, note));
    assert.deepEqual(
      places.map((place) => place && [place.measure, place.beat, place.isOnBeat]),
      [
        [1, 1, true],
        [1, 1, false],
        [2, 1, true],
        [2, 2, false],
      ],
    );
    assert.equal(noteAt(scale, 99), null);
  });

  it('counts three eighths to a beat in 6/8', () => {
    const jig = lineOf({
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 1, direction: 'up' },
      rhythm: { noteValue: '1/8', meter: '6/8' },
    });
    const places = [2, 3, 4].map((note) => noteAt(jig, note));
    assert.deepEqual(
      places.map((place) => place && [place.beat, place.isOnBeat]),
      [
        [1, false],
        [2, true],
        [2, false],
      ],
    );
  });

  it('is told with the pitch that the player reads, and by its number where it is not known', () => {
    assert.equal(noteAtText(tellNotesOf(scale, 'violin')(8), 8), 'measure 2, beat 1 (A4)');
    assert.equal(noteAtText(tellNotesOf(scale, 'bass')(8), 8), 'measure 2, beat 1 (A5)');
    assert.equal(passageText({ from: 8, to: 99 }, tellNotesOf(scale, 'violin')), 'measure 2, beat 1 to the end (A4)');
    assert.equal(noteAtText(null, 8), 'note 9');
    assert.equal(passageText({ from: 8, to: 10 }, tellNotesOf(scale, 'violin')), 'measure 2, beat 1 to beat 2 (A4 to C5)');
    assert.equal(
      passageText({ from: 7, to: 8 }, () => null),
      'notes 8 to 9',
    );
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { INSTRUMENT_KINDS, type InstrumentKind, readInstrument } from '#core/instrument';
import { type KeyPlace, keyPlaces } from '#core/intonation/checks';
import { SYSTEMS } from '#core/intonation';
import { formatPitch, semitonesOf } from '#core/pitch';
import { isInKey, type Key, parseKey } from '#core/key';

function keyNamed(text: string): Key {
  const key = parseKey(text);
  assert.ok(key.ok);
  return key.value;
}

function placesOf(kind: InstrumentKind, keyText: string, system: (typeof SYSTEMS)[number] = 'equal'): readonly KeyPlace[] {
  const instrument = readInstrument({ kind });
  const key = keyNamed(keyText);
  assert.ok(instrument.ok);
  return keyPlaces(instrument.value, key, { system, tonic: key.tonic, leadingCents: 8 });
}

const KEYS = ['D major', 'Ab major', 'C# minor', 'F major', 'Cb major', 'B minor'];

describe('the notes of a key on the fingerboard', () => {
  it('are those of D major in the violin’s first position, string by string', () => {
    const first = placesOf('violin', 'D major').filter((place) => place.semitonesAboveOpen <= 7);
    const names = (stringIndex: number): string =>
      first.flatMap((place) => (place.stringIndex === stringIndex ? [formatPitch(place.pitch)] : [])).join(' ');
    assert.equal(names(0), 'E5 F#5 G5 A5 B5');
    assert.equal(names(1), 'A4 B4 C#5 D5 E5');
    assert.equal(names(2), 'D4 E4 F#4 G4 A4');
    assert.equal(names(3), 'G3 A3 B3 C#4 D4');
  });

  it('have degrees counted from the tonic, and ring where an open string answers', () => {
    const places = placesOf('violin', 'D major');
    const at = (stringIndex: number, semitones: number): KeyPlace | undefined =>
      places.find((place) => place.stringIndex === stringIndex && place.semitonesAboveOpen === semitones);
    assert.deepEqual([at(1, 5)?.degree, at(1, 5)?.rings], [1, true]);
    assert.deepEqual([at(1, 4)?.degree, at(1, 4)?.rings], [7, false]);
    assert.deepEqual([at(3, 0)?.degree, at(3, 0)?.target.mmFromNut, at(3, 0)?.target.cents.toFixed(1)], [4, 0, '-3.9']);
  });

  it('are seven to the octave on every string of every instrument, in any key', () => {
    fc.assert(
      fc.property(fc.constantFrom(...INSTRUMENT_KINDS), fc.constantFrom(...KEYS), (kind, keyText) => {
        const places = placesOf(kind, keyText).filter((place) => place.semitonesAboveOpen < 12);
        for (const stringIndex of [0, 1, 2, 3]) assert.equal(places.filter((place) => place.stringIndex === stringIndex).length, 7);
        for (const place of places) assert.ok(isInKey(semitonesOf(place.pitch), keyNamed(keyText)));
      }),
      { seed: 44, numRuns: 60 },
    );
  });

  it('rise from the nut up in every system', () => {
    for (const system of SYSTEMS) {
      const places = placesOf('cello', 'E major', system);
      const rising = places.every((place, index) => {
        const before = places[index - 1];
        return before?.stringIndex !== place.stringIndex || before.target.mmFromNut < place.target.mmFromNut;
      });
      assert.ok(rising, system);
    }
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { insideOf, outsideOf, positionMap } from '#core/atlas';

const third = positionMap({ instrument: { kind: 'violin' } }, 'D major', '3');

describe('a phrase in a position', () => {
  it('may use what lies under the hand and the open strings of the key', () => {
    assert.ok(third.ok);
    const writePlace = (string: string | null): string =>
      insideOf(third.value, string)
        .map(({ written: name, finger }) => `${finger} ${name}`)
        .join(', ');
    assert.equal(writePlace('A4'), '0 A4, 1 D5, 2 E5, 3 F#5, 4 G5');
    assert.equal(insideOf(third.value, null).length, 20);
  });

  it('has every note outside told with the nearest inside, by its sound, the lower of two as near', () => {
    assert.ok(third.ok);
    const inside = insideOf(third.value, 'A4');
    const writePlaces = (phrase: readonly (string | null)[]): readonly string[] =>
      outsideOf(inside, phrase).map(({ note, pitch, nearest }) => `${note} ${pitch} ${nearest?.written ?? '-'}`);
    assert.deepEqual(writePlaces(['D5', null, 'Gb5', 'F5', 'C6', 'B4', 'C#5']), ['3 F5 E5', '4 C6 G5', '5 B4 A4', '6 C#5 D5']);
    assert.deepEqual(outsideOf([], ['D5']), [{ note: 0, pitch: 'D5', nearest: null }]);
    assert.deepEqual(outsideOf(inside, []), []);
  });
});

import assert from 'node:assert/strict';
import { it } from 'node:test';
import { stepsToTonic } from '#core/atlas';
import { KEYS_OFFERED } from '#core/brief/edits';
import { parseKey } from '#core/key';
import { parsePitch, semitonesOf } from '#core/pitch';
import { toTonicText } from '../../../src/words/names/atlas.ts';

function steps(open: string, key: string): readonly number[] {
  const [pitch, read] = [parsePitch(open), parseKey(key)];
  assert.ok(pitch.ok && read.ok);
  return stepsToTonic(semitonesOf(pitch.value), read.value);
}

it('the way from an open string to the tonic goes in tones and semitones of the key', () => {
  assert.deepEqual(steps('A4', 'D major'), [2, 2, 1]);
  assert.deepEqual(steps('G3', 'D major'), [2, 2, 2, 1]);
  assert.deepEqual(steps('D4', 'D major'), []);
  assert.deepEqual(steps('E5', 'Eb major'), [1, 2, 1, 2, 2, 2, 1], 'an open string that is not in the key goes to the next note of it');
  assert.equal(toTonicText(steps('A4', 'D major'), 'D'), 'tone, tone, semitone to D');
  assert.equal(toTonicText([], 'D'), 'the open string');
});

it('in every key it ends on the tonic, less than an octave up', () => {
  for (const key of KEYS_OFFERED)
    for (const open of ['E5', 'A4', 'D4', 'G3', 'C3']) {
      const [pitch, read] = [parsePitch(open), parseKey(key)];
      assert.ok(pitch.ok && read.ok);
      const up = steps(open, key).reduce((sum, step) => sum + step, 0);
      const tonic = semitonesOf({ ...read.value.tonic, octave: 5 });
      assert.ok(up < 12 && (semitonesOf(pitch.value) + up - tonic) % 12 === 0, `${open} in ${key}: ${up}`);
    }
});

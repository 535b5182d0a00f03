import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { alterationInKey, keyOfTonic, parseKey } from '#core/key';
import { displayPitch, fifthsOf, formatPitch, frequencyHz, LETTERS, parsePitch, type Pitch, respell, semitonesOf } from '#core/pitch';
import { anyPitch } from '../../support/briefs.ts';

function pitch(text: string): Pitch {
  const reading = parsePitch(text);
  assert.ok(reading.ok, text);
  return reading.value;
}

describe('a pitch', () => {
  it('comes back from its text as it was', () => {
    fc.assert(fc.property(anyPitch, (value) => assert.deepEqual(pitch(formatPitch(value)), value)));
  });

  it('is read as people type it', () => {
    for (const [typed, meant] of [
      ['eb4', 'Eb4'],
      ['E♭4', 'Eb4'],
      ['Fx5', 'F##5'],
      [' g#3 ', 'G#3'],
      ['B𝄫2', 'Bbb2'],
    ] as const) {
      assert.equal(formatPitch(pitch(typed)), meant);
    }
  });

  it('keeps F♯ and G♭ apart though they sound alike', () => {
    assert.equal(semitonesOf(pitch('F#4')), semitonesOf(pitch('Gb4')));
    assert.notDeepEqual(pitch('F#4'), pitch('Gb4'));
    assert.deepEqual(respell(pitch('F#4'), 1), pitch('Gb4'));
  });

  it('changes its octave number at C: B♯3 sounds as C4, C♭4 as B3', () => {
    assert.equal(semitonesOf(pitch('B#3')), semitonesOf(pitch('C4')));
    assert.equal(semitonesOf(pitch('Cb4')), semitonesOf(pitch('B3')));
  });

  it('has its place on the line of fifths', () => {
    assert.deepEqual(
      ['F4', 'C4', 'G4', 'B4', 'F#4', 'Bb4', 'Fb4'].map((text) => fifthsOf(pitch(text))),
      [-1, 0, 1, 5, 6, -2, -8],
    );
  });

  it('sounds A4 at the reference and A3 at half of it', () => {
    assert.equal(frequencyHz(pitch('A4'), 442), 442);
    assert.equal(frequencyHz(pitch('A3'), 442), 221);
  });

  it('is refused with the text that was typed', () => {
    for (const [typed, expected] of [
      ['H4', /“H4” is not a note/],
      ['Eb', /“Eb” does not say in which octave/],
      ['E###4', /“E###4” is not a note/],
    ] as const) {
      const reading = parsePitch(typed);
      assert.ok(!reading.ok);
      assert.match(reading.issues[0]?.message ?? '', expected);
    }
  });

  it('is shown with real accidentals', () => {
    assert.equal(displayPitch(pitch('Bbb3')), 'B𝄫3');
  });
});

describe('a key', () => {
  it('has the signature every player knows', () => {
    const signatures = { 'C major': 0, 'A minor': 0, 'Eb major': -3, 'C minor': -3, 'F# minor': 3, 'C# major': 7, 'Ab minor': -7 };
    for (const [text, fifths] of Object.entries(signatures)) {
      const key = parseKey(text);
      assert.ok(key.ok);
      assert.equal(key.value.fifths, fifths, text);
    }
  });

  it('adds sharps from F and flats from B', () => {
    const alter = (text: string): string => {
      const key = parseKey(text);
      return LETTERS.filter((_, index) => key.ok && alterationInKey(key.value, ([0, 1, 2, 3, 4, 5, 6] as const)[index] ?? 0) !== 0).join(
        '',
      );
    };
    assert.deepEqual(['D major', 'Eb major', 'G minor'].map(alter), ['CF', 'EAB', 'EB']);
  });

  it('stops at seven accidentals', () => {
    assert.equal(keyOfTonic(pitch('G#4'), 'major'), null);
    assert.ok(!parseKey('G# major').ok);
    assert.ok(!parseKey('H major').ok);
  });
});

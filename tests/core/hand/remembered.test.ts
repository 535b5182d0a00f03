import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { handOf, USUAL_THUMB } from '#core/hand/models';
import { type KeyedStrings, keyedStrings, type NoteOnString } from '#core/hand';
import { readInstrument } from '#core/instrument';
import { parseKey } from '#core/key';

const SCALES = ['D major', 'Eb major', 'D major'] as const;

/** Asks for F♯ on the D string of the violin, in a key. */
function fSharpIn(scale: string): NoteOnString {
  return { stringIndex: 2, semitonesAboveOpen: 4, letterSteps: [2], chromatic: false, keyed: stringsIn('violin', scale) };
}

function stringsIn(kind: 'violin' | 'cello', scale: string): KeyedStrings {
  const instrument = readInstrument({ kind });
  const key = parseKey(scale);
  assert.ok(instrument.ok && key.ok);
  return keyedStrings(instrument.value, key.value);
}

describe('what a hand has worked out before', () => {
  it('changes no answer: on the violin each key has its own home', () => {
    const [inD, inEFlat, inDAgain] = SCALES.map((scale) => {
      const [place] = handOf('violin')
        .placements(fSharpIn(scale))
        .filter(({ finger }) => finger === '2');
      return place?.anchor;
    });
    assert.equal(inD, 2);
    assert.equal(inEFlat, 1);
    assert.equal(inDAgain, inD);
  });

  it('is kept for as long as a key is in use, and asked for again is the same', () => {
    const note = fSharpIn('D major');
    assert.equal(handOf('violin').placements(note), handOf('violin').placements({ ...note }));
    assert.notEqual(handOf('violin').placements(note), handOf('violin').placements({ ...note, chromatic: true }));
  });

  it('is the same again after more notes than are kept', () => {
    const note = fSharpIn('D major');
    const first = handOf('violin').placements(note);
    for (let steps = 0; steps < 600; steps += 1) handOf('violin').placements({ ...note, letterSteps: [steps] });
    assert.notEqual(handOf('violin').placements(note), first);
    assert.deepEqual(handOf('violin').placements(note), first);
  });

  it('keeps apart the schools, and from where the thumb is set', () => {
    // B on the D string of the cello, a sixth above it.
    const note = { stringIndex: 1, semitonesAboveOpen: 9, letterSteps: [5], chromatic: false, keyed: stringsIn('cello', 'D major') };
    const withThumb = (school: 'neck' | 'thumb', thumbFrom: number): boolean =>
      handOf('cello', school, { thumbFrom, pivots: false })
        .placements(note)
        .some(({ finger }) => finger === 'T');
    assert.deepEqual(
      [withThumb('thumb', USUAL_THUMB), withThumb('thumb', 7), withThumb('neck', 7), withThumb('thumb', USUAL_THUMB)],
      [false, true, false, false],
    );
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { handOf, keyedStrings, type NoteOnString, USUAL_THUMB } from '#core/hand';
import { readInstrument } from '#core/instrument';
import { parseKey } from '#core/pitch';

const SCALES = ['D major', 'Eb major', 'D major'] as const;

/** F on the D string as a key of the violin has it: the letter two steps above the open string. */
function thirdLetterIn(scale: string): NoteOnString {
  const instrument = readInstrument({ kind: 'violin' });
  const key = parseKey(scale);
  assert.ok(instrument.ok && key.ok);
  return { stringIndex: 2, semitonesAboveOpen: 4, letterSteps: [2], chromatic: false, keyed: keyedStrings(instrument.value, key.value) };
}

describe('what a hand has worked out before', () => {
  it('changes no answer: on the violin each key has its own home', () => {
    const [inD, inEFlat, inDAgain] = SCALES.map((scale) => {
      const [place] = handOf('violin')
        .placements(thirdLetterIn(scale))
        .filter(({ finger }) => finger === '2');
      return place?.anchor;
    });
    assert.equal(inD, 2);
    assert.equal(inEFlat, 1);
    assert.equal(inDAgain, inD);
  });

  it('is kept for as long as a key is in use, and asked for again is the same', () => {
    const note = thirdLetterIn('D major');
    assert.equal(handOf('violin').placements(note), handOf('violin').placements({ ...note }));
    assert.notEqual(handOf('violin').placements(note), handOf('violin').placements({ ...note, chromatic: true }));
  });

  it('keeps apart the schools, and from where the thumb is set', () => {
    const note = { ...thirdLetterIn('D major'), stringIndex: 1, semitonesAboveOpen: 9 };
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

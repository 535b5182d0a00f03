import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { handOf } from '#core/hand/models';
import { openStop, type Placement } from '#core/hand/placement';
import { type Key, parseKey } from '#core/key';
import { fingering, lineBrief, planBest } from '../../support/briefs.ts';

function key(text: string): Key {
  const reading = parseKey(text);
  assert.ok(reading.ok);
  return reading.value;
}

function placement(anchor: number, letterPosition: number | null = null): Placement {
  const stop = { ...openStop(0), finger: '1', semitonesAboveOpen: anchor, soundsAboveOpen: anchor } as const;
  return {
    ...stop,
    anchor,
    raised: 0,
    firstFinger: anchor,
    shape: 'home',
    block: null,
    stance: letterPosition ?? anchor,
    letterPosition,
    upper: null,
    top: null,
    partner: null,
  };
}

const violinHand = handOf('violin');
const celloHand = handOf('cello');
const bassHand = handOf('bass');

describe('the hand', () => {
  it('of each instrument fingers the same line for its own reasons', () => {
    const line = ['D3', 'E3', 'F#3'];
    assert.equal(fingering(planBest(lineBrief('viola', line, {}, 'D major'))), 'C1 C2 C3', 'a finger for each letter');
    assert.equal(fingering(planBest(lineBrief('cello', line, {}, 'D major'))), 'D0 D1 D3', 'a finger for each semitone of the closed hand');
    assert.equal(
      fingering(
        planBest(
          lineBrief(
            'bass',
            line.map((pitch) => pitch.replace('3', '2')),
            {},
            'D major',
          ),
        ),
      ),
      'D0 D1 D4',
      'a hand that covers a tone',
    );
    assert.equal(
      fingering(
        planBest(
          lineBrief(
            'violin',
            line.map((pitch) => pitch.replace('3', '4')),
            {},
            'D major',
          ),
        ),
      ),
      'D0 D1 D2',
      'and the violin an octave above the viola has an open string',
    );
  });

  it('of violin and viola keeps one finger to a letter, sharp or flat', () => {
    const fingerOf = (pitch: string): string =>
      fingering(planBest(lineBrief('violin', [pitch], { limits: { positions: ['1'], strings: ['D4'], openStrings: 'none' } })));
    assert.deepEqual(['F4', 'F#4', 'G4', 'G#4'].map(fingerOf), ['D2', 'D2', 'D3', 'D3']);
  });

  it('of the cello’s neck follows the semitone', () => {
    const fingerOf = (pitch: string): string =>
      fingering(planBest(lineBrief('cello', [pitch], { limits: { positions: ['1'], strings: ['D3'] } })));
    assert.deepEqual(['E3', 'F3', 'F#3', 'G3'].map(fingerOf), ['D1', 'D2', 'D3', 'D4']);
  });

  it('of the bass takes a semitone from 1 to 2 and from 2 to 4', () => {
    const fingerOf = (pitch: string): string => fingering(planBest(lineBrief('bass', [pitch], { limits: { positions: ['I'] } })));
    assert.deepEqual(['E2', 'F2', 'F#2'].map(fingerOf), ['D1', 'D2', 'D4']);
  });
});

describe('a position', () => {
  it('of the violin is the letter under the first finger, high only where that has taken the hand up', () => {
    const name = (position: number, raised = 0) => violinHand.positionName({ ...placement(5, position), raised }, key('Ab major'));
    assert.deepEqual(
      [name(0), name(1), name(3), name(7)].map(({ label, alteration }) => [label, alteration]),
      [
        ['half', null],
        ['1', null],
        ['3', null],
        ['7', null],
      ],
    );
    assert.deepEqual(name(3, 1), { label: '3', alteration: null }, 'a fourth above the open string is plain third position');
    assert.deepEqual(violinHand.positionName({ ...placement(6, 3), raised: 1 }, key('Ab major')), { label: '3', alteration: 'high' });
  });

  it('of the cello between two is named by the key', () => {
    assert.deepEqual(celloHand.positionName(placement(6), key('E major')), { label: '3', alteration: null });
    assert.deepEqual(celloHand.positionName(placement(6), key('Ab major')), { label: '4', alteration: null });
    assert.deepEqual(celloHand.labelsOf(placement(6)), ['3', '4']);
  });

  it('of the bass goes by the semitone', () => {
    const names = Array.from({ length: 12 }, (_, index) => bassHand.positionName(placement(index + 1), key('C major')).label);
    assert.deepEqual(names, ['half', 'I', 'II', 'II-III', 'III', 'III-IV', 'IV', 'V', 'V-VI', 'VI', 'VI-VII', 'VII']);
  });

  it('of the bass takes 3 at the octave of a string, and 4 where the teacher wants it', () => {
    const top = (finger?: '4') =>
      fingering(
        planBest(
          lineBrief('bass', ['B2', 'C#3', 'D3'], { limits: { strings: ['D2'] }, ...(finger ? { locks: [{ note: 2, finger }] } : {}) }),
        ),
      ).slice(-2);
    assert.deepEqual([top(), top('4')], ['D3', 'D4']);
  });

  it('is first on the cello when the first finger only reaches back', () => {
    const [note] = planBest(lineBrief('cello', ['Eb3'], { limits: { positions: ['1'], strings: ['D3'] } })).notes;
    assert.ok(note?.kind === 'note');
    assert.deepEqual([note.stops[0].finger, note.shape, note.position.label, note.extended], ['1', 'reached-back', '1', true]);
  });

  it('is first on the violin for a low first finger on a raised open string’s letter', () => {
    const [note] = planBest(lineBrief('violin', ['G#3'], { limits: { positions: ['1'] } })).notes;
    assert.ok(note?.kind === 'note');
    assert.deepEqual([note.stops[0].finger, note.position.label, note.fingerPlace], ['1', '1', 'low']);
  });
});

describe('a finger', () => {
  it('is low or high against the plain place of its position', () => {
    const placeOf = (pitch: string, finger: '1' | '2' | '3' | '4') => {
      const [note] = planBest(
        lineBrief('violin', [pitch], { limits: { positions: ['1'], strings: ['A4'] }, locks: [{ note: 0, finger }] }),
      ).notes;
      return note?.kind === 'note' ? note.fingerPlace : null;
    };
    assert.deepEqual([placeOf('Bb4', '1'), placeOf('B4', '1'), placeOf('C5', '2'), placeOf('C#5', '2')], ['low', null, 'low', null]);
    assert.deepEqual([placeOf('D5', '3'), placeOf('D#5', '3'), placeOf('Eb5', '4'), placeOf('E5', '4')], [null, 'high', 'low', null]);
  });
});

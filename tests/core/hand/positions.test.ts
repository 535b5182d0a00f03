import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { handOf } from '#core/hand/models';
import type { Placement } from '#core/hand/placement';
import { keyedStrings } from '#core/hand';
import { readInstrument } from '#core/instrument';
import { type Key, parseKey, pitchInKey } from '#core/key';
import { stepsOf } from '#core/pitch';

/**
 * The place of the first finger on each string, the lowest first, in first to seventh position of each key: written down from the letters
 * and the key signature before any hand was asked. 0 is the nut, where no finger stands.
 */
const FIRST_FINGERS = {
  violin: {
    'Cb major, Ab minor': '1 1 1 0 | 3 2 2 2 | 4 4 4 4 | 6 6 6 6 | 8 8 7 7 | 9 9 9 9 | 11 11 11 11',
    'Gb major, Eb minor': '1 1 1 1 | 3 3 2 2 | 4 4 4 4 | 6 6 6 6 | 8 8 8 7 | 10 9 9 9 | 11 11 11 11',
    'Db major, Bb minor': '1 1 1 1 | 3 3 3 2 | 5 4 4 4 | 6 6 6 6 | 8 8 8 8 | 10 10 9 9 | 11 11 11 11',
    'Ab major, F minor': '1 1 1 1 | 3 3 3 3 | 5 5 4 4 | 6 6 6 6 | 8 8 8 8 | 10 10 10 9 | 12 11 11 11',
    'Eb major, C minor': '1 1 1 1 | 3 3 3 3 | 5 5 5 4 | 7 6 6 6 | 8 8 8 8 | 10 10 10 10 | 12 12 11 11',
    'Bb major, G minor': '2 1 1 1 | 3 3 3 3 | 5 5 5 5 | 7 7 6 6 | 8 8 8 8 | 10 10 10 10 | 12 12 12 11',
    'F major, D minor': '2 2 1 1 | 3 3 3 3 | 5 5 5 5 | 7 7 7 6 | 9 8 8 8 | 10 10 10 10 | 12 12 12 12',
    'C major, A minor': '2 2 2 1 | 4 3 3 3 | 5 5 5 5 | 7 7 7 7 | 9 9 8 8 | 10 10 10 10 | 12 12 12 12',
    'G major, E minor': '2 2 2 2 | 4 4 3 3 | 5 5 5 5 | 7 7 7 7 | 9 9 9 8 | 11 10 10 10 | 12 12 12 12',
    'D major, B minor': '2 2 2 2 | 4 4 4 3 | 6 5 5 5 | 7 7 7 7 | 9 9 9 9 | 11 11 10 10 | 12 12 12 12',
    'A major, F# minor': '2 2 2 2 | 4 4 4 4 | 6 6 5 5 | 7 7 7 7 | 9 9 9 9 | 11 11 11 10 | 13 12 12 12',
    'E major, C# minor': '2 2 2 2 | 4 4 4 4 | 6 6 6 5 | 8 7 7 7 | 9 9 9 9 | 11 11 11 11 | 13 13 12 12',
    'B major, G# minor': '3 2 2 2 | 4 4 4 4 | 6 6 6 6 | 8 8 7 7 | 9 9 9 9 | 11 11 11 11 | 13 13 13 12',
    'F# major, D# minor': '3 3 2 2 | 4 4 4 4 | 6 6 6 6 | 8 8 8 7 | 10 9 9 9 | 11 11 11 11 | 13 13 13 13',
    'C# major, A# minor': '3 3 3 2 | 5 4 4 4 | 6 6 6 6 | 8 8 8 8 | 10 10 9 9 | 11 11 11 11 | 13 13 13 13',
  },
  viola: {
    'Cb major, Ab minor': '1 1 1 1 | 3 3 2 2 | 4 4 4 4 | 6 6 6 6 | 8 8 8 7 | 10 9 9 9 | 11 11 11 11',
    'Gb major, Eb minor': '1 1 1 1 | 3 3 3 2 | 5 4 4 4 | 6 6 6 6 | 8 8 8 8 | 10 10 9 9 | 11 11 11 11',
    'Db major, Bb minor': '1 1 1 1 | 3 3 3 3 | 5 5 4 4 | 6 6 6 6 | 8 8 8 8 | 10 10 10 9 | 12 11 11 11',
    'Ab major, F minor': '1 1 1 1 | 3 3 3 3 | 5 5 5 4 | 7 6 6 6 | 8 8 8 8 | 10 10 10 10 | 12 12 11 11',
    'Eb major, C minor': '2 1 1 1 | 3 3 3 3 | 5 5 5 5 | 7 7 6 6 | 8 8 8 8 | 10 10 10 10 | 12 12 12 11',
    'Bb major, G minor': '2 2 1 1 | 3 3 3 3 | 5 5 5 5 | 7 7 7 6 | 9 8 8 8 | 10 10 10 10 | 12 12 12 12',
    'F major, D minor': '2 2 2 1 | 4 3 3 3 | 5 5 5 5 | 7 7 7 7 | 9 9 8 8 | 10 10 10 10 | 12 12 12 12',
    'C major, A minor': '2 2 2 2 | 4 4 3 3 | 5 5 5 5 | 7 7 7 7 | 9 9 9 8 | 11 10 10 10 | 12 12 12 12',
    'G major, E minor': '2 2 2 2 | 4 4 4 3 | 6 5 5 5 | 7 7 7 7 | 9 9 9 9 | 11 11 10 10 | 12 12 12 12',
    'D major, B minor': '2 2 2 2 | 4 4 4 4 | 6 6 5 5 | 7 7 7 7 | 9 9 9 9 | 11 11 11 10 | 13 12 12 12',
    'A major, F# minor': '2 2 2 2 | 4 4 4 4 | 6 6 6 5 | 8 7 7 7 | 9 9 9 9 | 11 11 11 11 | 13 13 12 12',
    'E major, C# minor': '3 2 2 2 | 4 4 4 4 | 6 6 6 6 | 8 8 7 7 | 9 9 9 9 | 11 11 11 11 | 13 13 13 12',
    'B major, G# minor': '3 3 2 2 | 4 4 4 4 | 6 6 6 6 | 8 8 8 7 | 10 9 9 9 | 11 11 11 11 | 13 13 13 13',
    'F# major, D# minor': '3 3 3 2 | 5 4 4 4 | 6 6 6 6 | 8 8 8 8 | 10 10 9 9 | 11 11 11 11 | 13 13 13 13',
    'C# major, A# minor': '3 3 3 3 | 5 5 4 4 | 6 6 6 6 | 8 8 8 8 | 10 10 10 9 | 12 11 11 11 | 13 13 13 13',
  },
} as const;

/** The names of positions of the cello by the place of the first finger, from the first semitone: between two letters the key decides. */
const CELLO_NAMES = {
  sharps: 'half 1 2 2 3 3 4 5 5 6 6 7 7 8 9 9 10',
  flats: 'half 1 2 3 3 4 4 5 6 6 7 7 8 8 9 10 10',
} as const;

/** The names of positions of the double bass, in every key. */
const BASS_NAMES = 'half I II II-III III III-IV IV V V-VI VI VI-VII VII';

const FLAT_KEYS = /^(C|G|D|A|E|B)b major|^F major|^(A|E|B)b minor|^(F|C|G|D) minor/;

function keysIn(names: string): readonly Key[] {
  return names.split(', ').map((name) => {
    const key = parseKey(name);
    assert.ok(key.ok, name);
    return key.value;
  });
}

/** Lists every placement of the notes of a key on a string, as a single note. */
function placementsOn(kind: 'violin' | 'viola' | 'cello' | 'bass', key: Key, stringIndex: number): readonly Placement[] {
  const reading = readInstrument({ kind });
  assert.ok(reading.ok);
  const string = reading.value.strings[stringIndex];
  assert.ok(string);
  const keyed = keyedStrings(reading.value, key);
  return Array.from({ length: 16 }, (_, above) => above + 1).flatMap((semitonesAboveOpen) => {
    const pitch = pitchInKey(string.semitones + semitonesAboveOpen, key);
    const letterSteps = [stepsOf(pitch) - stepsOf(string.open)];
    return handOf(kind).placements({ stringIndex, semitonesAboveOpen, letterSteps, chromatic: false, keyed });
  });
}

describe('a first finger stands where the key has its letter, string by string', () => {
  for (const kind of ['violin', 'viola'] as const) {
    for (const [names, row] of Object.entries(FIRST_FINGERS[kind])) {
      it(`on the ${kind} in ${names}`, () => {
        for (const key of keysIn(names)) {
          for (const [index, places] of row.split(' | ').entries()) {
            for (const [order, place] of places.split(' ').map(Number).entries()) {
              const found = placementsOn(kind, key, 3 - order).filter(({ letterPosition }) => letterPosition === index + 1);
              const first = found.find(({ finger, semitonesAboveOpen }) => finger === '1' && semitonesAboveOpen === place);
              if (place === 0) continue;
              assert.ok(first, `position ${index + 1}, string ${order}, ${place}`);
              assert.deepEqual(
                [first.shape, handOf(kind).positionName(first, key)],
                ['home', { label: String(index + 1), alteration: null }],
              );
              for (const other of found.filter(({ finger }) => finger !== '1')) {
                assert.equal(other.firstFinger, place, `the hand of finger ${other.finger} stands elsewhere`);
                assert.notEqual(other.shape, 'reached-back');
              }
            }
          }
        }
      });
    }
  }
});

describe('a position of the cello is named by the place of its first finger, open or closed', () => {
  for (const names of Object.keys(FIRST_FINGERS.violin)) {
    it(`in ${names}`, () => {
      for (const key of keysIn(names)) {
        const labels = CELLO_NAMES[FLAT_KEYS.test(names) ? 'flats' : 'sharps'].split(' ');
        for (const stringIndex of [0, 1, 2, 3]) {
          for (const placement of placementsOn('cello', key, stringIndex)) {
            // An open hand from half position, or one with the first finger reaching back from first, lies in first all the same.
            const reachesToHalf = placement.shape === 'reached-back' && placement.firstFinger === 1;
            const label = reachesToHalf ? '1' : labels[placement.firstFinger - 1];
            assert.deepEqual(handOf('cello').positionName(placement, key), { label, alteration: null });
          }
        }
      }
    });
  }

  it('and one of the double bass by its semitone', () => {
    const key = keysIn('C major')[0];
    assert.ok(key);
    const labels = BASS_NAMES.split(' ');
    for (const placement of placementsOn('bass', key, 0)) {
      assert.deepEqual(handOf('bass').positionName(placement, key), { label: labels[placement.firstFinger - 1], alteration: null });
    }
  });
});

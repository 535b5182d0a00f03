import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { readMaterial } from '#core/brief/parts/materials';
import { engravingOf } from '#core/notation';
import { BOW_PATTERNS, LENGTH_PATTERNS, namesOf, type Rhythm } from '#core/rhythm';
import { formatFraction } from '#core/fraction';
import type { Line } from '#core/material/line';

function scaleIn(rhythm: Rhythm): Line {
  const line = readMaterial({ kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up' }, { noteValue: '1/8', ...rhythm });
  assert.ok(line.ok, JSON.stringify(line));
  return line.value;
}

function lengthsOf({ notes }: Line): readonly string[] {
  return notes.map(({ duration }) => formatFraction(duration));
}

/** Writes bows: "o-o o o", a dash where the bow goes on. */
function bowsOf({ notes }: Line): string {
  return notes
    .map((note) => `o${note.kind === 'note' && note.slurredToNext ? '-' : ' '}`)
    .join('')
    .trim();
}

describe('variants of a line', () => {
  it('change lengths by turns and nothing of what the left hand does; the last note fills its measure', () => {
    const [even, dotted] = [scaleIn({}), scaleIn({ lengths: ['3/2', '1/2'] })];
    assert.deepEqual(
      dotted.notes.map((note) => note.kind === 'note' && note.pitch),
      even.notes.map((note) => note.kind === 'note' && note.pitch),
    );
    assert.deepEqual(lengthsOf(dotted).slice(0, 5), ['3/16', '1/16', '3/16', '1/16', '3/16']);
    assert.equal(lengthsOf(dotted).at(-1), '1/4');
  });

  it('can all be written down, in every meter, with and without a pick-up', () => {
    for (const name of namesOf(LENGTH_PATTERNS)) {
      for (const meter of ['4/4', '3/4', '6/8'] as const) {
        for (const pickUp of [undefined, '1/8', '1/4']) {
          const rhythm: Rhythm = { lengths: [...LENGTH_PATTERNS[name]], meter, ...(pickUp ? { pickUp } : {}) };
          const { measures } = engravingOf('violin', scaleIn(LENGTH_PATTERNS[name].length === 0 ? { meter } : rhythm));
          assert.ok(
            measures.every(({ symbols }) => symbols.length > 0),
            `${name} in ${meter}`,
          );
        }
      }
    }
  });

  it('bow in turn what is slurred and what is separate', () => {
    assert.equal(bowsOf(scaleIn({ bows: [2, 1, 1] })), 'o-o o o o-o o o o-o o o o-o o');
    assert.equal(bowsOf(scaleIn({ bows: [1, 3] })), 'o o-o-o o o-o-o o o-o-o o o-o');
    for (const name of namesOf(BOW_PATTERNS)) assert.match(bowsOf(scaleIn({ bows: [...BOW_PATTERNS[name]] })), /-/);
  });

  it('put an accent on one note of so many', () => {
    const accented = scaleIn({ accents: { every: 3, on: 2 } }).notes.flatMap((note, index) =>
      note.kind === 'note' && note.accent ? [index] : [],
    );
    assert.deepEqual(accented, [1, 4, 7, 10, 13]);
  });

  it('begin before the first bar line, in a measure that is not counted', () => {
    const line = scaleIn({ pickUp: '1/4' });
    const { measures, pickUp } = engravingOf('violin', line);
    assert.ok(pickUp);
    assert.deepEqual(
      measures.map(({ symbols }) => symbols.length),
      [2, 8, 5],
    );
    assert.equal(formatFraction(line.notes[0]?.onset ?? { numerator: 0, denominator: 1 }), '3/4');
    assert.ok(!engravingOf('violin', scaleIn({ pickUp: '1/1' })).pickUp, 'a pick-up that fills a measure is none');
  });

  it('leave rests and small notes of a line of one’s own as they are, and begin again after a rest', () => {
    const notes = [
      { pitches: ['G3'], duration: '1/8', slur: true },
      { pitches: ['A3'], duration: '1/8' },
      { rest: true as const, duration: '1/4' },
      { pitches: ['B3'], duration: '1/8', grace: true as const },
      { pitches: ['C4'], duration: '1/8' },
      { pitches: ['D4'], duration: '1/8', accent: true as const },
      { pitches: ['E4'], duration: '1/8' },
    ];
    const own = (rhythm: Rhythm): Line => {
      const line = readMaterial({ kind: 'line', notes }, rhythm);
      assert.ok(line.ok);
      return line.value;
    };
    assert.deepEqual(lengthsOf(own({ lengths: ['3/2', '1/2'] })), ['3/16', '1/16', '1/4', '1/8', '3/16', '1/16', '3/16']);
    assert.equal(bowsOf(own({})), 'o-o o o o o o');
    assert.equal(bowsOf(own({ bows: [2] })), 'o-o o o o-o o');
    assert.ok(own({}).notes.some((note) => note.kind === 'note' && note.accent));
  });
});

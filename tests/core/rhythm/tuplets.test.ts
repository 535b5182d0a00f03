import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { engravingOf } from '#core/notation';
import { parseLineText, readTypedLine } from '#core/material/typed';
import { addFractions, asNumber, formatFraction, fraction, type Fraction, ZERO } from '#core/fraction';
import { isPlain, writeFrom, writtenLengths } from '#core/rhythm';

/** Writes a note value: "8 3:2" is the head, its dots and its tuplet. */
function inWords(values: ReturnType<typeof writtenLengths>): readonly string[] | null {
  return (
    values?.map(
      ({ denominator, dots, tuplet }) => `${denominator}${'.'.repeat(dots)}${tuplet === null ? '' : ` ${tuplet.notes}:${tuplet.inTimeOf}`}`,
    ) ?? null
  );
}

function lineOf(text: string) {
  const notes = parseLineText(text, '1/4', 0);
  assert.ok(notes.ok);
  const line = readTypedLine({ notes: notes.value, key: 'G major' }, {});
  assert.ok(line.ok, JSON.stringify(line));
  return line.value;
}

describe('lengths of tuplets', () => {
  it('are written as the value they take the place of', () => {
    assert.deepEqual(inWords(writtenLengths(fraction(1, 12))), ['8 3:2']);
    assert.deepEqual(inWords(writtenLengths(fraction(1, 6))), ['4 3:2']);
    assert.deepEqual(inWords(writtenLengths(fraction(1, 8))), ['8']);
    assert.deepEqual(inWords(writtenLengths(fraction(1, 20))), ['16 5:4']);
    assert.deepEqual(inWords(writtenLengths(fraction(1, 28))), ['16 7:4']);
    assert.equal(writtenLengths(fraction(1, 11)), null);
    assert.equal(writtenLengths(fraction(1, 15)), null);
  });

  it('fill the tuplet they begin in before they go on', () => {
    assert.deepEqual(inWords(writeFrom(fraction(2, 12), fraction(5, 6))), ['8 3:2', '2.']);
    assert.deepEqual(inWords(writeFrom(fraction(1, 12), fraction(1, 4))), ['4 3:2', '8 3:2']);
    assert.deepEqual(inWords(writeFrom(ZERO, fraction(1, 4))), ['4']);
    assert.deepEqual(inWords(writeFrom(ZERO, fraction(7, 12))), ['2', '8 3:2']);
  });

  it('add up to what was asked, wherever it begins', () => {
    const lengths = fc.constantFrom('1/12', '1/6', '1/24', '1/4', '1/8', '3/8', '1/3').map((text): Fraction => {
      const [numerator = 0, denominator = 1] = text.split('/').map(Number);
      return fraction(numerator, denominator);
    });
    fc.assert(
      fc.property(fc.array(lengths, { minLength: 1, maxLength: 12 }), (all) => {
        let onset: Fraction = ZERO;
        let start: Fraction = ZERO;
        for (const length of all) {
          if (isPlain(onset)) start = onset;
          const values = writeFrom(onset, length, start);
          assert.ok(values, `${formatFraction(length)} at ${formatFraction(onset)}`);
          assert.equal(formatFraction(values.map((value) => value.length).reduce(addFractions, ZERO)), formatFraction(length));
          onset = addFractions(onset, length);
        }
      }),
    );
  });
});

describe('tuplets of a line', () => {
  it('are typed with a t, or as the fraction they are', () => {
    assert.deepEqual(lineOf('G3:1/8t A3 B3').notes, lineOf('G3:1/12 A3 B3').notes);
  });

  it('are grouped to where they add up to plain time', () => {
    const line = lineOf('G3:1/8t A3 B3 C4:1/4t D4:1/8t E4:1/4 r:1/8t F#4 G4 A4:1/4');
    const [measure] = engravingOf('violin', line).measures;
    assert.deepEqual(
      measure?.symbols.map(({ tuplet }) => tuplet),
      ['begins', 'continues', 'ends', 'begins', 'ends', null, 'begins', 'continues', 'ends'],
    );
    const length = measure.symbols.reduce((sum, { value }) => sum + asNumber(value.length), 0);
    assert.ok(Math.abs(length - 1) < 1e-9);
  });

  it('may begin off the beat', () => {
    const [measure] = engravingOf('violin', lineOf('G3:1/16 A3:1/8t B3 C4 D4:3/16 E4:1/8 F#4:1/8t G4 A4')).measures;
    assert.deepEqual(
      measure?.symbols.map(({ tuplet }) => tuplet),
      [null, 'begins', 'continues', 'ends', null, null, 'begins', 'continues', 'ends'],
    );
  });

  it('go over a bar line tied, and a quintuplet ends with its fifth note', () => {
    const { measures } = engravingOf('violin', lineOf('G3:3/4 A3:1/20 B3 C4 D4 E4:3/10 G4:1/4'));
    assert.deepEqual(
      measures[0]?.symbols.map(({ tuplet }) => tuplet),
      [null, 'begins', 'continues', 'continues', 'continues', 'ends'],
    );
    const over = measures[1]?.symbols[0];
    assert.ok(over?.kind === 'note' && over.tiedFromBefore && over.tuplet === null);
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { INSTRUMENT_KINDS, readInstrument, SIZES } from '#core/instrument';
import { mmFromNut, mmPerTenCents, semitonesAtMm } from '#core/instrument/geometry';

/** The places on a violin string of 328 mm, mm from the nut, calculated by hand from 2^(−n/12) to a tenth. */
const VIOLIN_328 = [0, 18.4, 35.8, 52.2, 67.7, 82.3, 96.1, 109.1, 121.4, 133.0, 143.9, 154.3, 164.0];

describe('the string', () => {
  it('has its places where the table calculated by hand has them', () => {
    for (const [semitones, mm] of VIOLIN_328.entries())
      assert.ok(Math.abs(mmFromNut(328, semitones) - mm) < 0.06, `${semitones}: ${mmFromNut(328, semitones)}`);
  });

  it('is halved by the octave', () => {
    assert.equal(mmFromNut(690, 12), 345);
  });

  it('has places that rise and close up towards the bridge', () => {
    for (let semitones = 1; semitones < 30; semitones += 1) {
      const below = mmFromNut(328, semitones) - mmFromNut(328, semitones - 1);
      const above = mmFromNut(328, semitones + 1) - mmFromNut(328, semitones);
      assert.ok(below > above && above > 0);
    }
  });

  it('gives back the semitone of a place', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 30, noNaN: true }),
        (semitones) => Math.abs(semitonesAtMm(328, mmFromNut(328, semitones)) - semitones) < 1e-9,
      ),
    );
  });

  it('makes ten cents 1.9 mm at the violin’s nut and half of that an octave up', () => {
    assert.ok(Math.abs(mmPerTenCents(328, 0) - 1.895) < 0.001);
    assert.ok(Math.abs(mmPerTenCents(328, 12) - 0.947) < 0.001);
  });
});

describe('an instrument', () => {
  it('comes in every size of the table', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (const { size, stringLengthMm } of SIZES[kind]) {
        const reading = readInstrument({ kind, size });
        assert.ok(reading.ok);
        assert.equal(reading.value.stringLengthMm, stringLengthMm);
      }
    }
  });

  it('takes a measured string before the table', () => {
    const reading = readInstrument({ kind: 'cello', size: '3/4', stringLengthMm: 612 });
    assert.ok(reading.ok && reading.value.stringLengthMm === 612);
  });

  it('is a three-quarter when a double bass has no size', () => {
    const reading = readInstrument({ kind: 'bass' });
    assert.ok(reading.ok && reading.value.size === '3/4');
  });

  it('is refused in a size nobody makes, and the sizes there are are named', () => {
    const reading = readInstrument({ kind: 'violin', size: '5/4' });
    assert.ok(!reading.ok);
    assert.match(reading.issues[0]?.message ?? '', /no violin of size 5\/4/);
    assert.match(reading.issues[0]?.hint ?? '', /4\/4.*1\/32/);
  });

  it('is refused with strings out of order', () => {
    const reading = readInstrument({ kind: 'violin', tuning: ['E5', 'A4', 'B4', 'G3'] });
    assert.ok(!reading.ok);
    assert.match(reading.issues[0]?.message ?? '', /B4 is not lower than the string A4/);
  });
});

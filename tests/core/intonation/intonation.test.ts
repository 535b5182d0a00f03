import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { type Instrument, INSTRUMENT_KINDS, type InstrumentKind, readInstrument } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import {
  beatsHz,
  centsFromEqual,
  centsOfMm,
  centsOfRatio,
  type IntonationSystem,
  LEADING_CENTS,
  mmOfCents,
  openStringCents,
  openStringHz,
  pureRatio,
  targetOn,
  tuningSteps,
} from '#core/intonation';
import { beatsOff, checksOf, commaConflicts, otherOctave, ringStrength } from '#core/intonation/checks';
import { frequencyHz, parsePitch, type Pitch, semitonesOf } from '#core/pitch';
import { anyPitch } from '../../support/briefs.ts';

const near = (actual: number, expected: number, within: number): void =>
  assert.ok(Math.abs(actual - expected) <= within, `${actual} is not within ${within} of ${expected}`);

describe('places on a string', () => {
  /** The places on a string of 1000 mm, mm from the nut, calculated by hand from the twelfth root of two, 1.0594631. */
  const BY_HAND = [0, 56.126, 109.101, 159.104, 206.299, 250.846, 292.893, 332.58, 370.039, 405.396, 438.769, 470.268, 500];

  it('lie where the table worked out by hand has them', () => {
    BY_HAND.forEach((mm, semitones) => near(mmFromNut(1000, semitones), mm, 0.001));
  });

  it('give the frames that the measures of the instruments are told by', () => {
    const frame = (length: number, from: number, to: number): number => mmFromNut(length, to) - mmFromNut(length, from);
    const told: readonly (readonly [number, number, number, number])[] = [
      [328, 2, 7, 73],
      [328, 1, 7, 91],
      [328, 2, 8, 86],
      [690, 2, 5, 98],
      [690, 1, 5, 134],
      [690, 2, 6, 127],
      [1050, 2, 4, 102],
      [1050, 2, 5, 149],
    ];
    for (const [length, from, to, mm] of told) near(frame(length, from, to), mm, 0.6);
  });

  it('turn cents into mm and back', () => {
    const lengths = fc.integer({ min: 180, max: 1110 });
    fc.assert(
      fc.property(lengths, fc.integer({ min: 0, max: 24 }), fc.integer({ min: -50, max: 50 }), (length, place, cents) => {
        near(centsOfMm(length, place, mmOfCents(length, place, cents)), cents, 1e-6);
      }),
      { seed: 31 },
    );
    near(mmOfCents(328, 0, 1), 0.189, 0.001);
    near(mmOfCents(328, 12, 1), 0.0947, 0.001);
  });
});

describe('tuning systems', () => {
  /** The pure intervals over the tonic as fractions, with their names in C. */
  const FRACTIONS: Readonly<Record<string, readonly [number, number]>> = {
    C4: [1, 1],
    Db4: [16, 15],
    D4: [9, 8],
    Eb4: [6, 5],
    E4: [5, 4],
    F4: [4, 3],
    'F#4': [45, 32],
    Gb4: [64, 45],
    G4: [3, 2],
    'G#4': [25, 16],
    Ab4: [8, 5],
    A4: [5, 3],
    Bb4: [16, 9],
    B4: [15, 8],
    'C#4': [25, 24],
  };

  it('pure: every degree has its fraction to the tonic', () => {
    const tonic = pitch('C4');
    const fromTonic = (name: string): number =>
      100 * (semitonesOf(pitch(name)) - semitonesOf(tonic)) + cents(name, 'pure', 'C4') - cents('C4', 'pure', 'C4');
    for (const [name, [p, q]] of Object.entries(FRACTIONS)) near(fromTonic(name), 1200 * Math.log2(p / q), 1e-9);
  });

  it('pure: the tonic stands on the chain of fifths, whatever the key', () => {
    for (const name of ['C4', 'Eb4', 'F#4', 'A4']) near(cents(name, 'pure', name), cents(name, 'linear', name), 1e-9);
  });

  it('linear: fifths are 3 : 2 through A, and D♯ lies a Pythagorean comma above E♭', () => {
    const hz = (name: string): number => frequencyHz(pitch(name), 440) * 2 ** (cents(name, 'linear', 'A4') / 1200);
    near(hz('E5') / hz('A4'), 3 / 2, 1e-12);
    near(hz('A4') / hz('D4'), 3 / 2, 1e-12);
    near(hz('C#5') / hz('A4'), 81 / 64, 1e-12);
    near(hz('D#4') / hz('Eb4'), 531_441 / 524_288, 1e-12);
  });

  it('quarter-comma: major thirds are 5 : 4 and fifths 5.4 cents narrow', () => {
    const size = (low: string, high: string): number =>
      100 * (semitonesOf(pitch(high)) - semitonesOf(pitch(low))) + cents(high, 'quarter-comma', 'C4') - cents(low, 'quarter-comma', 'C4');
    near(size('C4', 'E4'), 1200 * Math.log2(5 / 4), 1e-9);
    near(size('D4', 'A4'), 701.955 - 5.377, 0.001);
  });

  it('melodic: only the leading note is raised, by the chosen amount, in minor too', () => {
    for (const [tonic, leading] of [
      ['G3', 'F#4'],
      ['D4', 'C#5'],
      ['Eb4', 'D5'],
    ] as const) {
      near(cents(leading, 'melodic', tonic) - cents(leading, 'linear', tonic), LEADING_CENTS.usual, 1e-9);
      near(cents('C4', 'melodic', tonic), cents('C4', 'linear', tonic), 1e-9);
    }
  });

  it('equal: nothing differs', () => {
    fc.assert(
      fc.property(anyPitch, (any) => centsFromEqual(any, { system: 'equal', tonic: any, leadingCents: 8 }) === 0),
      { seed: 32 },
    );
  });

  it('gives each target in Hz and in mm from the nut and from the equal spot', () => {
    const violin = instrument('violin');
    const target = targetOn(violin, 1, pitch('B4'), { system: 'linear', tonic: pitch('G3'), leadingCents: 8 });
    near(target.hz, (440 * 9) / 8, 1e-9);
    near(target.mmFromNut, 328 * (1 - 8 / 9), 1e-9);
    near(target.mmFromEqual, mmOfCents(328, 2, target.cents), 1e-9);
    const low = targetOn(instrument('violin', { a4Hz: 415 }), 1, pitch('B4'), { system: 'equal', tonic: pitch('G3'), leadingCents: 8 });
    near(low.hz, 415 * 2 ** (2 / 12), 1e-9);
    near(low.mmFromNut, mmFromNut(328, 2), 1e-9);
  });

  it('stands nearer the nut by what pressing adds', () => {
    const spec = { kind: 'bass', pressingMm: [0, 0, 3] } as const;
    const equal = { system: 'equal', tonic: pitch('E1'), leadingCents: 8 } as const;
    const pressed = targetOn(instrument('bass', spec), 2, pitch('B1'), equal).mmFromNut;
    near(targetOn(instrument('bass'), 2, pitch('B1'), equal).mmFromNut - pressed, 3, 1e-9);
  });
});

describe('open strings', () => {
  it('in pure fifths lie off equal by the excess of each fifth from the A', () => {
    const violin = instrument('violin');
    const viola = instrument('viola');
    assert.deepEqual(
      violin.strings.map(({ open }) => openStringCents(violin, open).toFixed(1)),
      ['2.0', '0.0', '-2.0', '-3.9'],
    );
    assert.equal(openStringCents(viola, pitch('C3')).toFixed(1), '-5.9');
    const bass = instrument('bass');
    const [g, d, a, e] = bass.strings.map((string) => openStringHz(bass, string));
    near((g ?? 0) / (d ?? 1), 4 / 3, 1e-12);
    near((a ?? 0) / (e ?? 1), 4 / 3, 1e-12);
    near(a ?? 0, 55, 1e-12);
  });

  it('tuned equal lie where equal temperament has them', () => {
    const violin = instrument('violin', { openTuning: 'equal' });
    for (const string of violin.strings) near(openStringHz(violin, string), frequencyHz(string.open, 440), 1e-9);
  });

  it('are tuned from the A outward, with the beats that are right', () => {
    const names = (kind: InstrumentKind, more = {}): readonly string[] => {
      const made = instrument(kind, more);
      return tuningSteps(made).map((step) => made.strings[step.stringIndex]?.name ?? '');
    };
    assert.deepEqual(names('violin'), ['A4', 'D4', 'G3', 'E5']);
    assert.deepEqual(names('cello'), ['A3', 'D3', 'G2', 'C2']);
    assert.deepEqual(names('bass'), ['A1', 'E1', 'D2', 'G2']);
    for (const step of tuningSteps(instrument('viola'))) near(step.beatsWhenRight, 0, 1e-9);
    const equal = instrument('violin', { openTuning: 'equal' });
    const e = tuningSteps(equal).find((step) => step.stringIndex === 0);
    near(e?.beatsWhenRight ?? 0, Math.abs(2 * 659.2551 - 3 * 440), 0.001);
  });

  it('of the double bass are matched by the third and fourth partial', () => {
    const bass = instrument('bass');
    for (const { harmonics, stringIndex, against } of tuningSteps(bass).slice(1)) {
      assert.ok(harmonics && against !== null);
      const [own, other] = [bass.strings[stringIndex], bass.strings[against]].map((string) => (string ? openStringHz(bass, string) : 0));
      near((own ?? 0) * harmonics.ownPartial, (other ?? 1) * harmonics.againstPartial, 1e-9);
      // The node of the third partial lies at a third of the string, that of the fourth at a quarter.
      near(harmonics.ownMm, 1050 / harmonics.ownPartial, 1e-9);
    }
  });
});

describe('beats', () => {
  it('are |q·f1 − p·f2|, whichever is named first', () => {
    near(beatsHz({ p: 3, q: 2 }, 660, 440), 0, 1e-12);
    near(beatsHz({ p: 3, q: 2 }, 662, 440), 4, 1e-12);
    near(beatsHz({ p: 3, q: 2 }, 440, 662), 4, 1e-12);
    near(beatsHz({ p: 5, q: 4 }, 550, 441), 5, 1e-12);
  });

  it('of a note ten cents from an open string at the unison are its own difference in Hz', () => {
    const violin = instrument('violin');
    const note = { stringIndex: 2, pitch: pitch('A4') };
    const [unison] = checksOf(violin, note);
    assert.equal(unison?.kind, 'unison');
    near(beatsOff(violin, note, unison, 10) ?? 0, 440 * (2 ** (10 / 1200) - 1), 1e-9);
    near(beatsOff(violin, note, unison, 0) ?? 1, 0, 1e-9);
  });
});

describe('checks', () => {
  const checks = (kind: InstrumentKind, stringIndex: number, name: string): string =>
    checksOf(instrument(kind), { stringIndex, pitch: pitch(name) })
      .map((check) => `${check.kind} ${check.open} ${check.sounded === 'together' ? 'together' : 'after'}`)
      .join('; ');

  it('come strongest first, each with how it is sounded', () => {
    assert.equal(checks('violin', 1, 'D5'), 'octave D4 together; harmonic D4 after; harmonic G3 after');
    assert.equal(checks('violin', 1, 'E5'), 'unison E5 together');
    assert.equal(checks('violin', 1, 'B4'), 'fifth-or-fourth E5 together; third-or-sixth D4 together');
    assert.equal(checks('violin', 0, 'A5'), 'octave A4 together; harmonic A4 after; harmonic D4 after');
    assert.equal(
      checks('violin', 1, 'A5'),
      'harmonic A4 after; harmonic D4 after; fifth-or-fourth E5 together; fifth-or-fourth D4 together; lower-place E5 after',
    );
    assert.equal(checks('cello', 0, 'D4'), 'octave D3 together; harmonic D3 after; harmonic G2 after');
    assert.equal(checks('bass', 0, 'A2'), 'octave A1 after; harmonic A1 after; fifth-or-fourth D2 together');
  });

  it('are none where nothing tells: third finger on the lowest string', () => {
    assert.equal(checks('violin', 3, 'C4'), '');
    assert.equal(checks('viola', 3, 'F3'), '');
    const substitute = otherOctave(instrument('violin'), pitch('C4'));
    assert.equal(substitute?.open, 'A4');
    assert.equal(substitute?.place?.semitonesAboveOpen, 3);
  });

  it('are named by spelling: A♭ is no sixth of the open E where G♯ is', () => {
    assert.match(checks('violin', 1, 'C#5'), /third-or-sixth E5/);
    assert.doesNotMatch(checks('violin', 1, 'Db5'), /E5/);
  });

  it('hold both ways: the ratio of two pitches does not depend on which is asked first', () => {
    fc.assert(
      fc.property(anyPitch, anyPitch, (one, other) => assert.deepEqual(pureRatio(one, other), pureRatio(other, one))),
      { seed: 33, numRuns: 2000 },
    );
  });

  it('ask for a place at which no beat is left', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const made = instrument(kind);
      made.strings.forEach((string, stringIndex) => {
        for (let semitones = 1; semitones <= 24; semitones += 1) {
          const note = { stringIndex, pitch: plainPitch(string.semitones + semitones) };
          for (const check of checksOf(made, note)) near(beatsOff(made, note, check, 0) ?? 0, 0, 1e-6);
        }
      });
    }
  });

  it('mark as ringing what an open string answers', () => {
    const ring = (stringIndex: number, name: string): number => ringStrength(instrument('violin'), { stringIndex, pitch: pitch(name) });
    near(ring(1, 'D5'), 1 + 2 / 3, 1e-9);
    assert.ok(ring(2, 'G4') >= 1 && ring(3, 'A3') >= 1);
    assert.equal(ring(1, 'C#5') < 1, true);
    near(ring(3, 'C4'), 2 / (5 * 2) + 2 / (5 * 3), 1e-9);
  });

  it('find the comma between open E and open D at first-position B, and where both places lie', () => {
    const [conflict, ...others] = commaConflicts(instrument('violin'), { stringIndex: 1, pitch: pitch('B4') });
    assert.equal(others.length, 0);
    assert.ok(conflict);
    assert.deepEqual([conflict.one.open, conflict.other.open], ['D4', 'E5']);
    near(conflict.cents, centsOfRatio({ p: 81, q: 80 }), 1e-9);
    near(conflict.mm, 328 * (3 / 5) * (3 / 2) - 328 * (8 / 9), 0.01);
  });
});

function instrument(kind: InstrumentKind, more = {}): Instrument {
  const made = readInstrument({ kind, ...more });
  assert.ok(made.ok, made.ok ? '' : made.issues[0]?.message);
  return made.value;
}

function pitch(name: string): Pitch {
  const read = parsePitch(name);
  assert.ok(read.ok);
  return read.value;
}

function cents(name: string, system: IntonationSystem, tonic: string): number {
  return centsFromEqual(pitch(name), { system, tonic: pitch(tonic), leadingCents: LEADING_CENTS.usual });
}

/** Makes a pitch a number of semitones above C0, with sharps. */
function plainPitch(semitones: number): Pitch {
  const name = ['C', 'C#', 'D', 'D#', 'E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B'][semitones % 12] ?? 'C';
  return pitch(`${name}${Math.floor(semitones / 12)}`);
}

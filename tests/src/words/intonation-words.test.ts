import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { checkpointsOf, instrumentOf, intonationOf, intonedStops, pairOf } from '#core/fit/intoned';
import { type Instrument, INSTRUMENT_KINDS, type InstrumentSpec, readInstrument } from '#core/instrument';
import { type Check, checksOf, commaConflicts } from '#core/intonation/checks';
import { openStringHz, SYSTEMS, tuningSteps } from '#core/intonation';
import { parsePitch, type Pitch } from '#core/pitch';
import type { Plan, PlannedSound } from '#core/plan/describe';
import {
  centsDerivation,
  contactDerivation,
  placeDerivation,
  reachDerivation,
  ringingDerivation,
  roomDerivation,
  soundingDerivation,
  targetPlaceDerivation,
  tenCentsDerivation,
  travelDerivation,
} from '../../../src/words/explain/derivations.ts';
import {
  centsText,
  checkAgainstTarget,
  checkpointText,
  checkText,
  conflictText,
  pairText,
  ratioName,
  signedMmText,
  soundedText,
  SYSTEM_LABELS,
  systemReason,
} from '../../../src/words/intonation/intonation.ts';
import { NUMBER_ORIGINS } from '../../../src/words/numbers.ts';
import { deviationText, harmonicsText, stepText } from '../../../src/words/intonation/tuner.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';

function instrument(spec: InstrumentSpec): Instrument {
  const read = readInstrument(spec);
  assert.ok(read.ok);
  return read.value;
}

function pitch(text: string): Pitch {
  const read = parsePitch(text);
  assert.ok(read.ok);
  return read.value;
}

function checks(stringIndex: number, note: string): readonly Check[] {
  return checksOf(instrument({ kind: 'violin' }), { stringIndex, pitch: pitch(note) });
}

describe('numbers in words', () => {
  it('carry sign and unit, and zero has no sign', () => {
    assert.deepEqual([1.96, -13.66, 0.04, -0.04].map(centsText), ['+2.0 cents', '−13.7 cents', '0 cents', '0 cents']);
    assert.deepEqual([0.42, -1.26, 0.01].map(signedMmText), ['+0.4 mm', '−1.3 mm', '0 mm']);
  });

  it('tell a string’s deviation, and when it is near enough', () => {
    assert.deepEqual([12.34, -7, 1.9, -2].map(deviationText), [
      '12.3 cents sharp',
      '7.0 cents flat',
      'in tune (+1.9 cents)',
      'in tune (−2.0 cents)',
    ]);
  });

  it('have an origin each, told once', () => {
    const names = NUMBER_ORIGINS.map(([name]) => name);
    assert.equal(new Set(names).size, names.length);
    for (const [, origin] of NUMBER_ORIGINS) assert.match(origin, /\.$/);
  });
});

describe('a system of intonation', () => {
  it('has a name and a reason that names the tonic where it leans on it', () => {
    assert.equal(new Set(Object.values(SYSTEM_LABELS)).size, SYSTEMS.length);
    const reason = (system: (typeof SYSTEMS)[number]): string => systemReason({ system, tonic: pitch('Eb4'), leadingCents: 12 });
    assert.match(reason('pure'), /tonic E♭/);
    assert.match(reason('melodic'), /leading note to E♭ raised by 12 cents/);
    assert.equal(new Set(SYSTEMS.map(reason)).size, SYSTEMS.length);
  });
});

describe('a check in words', () => {
  it('names the interval by its ratio', () => {
    assert.equal(ratioName({ p: 3, q: 2 }), 'fifth');
    assert.equal(ratioName({ p: 5, q: 2 }), 'major tenth');
    assert.equal(ratioName({ p: 7, q: 4 }), '7 : 4');
  });

  it('tells the strongest first: E5 on the A string against open E', () => {
    const [strongest] = checks(1, 'E5');
    assert.equal(strongest && `${checkText(strongest)}, ${soundedText(strongest)}`, 'unison with open E, bowed together');
  });

  it('tells a harmonic by where it is touched, and a lower place by string and mm', () => {
    const harmonic = checks(2, 'D5').find((check) => check.kind === 'harmonic');
    assert.equal(harmonic && checkText(harmonic), 'the same pitch as the harmonic on D, touched 164 mm from the nut');
    const lower = checks(2, 'C5').find((check) => check.kind === 'lower-place');
    assert.equal(lower && checkText(lower), 'the same note lower, on A at 52 mm');
  });

  it('tells how far it asks from the target', () => {
    const [third] = checks(2, 'F#4').filter((check) => check.kind === 'third-or-sixth');
    assert.ok(third);
    assert.match(checkAgainstTarget(third, 0), /^pure \d+\.\d cents (above|below) the target$/);
    assert.equal(checkAgainstTarget(third, third.pureCents ?? 0), 'agrees with the target');
    assert.equal(checkAgainstTarget({ ...third, pureCents: null }, 0), 'as right as the ear');
  });

  it('tells the comma of first-position B between open E and open D', () => {
    const [conflict] = commaConflicts(instrument({ kind: 'violin' }), { stringIndex: 1, pitch: pitch('B4') });
    assert.ok(conflict);
    assert.match(conflictText(conflict), /open [ED] \(\w+.*\) lies 21\.5 cents, 3\.6 mm, higher than the one for open [ED]/);
  });
});

describe('a checkpoint in words', () => {
  const plan = planBest({
    instrument: { kind: 'violin' },
    material: { kind: 'scale', type: 'major', tonic: 'Ab3', octaves: 3, direction: 'up-down' },
  });

  it('says what tells, or what to find first', () => {
    for (const checkpoint of checkpointsOf(plan)) {
      const words = checkpointText(checkpoint);
      if (checkpoint.substitute) assert.match(words, /^find .* first, then this$/);
      else assert.match(words, /(bowed together|one after the other)$/);
    }
  });

  it('says plainly when there is nothing', () => {
    assert.equal(checkpointText({ note: 0, why: 'arrival', pair: null, check: null, substitute: null }), 'nothing to check it against');
  });
});

describe('a double stop in words', () => {
  it('is told as a pair: how it beats where it aims, and where it is pure', () => {
    const describeChord = (pitches: string[], system: 'linear' | 'pure' = 'linear'): string => {
      const notes = [{ pitches, duration: '1/4' }];
      const {
        notes: [note],
        ...more
      } = planBest({ instrument: { kind: 'violin' }, material: { kind: 'line', key: 'G major', notes }, intonation: { system } });
      assert.ok(note?.kind === 'note');
      const pair = pairOf({ ...more, notes: [note] }, note);
      return pair ? pairText(pair) : '';
    };
    assert.equal(describeChord(['G3', 'G4']), 'octave together, pure at these pitches');
    assert.match(
      describeChord(['G4', 'B4']),
      /^major third together: \d+\.\d beats a second at these pitches; pure with the upper note 21\.5 cents lower$/,
    );
    assert.equal(describeChord(['G4', 'B4'], 'pure'), 'major third together, pure at these pitches');
    assert.equal(describeChord(['D4', 'A4']), 'fifth together, pure at these pitches');
  });
});

describe('the way to tune', () => {
  it('begins with the A and goes on by fifths, on the bass by fourths', () => {
    const describeTuning = (spec: InstrumentSpec): readonly string[] =>
      tuningSteps(instrument(spec)).map((step) => stepText(instrument(spec), step));
    assert.deepEqual(describeTuning({ kind: 'viola' }), [
      'Begin with A: match the reference, 440.0 Hz.',
      'Bow D together with A, which is tuned already: the fifth, until nothing beats.',
      'Bow G together with D, which is tuned already: the fifth, until nothing beats.',
      'Bow C together with G, which is tuned already: the fifth, until nothing beats.',
    ]);
    assert.match(describeTuning({ kind: 'bass' }).join(' '), /Bow E together with A.*the fourth, until nothing beats/);
  });

  it('leaves the beats of equal tuning, and says when no interval helps', () => {
    const equal = instrument({ kind: 'violin', openTuning: 'equal' });
    assert.match(
      tuningSteps(equal)
        .map((step) => stepText(equal, step))
        .join(' '),
      /until about \d\.\d beats a second are left/,
    );
    const odd = instrument({ kind: 'violin', tuning: ['E5', 'A4', 'Eb4', 'G3'] });
    assert.match(
      tuningSteps(odd)
        .map((step) => stepText(odd, step))
        .join(' '),
      /E♭ makes no simple interval with A: tune it by the meter/,
    );
  });

  it('offers harmonics on cello and bass alone', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const own = instrument({ kind });
      const offered = tuningSteps(own).filter((step) => harmonicsText(own, step) !== null).length;
      assert.equal(offered, kind === 'cello' || kind === 'bass' ? 3 : 0);
    }
  });
});

/** Reads the number after the last "=" of a derivation, mm. */
function resultOf(derivation: string): number {
  return Number(/= ([\d.]+) mm[^=]*$/.exec(derivation)?.[1]);
}

describe('how a number came about', () => {
  const brief: Brief = lineBrief('violin', ['A4', 'B4', 'C5', 'D6'], {
    instrument: { kind: 'violin', stringLengthMm: 325, a4Hz: 442 },
    intonation: { system: 'linear' },
    player: { hand: { firstToFourth: { comfortMm: 70, maxMm: 90 } } },
  });
  const plan: Plan = planBest(brief);
  const at = (index: number): PlannedSound => {
    const note = plan.notes[index];
    assert.ok(note?.kind === 'note');
    return note;
  };

  it('ends in the number shown, calculated with the values named', () => {
    const { stops } = at(1);
    const derivation = placeDerivation(stops[0].semitonesAboveOpen, plan.stringLengthMm);
    const [, length, semitones] = /: (\d+) mm × \(1 − 2\^\(−(\d+)\/12\)\)/.exec(derivation) ?? [];
    assert.ok(Math.abs(Number(length) * (1 - 2 ** (-Number(semitones) / 12)) - resultOf(derivation)) < 0.05);
    assert.ok(Math.abs(resultOf(derivation) - stops[0].mmFromNut) < 0.05);
  });

  it('of a target names both frequencies, whose ratio gives the place', () => {
    const [aimed] = intonedStops(plan, at(1));
    assert.ok(aimed);
    const string = instrumentOf(plan).strings.find((string) => string.number === aimed.stop.string);
    assert.ok(string);
    const openHz = openStringHz(instrumentOf(plan), string);
    const derivation = targetPlaceDerivation(aimed, 325, openHz, 0);
    const [, open, note] = /1 − ([\d.]+)\/([\d.]+)/.exec(derivation) ?? [];
    assert.ok(Math.abs(325 * (1 - Number(open) / Number(note)) - resultOf(derivation)) < 0.06);
    assert.match(centsDerivation(aimed, intonationOf(plan)), /^\+3\.9 cents from equal temperament: each fifth/);
    assert.match(targetPlaceDerivation(aimed, 325, openHz, 0.8), /less 0\.8 mm that pressing adds/);
  });

  it('of a reach says what it is compared with', () => {
    const reach = at(1).reach;
    assert.ok(reach);
    assert.match(reachDerivation(reach, 325), /string of 325 mm = \d+ mm\. Of the largest span of this hand that is \d+ %: /);
    assert.match(reachDerivation({ ...reach, judged: null }, 325), /No hand is measured/);
    assert.match(reachDerivation({ ...reach, need: { ...reach.need, acrossStrings: true } }, 325), /√\(along² \+ across²\)/);
  });

  it('of sounding length, contact point and ten cents follows from the length', () => {
    assert.equal(resultOf(soundingDerivation(12, 325)), 162.5);
    assert.match(contactDerivation(12, 325, 0.1), /^10 % of the sounding length, 16\.3 mm\./);
    assert.match(tenCentsDerivation(12, 325), /162\.5 mm × 0\.00578/);
  });

  it('of a shift and of crowding says what it measures', () => {
    const [shift] = planBest({ ...brief, material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up' } }).shifts;
    assert.ok(shift);
    assert.match(travelDerivation(shift), /How far finger 1 moves along the string: \d+ semitones? of the hand/);
    assert.match(roomDerivation(plan, 12), /162\.5 mm × 0\.0561\. On this string it begins \d+ semitones above the open string\./);
    assert.match(ringingDerivation(), /open string or harmonic/);
  });

  it('is told of the instrument of the plan', () => {
    assert.equal(instrumentOf(plan).stringLengthMm, 325);
  });
});

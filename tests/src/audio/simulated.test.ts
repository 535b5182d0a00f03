import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type Instrument, INSTRUMENT_KINDS, readInstrument } from '#core/instrument';
import { beatsHz, centsOfRatio, tuningSteps } from '#core/intonation';
import { listen } from '../../../src/audio/heard.ts';
import {
  beatCurve,
  BEATS_SECONDS,
  FIRST_ERRORS,
  heardPart,
  pairSound,
  SAMPLE_RATE,
  simulatedHz,
  stringSound,
} from '../../../src/islands/tuner/simulated.ts';

function instrument(kind: Instrument['kind']): Instrument {
  const read = readInstrument({ kind });
  assert.ok(read.ok);
  return read.value;
}

const IN_TUNE = [0, 0, 0, 0, 0, 0];

describe('the simulated instrument', () => {
  it('is heard as far out as was chosen, on every string of every instrument', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const own = instrument(kind);
      for (const step of tuningSteps(own)) {
        const found = listen(heardPart(simulatedHz(own, FIRST_ERRORS, step.stringIndex)), SAMPLE_RATE);
        assert.ok(found.kind === 'pitch');
        const cents = centsOfRatio({ p: found.hz, q: step.targetHz });
        assert.ok(Math.abs(cents - (FIRST_ERRORS[step.stringIndex] ?? 0)) < 0.5, `${kind}, string ${step.stringIndex}: ${cents}`);
      }
    }
  });

  it('is right when its errors are taken away', () => {
    const cello = instrument('cello');
    for (const step of tuningSteps(cello)) assert.ok(Math.abs(simulatedHz(cello, IN_TUNE, step.stringIndex) - step.targetHz) < 1e-9);
  });

  it('sounds nothing on a string it does not have', () => {
    assert.equal(simulatedHz(instrument('violin'), IN_TUNE, 5), 0);
  });
});

describe('two strings of the simulated instrument', () => {
  const cello = instrument('cello');
  const step = tuningSteps(cello)[1];
  assert.ok(step?.ratio && step.harmonics && step.against !== null);
  const againstHz = simulatedHz(cello, IN_TUNE, step.against);
  const shared = 2 * againstHz;

  it('stay even when they are in tune, and swell and fade when they are not', () => {
    const spread = (ownHz: number): number => {
      const curve = beatCurve(pairSound(ownHz, againstHz, null), shared).slice(5, -5);
      return Math.max(...curve) - Math.min(...curve);
    };
    assert.ok(spread(step.targetHz) < 0.1);
    assert.ok(spread(step.targetHz * 2 ** (-10 / 1200)) > 0.4);
  });

  it('beat by their harmonics as often as by the fifth itself', () => {
    const ownHz = step.targetHz * 2 ** (-10 / 1200);
    assert.ok(step.harmonics && step.ratio);
    const byHarmonics = Math.abs(ownHz * step.harmonics.ownPartial - againstHz * step.harmonics.againstPartial);
    assert.ok(Math.abs(byHarmonics - beatsHz(step.ratio, ownHz, againstHz)) < 1e-9);
  });

  it('sound as long as their beats are watched', () => {
    assert.equal(pairSound(step.targetHz, againstHz, step.harmonics).length, BEATS_SECONDS * SAMPLE_RATE);
    assert.equal(stringSound(220, 1).length, SAMPLE_RATE);
  });
});

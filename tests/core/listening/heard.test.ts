import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { beatsHz, centsOfRatio } from '#core/intonation';
import { bowedTone, cutOffAt, finePitchHz, levelOf, strengthAt, together } from '#core/listening';
import { listen } from '../../../src/audio/heard.ts';

const RATE = 44_100;
const PART = 8192;
/** The range E1 … E7 in semitones above C0. */
const RANGE = Array.from({ length: 73 }, (_, index) => 16 + index);

function hzAt(semitones: number, cents: number): number {
  return 440 * 2 ** ((semitones - 57) / 12 + cents / 1200);
}

function bowString(hz: number, sampleRate = RATE, loudness = 0.5): Float32Array {
  return bowedTone({ hz, seconds: 0.3, sampleRate, loudness }).subarray(2000, 2000 + PART);
}

function errorCents(hz: number, sampleRate: number, loudness = 0.5): number {
  const found = listen(bowString(hz, sampleRate, loudness), sampleRate);
  return found.kind === 'pitch' ? Math.abs(centsOfRatio({ p: found.hz, q: hz })) : Infinity;
}

describe('the pitch heard', () => {
  for (const sampleRate of [44_100, 48_000]) {
    it(`is within two cents of the stand-in’s from E1 to E7 at ${sampleRate} samples a second`, () => {
      const worst = Math.max(...RANGE.flatMap((semitones) => [13, -27].map((cents) => errorCents(hzAt(semitones, cents), sampleRate))));
      assert.ok(worst < 2, `worst ${worst} cents`);
    });
  }

  it('does not depend on how loud it is', () => {
    assert.ok(errorCents(hzAt(45, 7), RATE, 0.01) < 2);
  });

  it('comes to the same from a guess that is two per cent off', () => {
    const hz = hzAt(52, 0);
    assert.ok(Math.abs(centsOfRatio({ p: finePitchHz(bowString(hz), RATE, hz * 1.02), q: hz })) < 0.1);
  });

  it('is none in silence, in what is cut off, and in noise', () => {
    const cut = bowString(196).map((sample) => Math.max(-1, Math.min(1, sample * 9)));
    // The fractional part of a large multiple of a sine has no period.
    const noise = Float32Array.from({ length: PART }, (_, index) => ((Math.sin(index * index) * 43_758) % 1) * 0.5);
    assert.deepEqual(listen(new Float32Array(PART), RATE), { kind: 'silent' });
    assert.deepEqual(listen(cut, RATE), { kind: 'clipped' });
    assert.deepEqual(listen(noise, RATE), { kind: 'unclear' });
  });
});

describe('a bowed tone', () => {
  it('is the same every time, and stays within its loudness', () => {
    const tone = { hz: 220, seconds: 0.2, sampleRate: RATE, loudness: 0.8 };
    assert.deepEqual(bowedTone(tone), bowedTone(tone));
    assert.ok(bowedTone(tone).every((sample) => Math.abs(sample) <= 0.8));
  });

  it('has partials that get weaker as one over their number', () => {
    const tone = bowString(220);
    const strengths = [1, 2, 3, 4].map((partial) => strengthAt(tone, RATE, 220 * partial));
    strengths.forEach((strength, index) => assert.ok(Math.abs((strength * (index + 1)) / (strengths[0] ?? 1) - 1) < 0.02));
  });

  it('begins and ends in silence', () => {
    const tone = bowedTone({ hz: 98, seconds: 0.5, sampleRate: RATE, loudness: 0.5 });
    assert.equal(Math.abs(tone[0] ?? 1), 0);
    assert.equal(Math.abs(tone[tone.length - 1] ?? 1), 0);
    assert.equal(levelOf(tone), 'sounding');
  });
});

describe('two strings together', () => {
  it('swell and fade as often as their beats are calculated', () => {
    const [own, against] = [145.6, 220];
    const beats = beatsHz({ p: 3, q: 2 }, against, own);
    const both = together(
      bowedTone({ hz: own, seconds: 4, sampleRate: RATE, loudness: 0.7 }),
      bowedTone({ hz: against, seconds: 4, sampleRate: RATE, loudness: 0.7 }),
    );
    const curve = Array.from({ length: 160 }, (_, point) =>
      strengthAt(both.subarray(2000 + point * 1000, 2000 + point * 1000 + 4096), RATE, 438.4),
    );
    const peaks = curve.filter(
      (strength, point) => strength > (curve[point - 1] ?? Infinity) && strength >= (curve[point + 1] ?? Infinity),
    );
    // The curve has 160 points, 1000 samples apart.
    assert.ok(Math.abs(peaks.length - beats * 160 * (1000 / RATE)) <= 1, `${peaks.length} swells, ${beats} beats a second`);
  });
});

describe('a sound that is cut off', () => {
  it('is told by the beginning of each stretch', () => {
    const samples = new Float32Array(4 * RATE).map((_, index) => {
      const time = index / RATE;
      const loudness = (time > 1 && time < 2) || time > 3.5 ? 3 : 0.5;
      return Math.max(-1, Math.min(1, loudness * Math.sin(2 * Math.PI * 220 * time)));
    });
    assert.deepEqual(cutOffAt({ samples, sampleRate: RATE }), [1, 3.5]);
    assert.deepEqual(cutOffAt({ samples: samples.map((sample) => sample / 2), sampleRate: RATE }), []);
  });
});

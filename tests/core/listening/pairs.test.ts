import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { dueNotes, finePitchHz, levelOf } from '#core/listening';
import { pairsOfLine } from '#core/listening/report';
import { FLAWS, type Flaw, type PairNotes, renderPair } from '#core/listening/simulated';
import { heardPair } from '#core/listening/voices';
import { doubleStopsToPlay, slurredOnOneString } from '../../support/listening/seeded-lines.ts';

/** Gives a part of a rendering, by its seconds. */
function partOf(notes: PairNotes, flaw: Flaw | null, [from, to]: readonly [number, number]) {
  const { samples, sampleRate } = renderPair(notes, flaw, 1);
  return { samples: samples.subarray(from * sampleRate, to * sampleRate), sampleRate };
}

const SHIFT: PairNotes = { instrument: 'cello', pair: 'shift', hz: [147, 196], up: true, slide: { fromHz: 147, toHz: 196 } };
const OCTAVE: PairNotes = { instrument: 'violin', pair: 'octave', hz: [392, 784] };

/** The part of a shift in which its new note is steady, seconds. */
const ARRIVED = [1.3, 1.7] as const;

describe('a shift, an octave and a change of string, right and wrong', () => {
  it('differ as they are told to: short and beyond by pitch, late by time, the slide by its weight', () => {
    const pitchAfter = (flaw: Flaw | null): number => {
      const { samples, sampleRate } = partOf(SHIFT, flaw, ARRIVED);
      return 1200 * Math.log2(finePitchHz(samples, sampleRate, 196) / 196);
    };
    assert.ok(Math.abs(pitchAfter(null)) < 3 && Math.abs(pitchAfter('slide-too-heavy')) < 3);
    assert.ok(pitchAfter('short') < -35 && pitchAfter('beyond') > 35);
    const loudnessOf = (flaw: Flaw | null): number => {
      const { samples } = partOf(SHIFT, flaw, [0.88, 0.98]);
      return Math.hypot(...samples);
    };
    assert.ok(loudnessOf('slide-too-light') < 0.6 * loudnessOf(null) && loudnessOf('slide-too-heavy') > 1.3 * loudnessOf(null));
    const late = partOf(SHIFT, 'late', [1.01, 1.07]);
    assert.ok(finePitchHz(late.samples, late.sampleRate, 147) < 155);
  });

  it('tell short from beyond by the hand, also where it moves up to a lower note, and slide by way of the in-between note', () => {
    const falling: PairNotes = { instrument: 'violin', pair: 'shift', hz: [660, 587], up: true, slide: { fromHz: 660, toHz: 784 } };
    const pitchOf = (flaw: Flaw | null): number => {
      const { samples, sampleRate } = partOf(falling, flaw, ARRIVED);
      return 1200 * Math.log2(finePitchHz(samples, sampleRate, 587) / 587);
    };
    assert.ok(pitchOf('short') < -35 && pitchOf('beyond') > 35 && Math.abs(pitchOf(null)) < 3);
    const { samples, sampleRate } = partOf(falling, null, [0.96, 1]);
    assert.ok(finePitchHz(samples, sampleRate, 760) > 700);
  });

  it('of an octave one voice is out, or hardly bowed', () => {
    const hear = (flaw: Flaw | null) => heardPair(partOf(OCTAVE, flaw, [0.3, 2.1]), OCTAVE.hz);
    const right = hear(null).interval;
    assert.ok(right.by === 'beats' && right.size < 4);
    for (const [flaw, side] of [
      ['upper-out', 1],
      ['lower-out', 1],
    ] as const) {
      const { interval } = hear(flaw);
      assert.ok(interval.by === 'beats' && Math.abs(interval.size - 42) < 5 && interval.side === side, flaw);
    }
    assert.ok(Math.abs(hear('lower-out').cents[0] ?? 0) > 35 && Math.abs(hear('upper-out').cents[0] ?? 99) < 6);
  });

  it('leaves a silence where a string is cut off, and none where it rings on', () => {
    const crossing: PairNotes = { instrument: 'viola', pair: 'crossing', hz: [196, 330] };
    const energyOf = (flaw: Flaw | null): number => Math.hypot(...partOf(crossing, flaw, [0.93, 0.99]).samples);
    assert.ok(energyOf('cut') < 0.3 * energyOf(null));
  });

  it('are found in a line on every instrument, and sound without being cut off', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const shifts = pairsOfLine(kind, dueNotes(slurredOnOneString(kind, 0))).filter(({ pair }) => pair === 'shift');
      assert.ok(shifts.length >= 3, kind);
      for (const flaw of [null, ...FLAWS.shift]) assert.equal(levelOf(renderPair(shifts[0] ?? SHIFT, flaw, 2).samples), 'sounding');
    }
    const octaves = pairsOfLine('violin', dueNotes(doubleStopsToPlay('violin', 1, [7])));
    assert.ok(octaves.some(({ pair }) => pair === 'octave'));
  });
});

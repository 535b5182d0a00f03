import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { type Brief, readBrief } from '#core/brief';
import { handOf } from '#core/hand/models';
import { schoolsOf } from '#core/hand';
import { reachOf, readPlayerHand } from '#core/hand/reach';
import { INSTRUMENT_KINDS, readInstrument, TUNINGS } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { parsePitch, semitonesOf } from '#core/pitch';
import { plan } from '#core/plan';
import type { PlannedSound } from '#core/plan/describe';
import { noteSteps } from '#core/solve';
import { WEIGHTS, weightsFor } from '#core/weights';
import { COST_TERMS } from '../../../src/words/explain/cost-terms.ts';
import { WEIGHT_REASONS } from '../../../src/words/explain/weights.ts';
import { toldReasons } from '../../support/plans/asked.ts';
import { anyBriefs, fingering, inKey, lineBrief, pitchesOn, planBest } from '../../support/briefs.ts';

function soundsOf(brief: Brief): readonly PlannedSound[] | null {
  const outcome = plan(brief);
  return outcome.ok ? outcome.value.best.notes.flatMap((note) => (note.kind === 'note' ? [note] : [])) : null;
}

function semitones(text: string): number {
  const pitch = parsePitch(text);
  return pitch.ok ? semitonesOf(pitch.value) : Number.NaN;
}

/** Makes double stops that lie on two neighbouring strings, an interval apart that a hand may hold. */
const doubleStops = fc.constantFrom(...INSTRUMENT_KINDS).chain((kind) =>
  fc.array(fc.tuple(pitchesOn(kind), pitchesOn(kind)), { minLength: 1, maxLength: 4 }).map((pairs): Brief => ({
    instrument: { kind },
    material: { kind: 'line', notes: pairs.map((pair) => ({ pitches: [...pair], duration: '1/4' })) },
  })),
);

describe('whatever the brief, a plan', () => {
  it('sounds every pitch, within reach of the hand, with fingers of the school', () => {
    fc.assert(
      fc.property(anyBriefs(8), (brief) => {
        const sounds = soundsOf(brief);
        fc.pre(sounds !== null);
        const hand = handOf(brief.instrument.kind, brief.player?.school);
        for (const { stops, reach } of sounds) {
          for (const stop of stops) {
            if (!stop.harmonic) assert.equal(semitones(stop.open) + stop.semitonesAboveOpen, semitones(stop.pitch));
            assert.ok(hand.fingers.includes(stop.finger));
            assert.ok(stop.mmFromNut < planBest(brief).stringLengthMm);
          }
          assert.notEqual(reach?.judged?.verdict, 'beyond');
        }
      }),
      { numRuns: 250, seed: 21 },
    );
  });

  it('keeps its limits, wishes or no wishes', () => {
    fc.assert(
      fc.property(anyBriefs(8), (brief) => {
        const sounds = soundsOf(brief);
        fc.pre(sounds !== null && brief.limits?.openStrings === 'none');
        assert.ok(sounds.every((sound) => sound.stops.every((stop) => stop.finger !== '0')));
      }),
      { numRuns: 300, seed: 22 },
    );
  });

  it('of double stops sets two fingers on neighbouring strings in order of height', () => {
    fc.assert(
      fc.property(doubleStops, (brief) => {
        const sounds = soundsOf(brief);
        fc.pre(sounds !== null);
        for (const { stops } of sounds) {
          const [low, high] = stops;
          if (!high) continue;
          const strings = TUNINGS[brief.instrument.kind];
          assert.equal(Math.abs(strings.indexOf(low.open) - strings.indexOf(high.open)), 1);
          assert.ok(semitones(low.pitch) <= semitones(high.pitch));
          const level = low.finger === high.finger && low.finger !== '0';
          if (level) assert.equal(low.semitonesAboveOpen, high.semitonesAboveOpen);
        }
      }),
      { numRuns: 300, seed: 23 },
    );
  });

  it('is the same every time', () => {
    fc.assert(
      fc.property(anyBriefs(6), (brief) =>
        assert.deepEqual(plan(brief, { alternatives: 2 }), plan(structuredClone(brief), { alternatives: 2 })),
      ),
      { numRuns: 25, seed: 24 },
    );
  });

  it('costs no less with a lock or a limit more, and the reasons never find it cheaper otherwise', () => {
    fc.assert(
      fc.property(anyBriefs(6), fc.constantFrom('1' as const, '2' as const, '3' as const), (brief, finger) => {
        const free = plan(brief);
        const locked = plan({ ...brief, locks: [{ note: 0, finger }] });
        fc.pre(free.ok && locked.ok && (brief.preferences?.['fewest-shifts'] ?? 0) < 1 && brief.limits?.openStrings === 'allow');
        assert.ok(free.value.best.cost.totalThousandths <= locked.value.best.cost.totalThousandths);
        assert.ok(toldReasons(brief).every((reason) => (reason.deltaThousandths ?? 0) >= 0));
      }),
      { numRuns: 150, seed: 25 },
    );
  });
});

describe('the same line a string lower', () => {
  /** Weights that depend on the string are switched off. */
  const weights = { highPlace: 0, crossing: 0, crossingAgainstMelody: 0 };
  const fingersOn = (kind: 'violin' | 'viola' | 'cello' | 'bass', string: string, offsets: readonly number[]): string => {
    const open = semitones(string);
    const names = ['C', 'C#', 'D', 'D#', 'E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B'];
    const pitches = offsets.map((offset) => `${names[(open + offset) % 12] ?? 'C'}${Math.floor((open + offset) / 12)}`);
    const brief = lineBrief(kind, pitches, { weights, limits: { strings: [string], openStrings: 'none' } });
    return fingering(planBest(brief)).replace(/[A-G]#?/g, '');
  };

  it('has the same fingers on cello and bass, whose hands follow the semitone', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('cello' as const, 'bass' as const),
        fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 2, maxLength: 7 }),
        (kind, offsets) => {
          const [first = '', second = ''] = TUNINGS[kind];
          assert.equal(fingersOn(kind, first, offsets), fingersOn(kind, second, offsets));
        },
      ),
      { numRuns: 80, seed: 26 },
    );
  });

  it('has the same fingers on violin and viola where the letters lie alike', () => {
    // B C D E F♯ G over A and E F G A B C over D have the same steps and letters above the open string.
    const over = (strings: string[], pitches: string[]): string =>
      fingering(planBest(lineBrief('viola', pitches, { weights, limits: { strings, openStrings: 'none' } }, 'G major'))).replace(
        /[A-G]/g,
        '',
      );
    assert.equal(over(['A4'], ['B4', 'C5', 'D5', 'E5', 'F#5', 'G5']), over(['D4'], ['E4', 'F4', 'G4', 'A4', 'B4', 'C5']));
  });
});

describe('the table of weights', () => {
  it('has a sane range and a reason for each, with every default inside', () => {
    for (const [name, { range, defaults, term }] of Object.entries(WEIGHTS)) {
      assert.ok(range[0] < range[1], name);
      assert.ok(term in COST_TERMS);
      for (const value of Object.values(defaults).flat()) assert.ok(value >= range[0] && value <= range[1], name);
    }
  });

  it('says why each is there, in a sentence', () => {
    assert.deepEqual(Object.keys(WEIGHT_REASONS), Object.keys(WEIGHTS));
    for (const [name, reason] of Object.entries(WEIGHT_REASONS)) assert.match(reason, /^[A-Z].{15,}\.$/, name);
  });

  it('is whole for every instrument', () => {
    for (const kind of INSTRUMENT_KINDS) assert.deepEqual(Object.keys(weightsFor(kind)), Object.keys(WEIGHTS));
  });

  it('shows a weight in the term it names: ten times costlier is seen there', () => {
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up' },
    };
    const termOf = (asked: Brief, term: string): number => planBest(asked).cost.lines.find((line) => line.term === term)?.thousandths ?? 0;
    assert.ok(termOf({ ...brief, weights: { crossing: 2800 } }, 'crossing') > termOf(brief, 'crossing'));
    assert.ok(termOf({ ...brief, weights: { shiftPerMm: 40 } }, 'shift-travel') > termOf(brief, 'shift-travel') / 2);
  });
});

describe('reach', () => {
  it('shrinks up the string and grows with its length, and its verdict with the hand', () => {
    const needAt = (kind: 'violin' | 'cello', size: string, semitonesAboveOpen: number): number => {
      const instrument = readInstrument({ kind, size });
      assert.ok(instrument.ok);
      const hand = readPlayerHand({ preset: 'average' }, instrument.value);
      const model = handOf(kind);
      const finger = kind === 'violin' ? '4' : '3';
      const placement = model
        .placements({
          stringIndex: 0,
          semitonesAboveOpen,
          letterSteps: [4, 5, 6, 7, 8],
          chromatic: false,
          keyed: inKey(instrument.value, 'C major'),
        })
        .find((placement) => placement.finger === finger && placement.shape === 'home');
      assert.ok(hand.ok && placement);
      return reachOf(model, hand.value, instrument.value, placement).needMm;
    };
    assert.ok(needAt('violin', '4/4', 7) > needAt('violin', '4/4', 10));
    assert.ok(needAt('violin', '4/4', 7) > needAt('violin', '1/2', 7));
    assert.ok(needAt('cello', '4/4', 5) > needAt('cello', '1/2', 5));
  });

  it('of a home frame is the distance of its outer fingers on the string', () => {
    const [sound] = soundsOf(lineBrief('violin', ['D5'], { player: { hand: { preset: 'large' } }, limits: { strings: ['G3'] } })) ?? [];
    assert.ok(sound && (sound.reach?.needMm ?? -1) >= 0);
    const cello =
      soundsOf(lineBrief('cello', ['G3'], { player: { hand: { preset: 'large' } }, limits: { positions: ['1'], strings: ['D3'] } })) ?? [];
    assert.equal(cello[0]?.reach?.needMm, mmFromNut(690, 5) - mmFromNut(690, 2));
  });
});

describe('candidates', () => {
  it('of one note are each given once, in every school', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (const school of schoolsOf(kind)) {
        fc.assert(
          fc.property(pitchesOn(kind), (pitch) => {
            const task = readBrief(lineBrief(kind, [pitch], { player: { school } }));
            assert.ok(task.ok);
            const keys = noteSteps(task.value)[0]?.candidates.map((candidate) => JSON.stringify(candidate)) ?? [];
            assert.equal(new Set(keys).size, keys.length, keys.join('\n'));
          }),
          { numRuns: 40, seed: 27 },
        );
      }
    }
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { checkpointsOf, intonedStops, ringingNotes } from '#core/fit/intoned';
import { growHand, handOfPlan, fitOf, onEverySize } from '#core/fit/sizes';
import { lowestCrowded, type PlayerHand, reachFor, type ReachNeed, verdictOf } from '#core/hand/reach';
import { INSTRUMENT_KINDS, type InstrumentKind, readInstrument, saneLengthsMm } from '#core/instrument';
import { mmFromNut, semitoneSpaceMm } from '#core/instrument/geometry';
import { plan } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { finish } from '#core/result';
import { ask } from '../../support/plans/asked.ts';
import { anyBriefs, lineBrief, planBest, refusalOf } from '../../support/briefs.ts';

const VERDICTS = ['comfort', 'stretch', 'beyond'];

function scale(kind: InstrumentKind, tonic: string, more: Partial<Brief> = {}): Brief {
  return { instrument: { kind }, material: { kind: 'scale', type: 'major', tonic, octaves: 2, direction: 'up-down' }, ...more };
}

const hands: fc.Arbitrary<PlayerHand> = fc
  .tuple(fc.integer({ min: 40, max: 200 }), fc.integer({ min: 0, max: 60 }))
  .map(([comfortMm, more]) => ({
    firstToFourth: { comfortMm, maxMm: comfortMm + more },
    acrossStrings: { comfortMm: comfortMm * 1.2, maxMm: (comfortMm + more) * 1.2 },
    firstToSecond: { comfortMm: comfortMm * 0.5, maxMm: (comfortMm + more) * 0.5 },
    thumbToThird: { comfortMm, maxMm: comfortMm + more },
    fingerDistanceMm: 10,
  }));

const needs: fc.Arbitrary<ReachNeed> = fc
  .tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 0, max: 8 }), fc.boolean(), fc.boolean(), fc.boolean())
  .map(([lowest, wide, acrossStrings, thumb, opened]) => ({
    lowest,
    highest: lowest + wide,
    acrossStrings,
    tenth: acrossStrings && !thumb,
    thumb,
    firstToSecond: opened ? [lowest, lowest + 2] : null,
  }));

function fit(need: ReachNeed, hand: PlayerHand, stringLengthMm: number): number {
  const cello = readInstrument({ kind: 'cello', stringLengthMm });
  assert.ok(cello.ok);
  return VERDICTS.indexOf(verdictOf(reachFor(need, hand, cello.value)));
}

describe('the verdict on a reach', () => {
  it('never worsens with a wider hand', () => {
    fc.assert(
      fc.property(needs, hands, fc.integer({ min: 1, max: 40 }), (need, hand, mm) =>
        assert.ok(fit(need, growHand(hand, mm), 690) <= fit(need, hand, 690)),
      ),
      { seed: 41, numRuns: 1000 },
    );
  });

  it('never betters on a longer string', () => {
    fc.assert(
      fc.property(needs, hands, fc.integer({ min: 380, max: 600 }), fc.integer({ min: 1, max: 150 }), (need, hand, length, more) =>
        assert.ok(fit(need, hand, length + more) >= fit(need, hand, length)),
      ),
      { seed: 42, numRuns: 1000 },
    );
  });

  it('takes the opened first and second finger into account where they were measured', () => {
    const need: ReachNeed = { lowest: 1, highest: 5, acrossStrings: false, tenth: false, thumb: false, firstToSecond: [1, 3] };
    const wide: PlayerHand = {
      firstToFourth: { comfortMm: 150, maxMm: 170 },
      acrossStrings: { comfortMm: 180, maxMm: 200 },
      firstToSecond: null,
      thumbToThird: { comfortMm: 150, maxMm: 170 },
      fingerDistanceMm: 10,
    };
    assert.equal(fit(need, wide, 690), 0);
    assert.equal(fit(need, { ...wide, firstToSecond: { comfortMm: 50, maxMm: 60 } }, 690), 2);
  });
});

describe('crowding', () => {
  it('begins where a semitone gets narrower than two fingers side by side', () => {
    const violin = readInstrument({ kind: 'violin' });
    assert.ok(violin.ok);
    const from = lowestCrowded(violin.value, 10);
    assert.equal(from, 11);
    assert.ok(semitoneSpaceMm(328, 11) < 10 && semitoneSpaceMm(328, 10) >= 10);
    assert.equal(lowestCrowded(violin.value, 1), null);
  });
});

describe('the same plan on another size or hand', () => {
  const cello = planBest(scale('cello', 'D2', { player: { hand: { preset: 'average' } } }));

  it('keeps every finger and calculates the need again', () => {
    const { hand } = handOfPlan(cello);
    const half = finish(onEverySize(cello, hand)).sizes.find(({ size }) => size === '1/2');
    const own = fitOf(cello, hand);
    own.stays.forEach((stay, index) => {
      const smaller = half?.fit.stays[index];
      assert.ok(smaller && Math.abs(smaller.needMm / stay.needMm - 560 / 690) < 1e-9);
    });
  });

  it('names the largest comfortable size, fingered for it: on the next one more than a few notes stretch', () => {
    const { hand } = handOfPlan(cello);
    const { sizes, largestComfortable } = finish(onEverySize(cello, hand));
    const at = sizes.findIndex(({ size }) => size === largestComfortable);
    assert.ok(at > 0, largestComfortable ?? 'none');
    const [own, larger] = [sizes[at]?.again?.fit, sizes[at - 1]?.again?.fit];
    assert.ok(own && own.beyond.length === 0 && own.stretched.length <= 2);
    assert.ok(!larger || larger.stretched.length > 2);
  });

  it('gets easier as the hand grows', () => {
    const { hand } = handOfPlan(cello);
    const before = fitOf(cello, hand).stretched.length;
    assert.ok(before > 0);
    assert.equal(fitOf(cello, growHand(hand, 40)).stretched.length, 0);
  });

  it('says that a hand was assumed where none was measured', () => {
    assert.equal(handOfPlan(planBest(scale('violin', 'G3'))).assumed, true);
    assert.equal(handOfPlan(cello).assumed, false);
  });
});

describe('checkpoints', () => {
  it('give every arrival of a shift a check that sounds, a pair or a substitute', () => {
    fc.assert(
      fc.property(anyBriefs(12), (brief) => {
        const outcome = plan(brief);
        if (!outcome.ok) return;
        const { best } = outcome.value;
        const points = new Map(checkpointsOf(best).map((point) => [point.note, point]));
        for (const { to } of best.shifts) {
          const point = points.get(to);
          const note = best.notes[to];
          assert.ok(point && note?.kind === 'note');
          if (note.stops.some((stop) => stop.finger !== '0' && !stop.harmonic)) {
            assert.ok(point.check || point.pair || point.substitute, `${brief.instrument.kind} ${JSON.stringify(note.stops)}`);
          }
        }
      }),
      { seed: 43, numRuns: 300 },
    );
  });

  it('mark the notes with which an open string rings', () => {
    const best = planBest(
      lineBrief('violin', ['A4', 'B4', 'C5', 'D5', 'E5'], { limits: { positions: ['1'], openStrings: 'none', strings: ['A4', 'D4'] } }),
    );
    assert.deepEqual([...ringingNotes(best).keys()], [0, 3, 4]);
  });

  it('mark each note of a double stop for itself, and count no string that a finger holds', () => {
    const best = planBest({
      instrument: { kind: 'violin' },
      material: {
        kind: 'line',
        notes: [
          { pitches: ['A3', 'F#4'], duration: '1/4' },
          { pitches: ['D4', 'G4'], duration: '1/4' },
        ],
      },
      limits: { positions: ['1', '3'], openStrings: 'none' },
    });
    const sounds = best.notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
    // The open A sounds an octave above A3, the open E its third partial; F♯4 nothing. D4 on the G string holds the D string's own neighbour: G4 there silences open D.
    assert.deepEqual(ringingNotes(best).get(0), [0]);
    assert.deepEqual(sounds[0] && intonedStops(best, sounds[0]).map(({ ringsWith }) => ringsWith), [['I', 'II'], []]);
    assert.deepEqual(sounds[1] && intonedStops(best, sounds[1]).map(({ ringsWith }) => ringsWith), [[], []]);
  });

  it('tell of an open string and a harmonic where the string itself puts them', () => {
    const best = planBest({
      instrument: { kind: 'cello' },
      material: {
        kind: 'line',
        notes: [
          { pitches: ['D3'], duration: '1/4' },
          { pitches: ['A4'], duration: '1/4', harmonic: true },
        ],
      },
    });
    const cents = best.notes.flatMap((note) =>
      note.kind === 'note' ? intonedStops(best, note).map(({ target }) => target.cents.toFixed(2)) : [],
    );
    assert.equal(cents[0], '-1.96');
    assert.ok(cents[1] === '0.00');
  });
});

describe('what changed', () => {
  const changesBetween = (before: Brief, after: Brief) => ask(after, { kind: 'what-changed', before });

  it('tells what a longer string and a smaller hand do to a plan', () => {
    const before = scale('cello', 'D2', { player: { hand: { preset: 'large' } } });
    const longer = changesBetween(before, { ...before, instrument: { kind: 'cello', stringLengthMm: 700 } });
    assert.ok(longer?.kind === 'planned');
    assert.ok(Math.abs(longer.movedMm - 10 * (1 - 2 ** (-highest(planBest(before)) / 12))) < 0.5);
    const smaller = changesBetween(before, { ...before, player: { hand: { preset: 'small' } } });
    assert.ok(smaller?.kind === 'planned' && smaller.otherwise.length + smaller.nowStretched.length > 0);
    assert.deepEqual(changesBetween(before, before), {
      kind: 'planned',
      otherwise: [],
      shifts: [planBest(before).shifts.length, planBest(before).shifts.length],
      widestMm: smaller.widestMm.with(1, smaller.widestMm[0]),
      nowStretched: [],
      nowComfortable: [],
      movedMm: 0,
    });
  });

  it('says when a piece can no longer be planned, and when it can again', () => {
    const fits = scale('violin', 'G3');
    const misfits: Brief = { ...fits, instrument: { kind: 'violin', tuning: ['E5', 'A4', 'D4'] } };
    assert.equal(changesBetween(fits, misfits)?.kind, 'no-longer-planned');
    assert.equal(changesBetween(misfits, fits)?.kind, 'planned-again');
  });
});

describe('a measure no instrument or hand has', () => {
  const on = (instrument: Brief['instrument']): { readonly message: string; readonly hint: string } =>
    refusalOf({ ...lineBrief(instrument.kind, ['A4']), instrument });

  it('is named with the sane range', () => {
    for (const stringLengthMm of [0, -300, 2000]) {
      const { message, hint } = on({ kind: 'violin', stringLengthMm });
      assert.equal(message, `The strings of a violin cannot be ${stringLengthMm} mm from nut to bridge.`);
      assert.equal(hint, 'Enter a value from 160 to 370 mm from nut to bridge.');
    }
    assert.match(on({ kind: 'violin', a4Hz: 500 }).hint, /415 to 445 Hz/);
    assert.match(on({ kind: 'violin', outerSpacingMm: { nut: 60, bridge: 34 } }).hint, /8 to 26 mm apart/);
    assert.match(on({ kind: 'violin', pressingMm: [0, -2] }).message, /cannot be -2 mm nearer the nut/);
    assert.match(on({ kind: 'violin', tuning: ['E5', 'A5'] }).message, /A5 is not lower than the string E5/);
    assert.match(on({ kind: 'violin', tuning: ['E5', 'A4', 'D4', 'G1'] }).hint, /Its usual strings are G3 D4 A4 E5/);
  });

  it('of a hand of 3 mm is refused', () => {
    const hand = { firstToFourth: { comfortMm: 3, maxMm: 3 } };
    const { message, hint } = refusalOf({ ...lineBrief('violin', ['A4']), player: { hand } });
    assert.equal(message, 'No hand spans 3 mm.');
    assert.match(hint, /Hands span 20 to 350 mm/);
  });

  it('leaves every usual size in', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const [least, most] = saneLengthsMm(kind);
      assert.ok(least > 100 && most < 1300 && mmFromNut(most, 12) > least / 2);
    }
  });
});

function highest(best: Plan): number {
  return Math.max(...best.notes.map((note) => (note.kind === 'note' ? note.stops[0].semitonesAboveOpen : 0)));
}

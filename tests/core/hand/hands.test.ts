import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { handOf } from '#core/hand/models';
import { schoolsOf } from '#core/hand';
import { presetHand, reachOf, readPlayerHand } from '#core/hand/reach';
import { type Instrument, INSTRUMENT_KINDS, type InstrumentSpec, readInstrument, stringSpacingMm } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { plan } from '#core/plan';
import type { PlannedSound } from '#core/plan/describe';
import { fingering, inKey, lineBrief, planBest, refusalOf } from '../../support/briefs.ts';

function instrument(spec: InstrumentSpec): Instrument {
  const reading = readInstrument(spec);
  assert.ok(reading.ok);
  return reading.value;
}

function sounds(brief: Brief): readonly PlannedSound[] {
  return planBest(brief).notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
}

const scale = (kind: InstrumentSpec['kind'], tonic: string, more: Partial<Brief> = {}): Brief => ({
  instrument: { kind },
  material: { kind: 'scale', type: 'major', tonic, octaves: 1, direction: 'up' },
  ...more,
});

describe('a school', () => {
  it('of thumb position lays the block of T 1 2 3 over two strings', () => {
    const brief = scale('cello', 'D4', { player: { school: 'thumb' }, limits: { strings: ['D3', 'A3'], openStrings: 'none' } });
    assert.equal(fingering(planBest(brief)), 'DT D1 D2 D3 AT A1 A2 A3');
    assert.equal(planBest(brief).shifts.length, 0);
  });

  it('of thumb position sets the thumb below the half-string harmonic only when asked', () => {
    const brief = scale('cello', 'A3', { limits: { strings: ['D3', 'A3'], openStrings: 'none', positions: ['thumb'] } });
    assert.match(refusalOf({ ...brief, player: { school: 'thumb' } }).message, /thumb position|positions allowed/);
    assert.equal(fingering(planBest({ ...brief, player: { school: 'thumb', thumbFrom: 7 } })), 'DT D1 D2 D3 AT A1 A2 A3');
  });

  it('of the neck never sets the thumb, and of four fingers sets one a semitone', () => {
    assert.ok(sounds(scale('cello', 'A3', { limits: { strings: ['A3'] } })).every((sound) => sound.stops[0].finger !== 'T'));
    const chromatic = lineBrief('bass', ['F1', 'F#1', 'G1', 'G#1'], { player: { school: '1234' } });
    assert.equal(fingering(planBest(chromatic)), 'E1 E2 E3 E4');
  });

  it('with pivots rolls the bass hand where it would shift without', () => {
    const line = lineBrief('bass', ['A1', 'B1', 'C2', 'C#2', 'B1'], { limits: { openStrings: 'none', strings: ['A1', 'E1'] } });
    const [without, rolled] = [line, { ...line, player: { pivots: true } }].map((brief) => planBest(brief));
    assert.ok(without && rolled && rolled.shifts.length <= without.shifts.length);
    assert.ok(rolled.cost.totalThousandths <= without.cost.totalThousandths);
  });

  it('belongs to its instruments, and names its fingers and positions', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (const school of schoolsOf(kind)) {
        const hand = handOf(kind, school);
        assert.equal(hand.school, school);
        assert.equal(hand.fingers.includes('T'), school === 'thumb');
        assert.equal(hand.positionLabels.includes('thumb'), school === 'thumb');
      }
    }
    assert.match(refusalOf(lineBrief('cello', ['D3'], { player: { school: '1234' } })).hint, /neck, thumb/);
  });
});

describe('strings', () => {
  const openOf = (tuning: string[], kind: InstrumentSpec['kind'], tonic: string): string =>
    fingering(planBest({ ...scale(kind, tonic), instrument: { kind, tuning } }));

  it('may be five: the fingering of the viola goes on where the violin’s does', () => {
    assert.equal(openOf(['E5', 'A4', 'D4', 'G3', 'C3'], 'violin', 'C3'), openOf(['E5', 'A4', 'D4', 'G3', 'C3'], 'viola', 'C3'));
  });

  it('may be tuned otherwise: the same fingers, read where they lie', () => {
    const solo = { ...scale('bass', 'A1'), instrument: { kind: 'bass' as const, tuning: ['A2', 'E2', 'B1', 'F#1'] } };
    const usual = scale('bass', 'G1');
    assert.equal(
      sounds(solo)
        .map((sound) => sound.stops[0].finger)
        .join(''),
      sounds(usual)
        .map((sound) => sound.stops[0].finger)
        .join(''),
    );
    assert.deepEqual(
      sounds(solo).map((sound) => sound.stops[0].written),
      sounds(usual).map((sound) => sound.stops[0].written),
    );
  });

  it('in scordatura are read as on the usual string, each for itself', () => {
    const brief: Brief = { ...lineBrief('violin', ['A3', 'B3', 'E5']), instrument: { kind: 'violin', tuning: ['E5', 'A4', 'E4', 'A3'] } };
    assert.deepEqual(
      sounds(brief).map((sound) => sound.stops[0].written),
      ['G3', 'A3', 'E5'],
    );
  });
});

describe('a harmonic', () => {
  it('is touched where the string’s part lies, and sounds its own note', () => {
    const found = sounds({
      instrument: { kind: 'cello' },
      material: { kind: 'line', notes: ['A4', 'E5', 'A5'].map((pitch) => ({ pitches: [pitch], duration: '1/4', harmonic: true })) },
    });
    assert.ok(found.every((sound) => sound.stops[0].harmonic));
    assert.ok(found.every((sound) => [4, 5, 7, 9, 12, 16, 19, 24].includes(sound.stops[0].semitonesAboveOpen)));
  });

  it('is no note the strings do not have', () => {
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'line', notes: [{ pitches: ['F#4'], duration: '1/4', harmonic: true }] },
    };
    assert.equal(refusalOf(brief).message, 'F♯4 is no natural harmonic on this instrument.');
  });
});

describe('a double stop', () => {
  const stops = (
    kind: InstrumentSpec['kind'],
    interval: 'sixths' | 'octaves' | 'fingered-octaves' | 'thirds' | 'unisons',
    tonic: string,
    more: Partial<Brief> = {},
  ): Brief => ({
    instrument: { kind },
    material: { kind: 'double-stops', interval, type: 'major', tonic, octaves: 1, direction: 'up' },
    ...more,
  });

  it('takes two fingers on neighbouring strings, and sounds both notes', () => {
    for (const sound of sounds(stops('violin', 'sixths', 'G3'))) {
      const [low, high] = sound.stops;
      assert.ok(high);
      assert.equal(Math.abs(['I', 'II', 'III', 'IV'].indexOf(low.string) - ['I', 'II', 'III', 'IV'].indexOf(high.string)), 1);
      assert.notEqual(low.finger, high.finger);
    }
  });

  it('in octaves lies under 1 and 4, in fingered octaves under 1 3 and 2 4', () => {
    assert.match(fingering(planBest(stops('violin', 'octaves', 'A3', { limits: { openStrings: 'none' } }))), /^(G1\+D4 ?|D1\+A4 ?)+$/);
    assert.match(fingering(planBest(stops('violin', 'fingered-octaves', 'A3'))), /^([GD]1\+[DA]3 ?|[GD]2\+[DA]4 ?)+$/);
  });

  it('in a row of thirds shifts with stopped strings: an open one belongs to the position', () => {
    assert.equal(fingering(planBest(stops('violin', 'thirds', 'Bb3'))), 'G2+D0 G3+D1 G4+D2 G3+D1 G4+D2 D3+A1 D4+A2 D3+A1');
    assert.equal(fingering(planBest(stops('cello', 'thirds', 'C3'))), 'G4+D1 G4+D1 G4+D1 G4+D1 D4+A1 D4+A1 D4+A1 D4+A1');
  });

  it('on the cello’s thumb takes T and 3 for an octave', () => {
    const brief = stops('cello', 'octaves', 'D4', { player: { school: 'thumb' }, limits: { strings: ['D3', 'A3'], openStrings: 'none' } });
    assert.match(fingering(planBest(brief)), /^(DT\+A3 ?)+$/);
  });

  it('that would skip a string is refused with that reason', () => {
    assert.match(refusalOf(stops('bass', 'octaves', 'G1')).message, /would skip a string: neighbouring strings lie a fourth apart/);
  });

  it('beyond the hand is refused with its millimetres', () => {
    const octave = (preset: 'small' | 'large'): Brief => ({
      instrument: { kind: 'viola' },
      material: { kind: 'line', notes: [{ pitches: ['D3', 'F#4'], duration: '1/4' }] },
      player: { hand: { preset } },
    });
    assert.match(refusalOf(octave('small')).message, /asks for a reach of \d+ mm; this hand spans \d+ mm at most/);
  });

  it('tells the reach it asks for, along and across', () => {
    const [sound] = sounds(stops('violin', 'octaves', 'A3', { player: { hand: { preset: 'large' } }, limits: { openStrings: 'none' } }));
    const along = mmFromNut(328, 7) - mmFromNut(328, 2);
    const across = stringSpacingMm(instrument({ kind: 'violin' }), mmFromNut(328, 4.5));
    assert.ok(Math.abs((sound?.reach?.needMm ?? 0) - Math.hypot(along, across)) < 1e-9);
  });
});

describe('a hand', () => {
  it('keeps within its largest span in every plan', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const tonic = { violin: 'A3', viola: 'D3', cello: 'D2', bass: 'F1' }[kind];
      const outcome = plan(scale(kind, tonic, { player: { hand: { preset: 'small' } } }));
      assert.ok(outcome.ok);
      for (const note of outcome.value.best.notes) assert.ok(note.kind === 'rest' || note.reach?.judged?.verdict !== 'beyond');
    }
  });

  it('too small to hold the cello’s extension shifts instead, and reaches it where the fingers follow each other', () => {
    const brief = lineBrief('cello', ['D2', 'F#2', 'D2'], { limits: { openStrings: 'none' } }, 'D major');
    const stepwise = lineBrief('cello', ['D2', 'E2', 'F#2', 'E2', 'D2'], { limits: { openStrings: 'none' } }, 'D major');
    const player = { hand: { firstToFourth: { comfortMm: 95, maxMm: 110 } } };
    assert.ok(planBest({ ...brief, player }).shifts.length > planBest(brief).shifts.length);
    assert.equal(planBest({ ...stepwise, player }).shifts.length, 0);
  });

  it('finds the same shape smaller higher up', () => {
    const cello = instrument({ kind: 'cello' });
    const hand = presetHand('average', cello);
    const model = handOf('cello');
    const needs = [5, 7, 9].map((semitones) => {
      const extended = model
        .placements({ stringIndex: 0, semitonesAboveOpen: semitones, letterSteps: [0], chromatic: false, keyed: inKey(cello, 'C major') })
        .find((placement) => placement.shape === 'reached-forward' && placement.finger === '1');
      return extended ? reachOf(model, hand, cello, extended).needMm : 0;
    });
    assert.ok(needs.every((need, index) => need > 0 && (index === 0 || need < (needs[index - 1] ?? 0))));
  });

  it('that spans nothing, too much, or less at most than comfortably is refused with the span named', () => {
    const violin = instrument({ kind: 'violin' });
    const words = (comfortMm: number, maxMm: number): string => {
      const reading = readPlayerHand({ firstToFourth: { comfortMm, maxMm } }, violin);
      return reading.ok ? 'fine' : `${reading.issues[0]?.message ?? ''} ${reading.issues[0]?.hint ?? ''}`;
    };
    assert.match(words(0, 0), /spans 0 mm cannot hold a finger down/);
    assert.match(words(2, 3), /No hand spans 2 mm\. Hands span 20 to 350 mm/);
    assert.match(words(70, 900), /No hand spans 900 mm/);
    assert.match(words(90, 80), /cannot be more than the largest, 80 mm/);
    assert.equal(words(70, 85), 'fine');
  });

  it('by preset is a share of this instrument’s own home frame', () => {
    const full = presetHand('average', instrument({ kind: 'violin' })).firstToFourth.maxMm;
    const half = presetHand('average', instrument({ kind: 'violin', size: '1/2' })).firstToFourth.maxMm;
    assert.ok(Math.abs(half / full - 283 / 328) < 1e-9);
    assert.ok(Math.abs(full - 1.25 * (mmFromNut(328, 7) - mmFromNut(328, 2))) < 1e-9);
  });
});

describe('bad input', () => {
  it('is answered in a sentence with its value and, where there is one, its note', () => {
    const line = lineBrief('violin', ['B4', 'C5']);
    assert.match(
      refusalOf({
        ...line,
        locks: [
          { note: 0, finger: '1' },
          { note: 0, finger: '2' },
        ],
      }).message,
      /Note 1 is locked twice/,
    );
    assert.equal(refusalOf({ ...line, locks: [{ note: 1, string: 'F4' }] }).note, 1);
    assert.match(refusalOf({ ...line, weights: { shift: 99_999 } }).message, /“shift” cannot be 99999/);
    assert.match(refusalOf({ ...line, weights: { finger: [1, 2] } }).message, /“finger” has 5 values/);
    assert.match(
      refusalOf({ ...line, limits: { highestPerString: [{ string: 'A4', highest: 'G4' }] } }).message,
      /G4 lies below the open A4 string/,
    );
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { type FingersAt, fingerWork, rangeInKey } from '#core/fit';
import { scaleSteps } from '#core/fit/intoned';
import fc from 'fast-check';
import { fingerWorkText } from '../../../src/words/hand/finger-work.ts';
import { rangeInKeyText } from '../../../src/words/hand/range.ts';
import { plan as planOf } from '#core/plan';
import { anyBriefs, planBest } from '../../support/briefs.ts';

function scale(kind: Brief['instrument']['kind'], tonic: string, octaves: 1 | 2 | 3, more: Partial<Brief> = {}): Brief {
  return { instrument: { kind }, material: { kind: 'scale', type: 'major', tonic, octaves, direction: 'up-down' }, ...more };
}

function fingersOf(fingers: FingersAt['held']): string {
  return fingers.map(({ finger, string }) => `${finger}${string}`).join(' ');
}

function at(brief: Brief, note: number): FingersAt {
  const work = fingerWork(planBest(brief))[note];
  assert.ok(work);
  return work;
}

describe('what the fingers do', () => {
  const A_MAJOR = scale('violin', 'A3', 2);

  it('holds the lower fingers going up, and lifts them when the line leaves the string', () => {
    assert.equal(fingersOf(at(A_MAJOR, 2).held), '2IV 1IV');
    assert.equal(fingersOf(at(A_MAJOR, 3).lifted), '3IV 2IV 1IV');
  });

  it('sets down together what the line needs below, coming down and going up', () => {
    assert.equal(fingersOf(at(A_MAJOR, 18).set), '2II 1II');
    assert.deepEqual(fingerWorkText(at(A_MAJOR, 18)), ['1, 2 and 3 on II are set down together: 2 and 3 close.']);
    const thirds: Brief = {
      ...A_MAJOR,
      material: { kind: 'broken', figure: 'thirds', type: 'major', tonic: 'A3', octaves: 1, direction: 'up' },
    };
    assert.equal(fingersOf(at(thirds, 3).set), '3IV', 'going up in thirds: 4, and 3 with it');
  });

  it('holds nothing where the school lifts', () => {
    const lifted = fingerWork(planBest({ ...A_MAJOR, school: { ways: { fingers: 'lifted' } } }));
    assert.ok(lifted.every(({ held, set }) => held.length + set.length === 0));
  });

  it('lets the finger of the next string hover: the note before, and at speed from the note from which it is free', () => {
    const A_FLAT = scale('violin', 'Ab3', 1);
    const quick: Brief = { ...A_FLAT, tempo: 120, rhythm: { noteValue: '1/16' } };
    assert.deepEqual(
      [1, 2, 3].map((note) => fingersOf(at(A_FLAT, note).hovering)),
      ['', '', ''],
    );
    assert.deepEqual(
      [1, 2, 3].map((note) => fingersOf(at(quick, note).hovering)),
      ['1III', '1III', '1III'],
    );
  });

  it('never has a finger in two places, nor one above the note that sounds on its string', () => {
    fc.assert(
      fc.property(anyBriefs(14), (brief) => {
        const outcome = planOf(brief);
        if (!outcome.ok) return true;
        const plan = outcome.value.best;
        return fingerWork(plan).every(({ note, playing, held, set, hovering }) => {
          const down = [...playing, ...held, ...set];
          const once = new Set([...down, ...hovering].map(({ finger }) => finger)).size;
          const sounding = plan.notes[note];
          const stops = sounding?.kind === 'note' ? sounding.stops : [];
          const under = [...held, ...set].every(({ string, semitonesAboveOpen }) =>
            stops.every((stop) => stop.string !== string || stop.semitonesAboveOpen >= semitonesAboveOpen),
          );
          return under && once >= down.length - (playing.length > 1 ? 1 : 0);
        });
      }),
      { seed: 13, numRuns: 60 },
    );
  });
});

describe('the steps of a scale', () => {
  it('tell tones and semitones, the way from the nearest open string, and tetrachords both ways', () => {
    const { start, steps, tetrachords } = scaleSteps(planBest(scale('violin', 'F4', 1)));
    assert.deepEqual(start, { open: 'D4', steps: [2, 1] });
    assert.deepEqual(steps, [null, 2, 2, 1, 2, 2, 2, 1, -1, -2, -2, -2, -1, -2, -2]);
    assert.deepEqual(
      tetrachords.map(({ from, to }) => `${from}-${to}`),
      ['0-3', '4-7', '7-10', '11-14'],
    );
  });

  it('are none over leaps, and the augmented second is one', () => {
    const harmonic: Brief = {
      instrument: { kind: 'viola' },
      material: { kind: 'scale', type: 'harmonic-minor', tonic: 'C3', octaves: 1, direction: 'up' },
    };
    assert.deepEqual(scaleSteps(planBest(harmonic)).steps.slice(5), [1, 3, 1]);
    assert.deepEqual(scaleSteps(planBest(harmonic)).start, { open: 'C3', steps: [] });
    const arpeggio: Brief = {
      instrument: { kind: 'viola' },
      material: { kind: 'arpeggio', type: 'major', tonic: 'C3', octaves: 1, direction: 'up' },
    };
    assert.ok(scaleSteps(planBest(arpeggio)).steps.every((step) => step === null));
  });
});

describe('how far a key goes', () => {
  it('within a position: its tonics, whole octaves, and the notes left over', () => {
    const range = rangeInKey(scale('violin', 'Ab3', 2, { limits: { positions: ['1'] } }));
    assert.ok(range);
    assert.equal(
      rangeInKeyText(range, 'violin'),
      'A♭ major goes from A♭3 to A♭5 here, 2 octaves; above it 1 note is left over, to B♭5; below it 1 note, from G3.',
    );
    const bass = rangeInKey(scale('bass', 'F1', 1, { limits: { positions: ['half', 'I'] } }));
    assert.ok(bass);
    assert.match(rangeInKeyText(bass, 'bass'), /^F major goes from F2 to F3 here, 1 octave; above it 3 notes are left over, to B♭3/);
  });

  it('is played to its last note in one step, every degree in the position', () => {
    const toTheEnd = (brief: Brief): Brief | null | undefined => rangeInKey(brief)?.toTheEnd;
    const first = toTheEnd(scale('violin', 'G3', 1, { limits: { positions: ['1'] } }));
    assert.deepEqual(first?.material, { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up-down', further: 2 });
    const result = planBest(first);
    assert.deepEqual(result.notes.map((note) => (note.kind === 'note' ? note.stops[0].pitch : '')).slice(14, 19), [
      'G5',
      'A5',
      'B5',
      'A5',
      'G5',
    ]);
    assert.ok(result.notes.every((note) => note.kind === 'note' && note.position.label === '1'));
    assert.equal(toTheEnd(first), null, 'as it is now');
    assert.equal(toTheEnd({ ...first, material: { kind: 'arpeggio', type: 'major', tonic: 'G3', octaves: 1, direction: 'up' } }), null);
    const bass = toTheEnd(scale('bass', 'F1', 1, { limits: { positions: ['half', 'I'] } }));
    assert.ok(bass && planBest(bass).notes.every((note) => note.kind === 'note' && ['half', 'I'].includes(note.position.label)));
  });

  it('that has no octave, or no tonic at all, says so', () => {
    const one = rangeInKey(scale('violin', 'A3', 2, { limits: { positions: ['3'], strings: ['A4', 'E5'] } }));
    assert.match(one === null ? '' : rangeInKeyText(one, 'violin'), /^A major has one tonic here, A5;/);
    const none = rangeInKey(scale('violin', 'Eb4', 1, { limits: { positions: ['1'], strings: ['A4'] } }));
    assert.match(none === null ? '' : rangeInKeyText(none, 'violin'), /^E♭ major (has no tonic here|has one tonic here, E♭5)/);
  });
});

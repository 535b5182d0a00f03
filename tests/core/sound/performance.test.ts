import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { withBow, withSigns } from '#core/brief/lines';
import { droneHz, performanceOf, USUAL_TEMPO } from '#core/sound';
import { lineBrief, mixedNotes, planBest } from '../../support/briefs.ts';

const near = (one: number, other: number, within = 1e-9): void => assert.ok(Math.abs(one - other) <= within, `${one} is not ${other}`);
const whole = (count: number) => ({ from: 0, to: count - 1, pace: 1, slides: true });

describe('a line as it sounds', () => {
  it('lasts as long as its notes at its tempo, and twice as long at half the pace', () => {
    fc.assert(
      fc.property(mixedNotes('viola'), fc.integer({ min: 30, max: 200 }), (notes, tempo) => {
        const brief: Brief = { instrument: { kind: 'viola' }, material: { kind: 'line', notes, key: 'C major' }, tempo };
        const result = planBest(brief);
        const quarters = notes.reduce(
          (sum, { duration }) => sum + (4 * Number(duration.split('/')[0])) / Number(duration.split('/')[1]),
          0,
        );
        const played = performanceOf(result, whole(notes.length));
        near(played.seconds, (quarters * 60) / tempo, 1e-6);
        near(performanceOf(result, { ...whole(notes.length), pace: 0.5 }).seconds, 2 * played.seconds, 1e-6);
        assert.equal(played.notes.length, notes.filter((note) => !('rest' in note)).length);
        for (const [order, note] of played.notes.entries()) {
          const next = played.notes[order + 1];
          if (next) assert.ok(note.at + note.seconds <= next.at + 1e-9);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('sounds the pitches it aims at: A4 at the reference, fifths pure where the strings are', () => {
    const result = planBest(lineBrief('violin', ['A4', 'E5', 'A5'], { limits: { openStrings: 'prefer' } }));
    const { notes } = performanceOf(result, whole(3));
    near(notes[0]?.hz[0] ?? 0, 440, 1e-6);
    near(notes[1]?.hz[0] ?? 0, 660, 1e-6);
    const lower = planBest(lineBrief('violin', ['A4'], { instrument: { kind: 'violin', a4Hz: 415 }, limits: { openStrings: 'prefer' } }));
    near(performanceOf(lower, whole(1)).notes[0]?.hz[0] ?? 0, 415, 1e-6);
  });

  it('sounds both notes of a double stop', () => {
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'line', notes: [{ pitches: ['A3', 'F4'], duration: '1/4' }] },
    };
    assert.equal(performanceOf(planBest(brief), whole(1)).notes[0]?.hz.length, 2);
  });

  it('sounds a chord two and two in one bow, the middle note in both', () => {
    const notes = [{ pitches: ['G3', 'D4', 'B4'], duration: '1/2' }];
    const [lower, upper, ...more] = performanceOf(
      planBest({ instrument: { kind: 'violin' }, material: { kind: 'line', notes } }),
      whole(1),
    ).notes;
    assert.ok(lower && upper && more.length === 0);
    assert.deepEqual([lower.hz.length, upper.hz.length, lower.hz[1] === upper.hz[0]], [2, 2, true]);
    assert.deepEqual([lower.slursOn, upper.slurred], [true, true]);
    near(upper.at, lower.at + lower.seconds, 1e-9);
    assert.ok(lower.seconds < upper.seconds);
  });

  it('carries the bow over within a slur of the passage, and stops at its end', () => {
    const notes = ['A4', 'B4', 'C5', 'D5'].map((pitch, index) => ({
      pitches: [pitch],
      duration: '1/4',
      ...(index < 2 ? { slur: true } : {}),
    }));
    const result = planBest({ instrument: { kind: 'violin' }, material: { kind: 'line', notes, key: 'C major' } });
    const bows = (from: number, to: number): string =>
      performanceOf(result, { from, to, pace: 1, slides: false })
        .notes.map(({ slurred, slursOn }) => `${slurred ? '_' : '.'}${slursOn ? '_' : '.'}`)
        .join(' ');
    assert.equal(bows(0, 3), '._ __ _. ..');
    assert.equal(bows(1, 1), '..');
  });

  it('slides only in shifts that are heard, late and no longer than a blink, and not where they are left out', () => {
    const brief = lineBrief('violin', ['F#5', 'G5', 'A5', 'B5', 'C6', 'D6'], { limits: { strings: ['E5'] } }, 'G major');
    const result = planBest(brief);
    const { notes } = performanceOf(result, whole(6));
    const slid = notes.flatMap(({ note, slide }) => (slide ? [note] : []));
    assert.deepEqual(
      slid,
      result.shifts.map((shift) => shift.from),
    );
    for (const { slide, seconds } of notes)
      assert.ok(slide === null || (slide.seconds <= 0.22 && slide.seconds < seconds && slide.toHz > 600));
    assert.ok(performanceOf(result, { ...whole(6), slides: false }).notes.every(({ slide }) => slide === null));
  });

  it('plays a passage from its first note on, with the beats of the measure it lies in', () => {
    const result = planBest(lineBrief('violin', ['D4', 'E4', 'F#4', 'G4', 'A4', 'B4'], { tempo: 60 }, 'D major'));
    const { notes, beats, countIn } = performanceOf(result, { from: 3, to: 4, pace: 1, slides: true });
    assert.deepEqual(
      notes.map(({ note, at }) => [note, at]),
      [
        [3, 0],
        [4, 1],
      ],
    );
    assert.deepEqual(
      beats.map(({ at, strong }) => [at, strong]),
      [
        [0, false],
        [1, true],
      ],
    );
    assert.deepEqual(
      countIn.map(({ at, strong }) => [at, strong]),
      [
        // The line begins on the fourth beat: one, two, three are counted before it, and the next one is a measure after that one.
        [-4, false],
        [-3, true],
        [-2, false],
        [-1, false],
      ],
    );
  });

  it('counts a pick-up into its measure', () => {
    const brief = lineBrief('violin', ['D4', 'E4', 'F#4'], { tempo: 60, rhythm: { noteValue: '1/4', meter: '3/4', pickUp: '1/4' } });
    const { beats, countIn } = performanceOf(planBest(brief), whole(3));
    assert.deepEqual(
      [...countIn, ...beats].flatMap(({ at, strong }) => (strong ? [at] : [])),
      [-2, 1],
    );
  });

  it('ends a staccato note early, and stops the bow in a slur', () => {
    const line = lineBrief('violin', ['G3', 'A3', 'B3'], { tempo: 60 });
    const dotted = withSigns(withBow(line, 0, 2, true), 1, { articulation: 'staccato' });
    const { notes } = performanceOf(planBest(dotted), whole(3));
    assert.deepEqual(
      notes.map(({ seconds, slursOn }) => [seconds, slursOn]),
      [
        [1, true],
        [0.5, false],
        [1, false],
      ],
    );
  });

  it('begins an accented note with more bow', () => {
    const brief = lineBrief('violin', ['D4', 'E4', 'F#4', 'G4'], { rhythm: { accents: { every: 2, on: 2 } } });
    assert.deepEqual(
      performanceOf(planBest(brief), whole(4)).notes.map(({ accent }) => accent),
      [false, true, false, true],
    );
  });

  it('goes at a walking pace when the brief names no tempo', () => {
    near(performanceOf(planBest(lineBrief('cello', ['C3'])), whole(1)).seconds, 60 / USUAL_TEMPO);
  });
});

describe('a drone', () => {
  const result = planBest(lineBrief('cello', ['G2', 'D3', 'B3'], {}, 'G major'));

  it('is the tonic at or below the lowest note, or an open string, else nothing', () => {
    near(droneHz(result, 'tonic', 0) ?? 0, 98, 0.1);
    near(droneHz(result, { open: 'D3' }, 0) ?? 0, 146.83, 0.1);
    assert.equal(droneHz(result, { open: 'E5' }, 0), null);
    assert.ok((droneHz(planBest(lineBrief('violin', ['A3', 'B3'], {}, 'G major')), 'tonic', 0) ?? 0) < 220);
  });
});

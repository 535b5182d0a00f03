import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { beatAt, type Click, clicksBetween, type Metronome, tappedTempo, turnsOf } from '#core/practice/metronome';
import type { Performance } from '#core/sound';

const common: Metronome = { tempo: 93, meter: { beats: 4, beatValue: 4 }, subdivision: 1, silentMeasures: false, countIn: false };

/** Lists clicks as a page asks for them: bit by bit, whenever it is woken. */
function listen(metronome: Metronome, seconds: number, awake: (turn: number) => number): readonly Click[] {
  const clicks: Click[] = [];
  let until = 0;
  for (let turn = 0; until < seconds; turn += 1) {
    const next = Math.min(seconds, until + awake(turn));
    clicks.push(...clicksBetween(metronome, until, next));
    until = next;
  }
  return clicks;
}

describe('the clock', () => {
  it('runs for an hour without a beat missing, doubled or late, however seldom the page is woken', () => {
    for (const awake of [() => 0.25, () => 1, (turn: number) => 0.013 + ((turn * 7919) % 977) / 300, () => 61.7]) {
      for (const subdivision of [1, 3, 4]) {
        const metronome = { ...common, subdivision };
        const clicks = listen(metronome, 3600, awake);
        const every = 60 / metronome.tempo / subdivision;
        assert.equal(clicks.length, Math.ceil(3600 / every - 1e-6));
        const worst = clicks.reduce((most, { at }, number) => Math.max(most, Math.abs(at - number * every)), 0);
        assert.ok(worst < 1e-6, `${worst} s`);
      }
    }
  });

  it('accents the measure, and every third beat in compound meters', () => {
    const strengths = (metronome: Metronome, seconds: number) => clicksBetween(metronome, 0, seconds).map(({ strength }) => strength);
    assert.deepEqual(strengths({ ...common, tempo: 60, meter: { beats: 3, beatValue: 4 } }, 4), ['measure', 'beat', 'beat', 'measure']);
    assert.deepEqual(strengths({ ...common, tempo: 60, meter: { beats: 6, beatValue: 8 } }, 6), [
      'measure',
      'beat',
      'beat',
      'accent',
      'beat',
      'beat',
    ]);
    assert.deepEqual(strengths({ ...common, tempo: 60, subdivision: 2 }, 2), ['measure', 'between', 'beat', 'between']);
  });

  it('is silent every other measure where the inner beat is tested', () => {
    const clicks = clicksBetween({ ...common, tempo: 60, silentMeasures: true }, 0, 16);
    assert.deepEqual(
      clicks.map(({ at }) => at),
      [0, 1, 2, 3, 8, 9, 10, 11],
    );
  });
});

describe('counting in', () => {
  it('counts one measure, beat by beat, before the first that is played, silent ones or not', () => {
    const clicks = clicksBetween({ ...common, tempo: 60, subdivision: 2, silentMeasures: true, countIn: true }, 0, 16);
    assert.deepEqual(
      clicks.slice(0, 6).map(({ at, strength }) => [at, strength]),
      [
        [0, 'count'],
        [1, 'count'],
        [2, 'count'],
        [3, 'count'],
        [4, 'measure'],
        [4.5, 'between'],
      ],
    );
    assert.deepEqual(
      clicks.filter(({ at }) => at >= 8 && at < 12),
      [],
      'the second measure that is played is the silent one',
    );
    assert.equal(clicks.find(({ at }) => at >= 12)?.at, 12);
  });

  it('knows the beat that is heard', () => {
    const metronome: Metronome = { ...common, tempo: 60, silentMeasures: true, countIn: true };
    assert.equal(beatAt(metronome, -0.1), null);
    assert.deepEqual(beatAt(metronome, 2.5), { measure: -1, beat: 2, silent: false });
    assert.deepEqual(beatAt(metronome, 4), { measure: 0, beat: 0, silent: false });
    assert.deepEqual(beatAt(metronome, 9.2), { measure: 1, beat: 1, silent: true });
  });
});

describe('a tempo that is tapped', () => {
  it('is the median of the times between taps since the last pause', () => {
    assert.equal(tappedTempo([]), null);
    assert.equal(tappedTempo([1000]), null);
    assert.equal(tappedTempo([1000, 1500]), 120);
    assert.equal(tappedTempo([0, 500, 1000, 1900, 2400, 2900]), 120, 'one late tap does not move it');
    assert.equal(tappedTempo([0, 500, 1000, 60_000]), null, 'after a pause it begins again');
    assert.equal(tappedTempo([0, 500, 1000, 60_000, 61_000]), 60);
  });
});

describe('a model and a silence in turns', () => {
  const beat = (at: number, strong: boolean) => ({ at, strong });
  const model = (seconds: number, beats: Performance['beats'] = []): Performance => ({ notes: [], beats, countIn: [], seconds });

  it('are as long as each other, in whole measures where a metronome beats', () => {
    assert.deepEqual(turnsOf(model(5), null), { seconds: 10, clicks: [] });
    assert.equal(turnsOf(model(4), { ...common, tempo: 60 }).seconds, 8);
    assert.equal(turnsOf(model(6), { ...common, tempo: 60 }).seconds, 16);
  });

  it('share their beats: the clicks go on through the silence and fit when the turn comes again', () => {
    const { seconds, clicks } = turnsOf(model(6), { ...common, tempo: 60, subdivision: 2 });
    assert.equal(clicks.length, 32);
    assert.ok(clicks.every(({ at }, order) => Math.abs(at - order / 2) < 1e-9));
    assert.deepEqual(
      clicks.flatMap(({ at, strength }) => (strength === 'measure' ? [at] : [])),
      [0, 4, 8, 12],
    );
    assert.equal(seconds % 4, 0);
  });

  it('keep the place in the measure of a model that begins within one', () => {
    const { clicks } = turnsOf(model(4, [beat(0, false), beat(1, true), beat(2, false), beat(3, false)]), { ...common, tempo: 60 });
    assert.deepEqual(
      clicks.flatMap(({ at, strength }) => (strength === 'measure' ? [at] : [])),
      [1, 5],
    );
  });
});

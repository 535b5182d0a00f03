import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type Click, clicksBetween, type Metronome } from '#core/practice';

const common: Metronome = { tempo: 93, meter: { beats: 4, beatValue: 4 }, subdivision: 1, silentMeasures: false };

/** Clicks as a page asks for them: bit by bit, whenever it is woken. */
function heard(metronome: Metronome, seconds: number, awake: (turn: number) => number): readonly Click[] {
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
        const clicks = heard(metronome, 3600, awake);
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

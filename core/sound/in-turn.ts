import type { Performance } from './performance.ts';

/** Plays tones one after the other, each for a given time; several at once sound together. */
export function heardInTurn(tones: readonly (readonly number[])[], secondsEach: number): Performance {
  const notes = tones.map((hz, order) => ({
    note: order,
    at: order * secondsEach,
    seconds: secondsEach,
    hz,
    slurred: false,
    slursOn: false,
    accent: false,
    slide: null,
  }));
  return { notes, beats: [], countIn: [], seconds: tones.length * secondsEach };
}

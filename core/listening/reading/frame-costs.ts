import type { DueNote, Sound } from '#core/listening';
import { likenessAmong, likenessOf } from '#core/listening/voices';
import type { Frames } from './frames.ts';

/** The frames of a take, each with the price of hearing it in each of the notes due. */
export interface FrameCosts {
  /** The number of frames. */
  readonly count: number;
  /** Tells whether something sounds in a frame. */
  readonly sounds: (frame: number) => boolean;
  /** Gives the price of a frame that sounds, in the note due of an order. */
  readonly costOf: (frame: number, order: number) => number;
}

/** The distance up to which a pitch costs nothing, and the one beyond it that costs half a unit in each frame, cents: players miss. */
const NEAR = 20;
const FAR = 60;

/** The most that a frame costs, and the price of one an octave away: there the reader is more likely at fault than the player. */
const MOST = 0.75;
const OCTAVE_AWAY = 0.2;

/** Gives the prices of frames by their pitch, for notes of one voice. */
export function pitchCosts({ cents }: Frames, due: readonly DueNote[]): FrameCosts {
  const aims = due.map(({ hz: [one = 440] }) => centsOfHz(one));
  return {
    count: cents.length,
    sounds: (frame) => !Number.isNaN(cents[frame] ?? NaN),
    costOf: (frame, order) => {
      const off = Math.abs((cents[frame] ?? NaN) - (aims[order] ?? 0));
      return Math.min(MOST, costOfMiss(off), OCTAVE_AWAY + costOfMiss(Math.abs(off - 1200)));
    },
  };
}

function costOfMiss(cents: number): number {
  return 0.5 * (Math.max(0, cents - NEAR) / FAR) ** 2;
}

/** Gives the pitch of a frequency, cents above A4 at 440 Hz. */
export function centsOfHz(hz: number): number {
  return 1200 * Math.log2(hz / 440);
}

/** The price of a frame for each step by which it is less like a note than like the best, and than any sound is like what it is. */
const LESS_THAN_BEST = 4;
const LESS_THAN_ALIKE = 2;

/** The likeness from which two sonorities are hard to tell apart, and the share of what is beyond it that a frame may be less like. */
const HARD_FROM = 0.6;
const ALLOWED = 0.6;

/** The likeness of a frame to what sounds in it, at least. */
const ALIKE = 0.62;

/** Gives the prices of frames by their partials, for a line in which two voices sound together. */
export function sonorityCosts(sound: Sound, frames: Frames, due: readonly DueNote[]): FrameCosts {
  const names = due.map(({ hz }) => hz.join(' '));
  const different = [...new Set(names)];
  const columns = names.map((name) => different.indexOf(name));
  const sonorities = different.map((name) => due[names.indexOf(name)]?.hz ?? []);
  const count = frames.cents.length;
  const sounding = [...frames.heard.keys()].filter((frame) => frames.heard[frame] === 1);
  const likeness = likenessOf(sound, { sonorities, times: sounding.map((frame) => frame * frames.every) });
  const rows = new Int32Array(count).fill(-1);
  for (const [row, frame] of sounding.entries()) rows[frame] = row;
  const among = likenessAmong(sonorities);
  const allowance = (one: number, other: number): number => ALLOWED * Math.max(0, (among[one]?.[other] ?? 0) - HARD_FROM);
  const best = sounding.map((_, row) => {
    const here = likeness.subarray(row * sonorities.length, (row + 1) * sonorities.length);
    return here.indexOf(Math.max(...here));
  });
  return {
    count,
    sounds: (frame) => (rows[frame] ?? -1) >= 0,
    costOf: (frame, order) => {
      const row = rows[frame] ?? 0;
      const [column, most] = [columns[order] ?? 0, best[row] ?? 0];
      const alike = likeness[row * sonorities.length + column] ?? 0;
      const less = (likeness[row * sonorities.length + most] ?? 0) - alike;
      const beyond = Math.max(0, less - (column === most ? 0 : allowance(column, most)));
      return Math.min(MOST, LESS_THAN_BEST * beyond + LESS_THAN_ALIKE * Math.max(0, ALIKE - alike));
    },
  };
}

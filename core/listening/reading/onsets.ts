import type { Frames } from './frames.ts';

/** The frames before and after, within which a sound grows or a beginning counts once. */
const BEFORE = 7;
const APART = 6;

/** The growth of loudness that is surely a beginning, and the one that may be one, decibels. */
const SURE = 12;
const PERHAPS = 4;

/**
 * Finds the beginnings of sounds by their loudness: for each frame how surely a sound begins there, 0 … 1; of a growth that lasts some
 * frames the steepest counts.
 */
export function onsetsOf({ decibels }: Frames): Float32Array {
  const growth = decibels.map((now, frame) => {
    const next = Math.max(now, decibels[frame + 1] ?? now, decibels[frame + 2] ?? now);
    let least = now;
    for (let back = 1; back <= BEFORE; back += 1) least = Math.min(least, decibels[frame - back] ?? least);
    return next - least;
  });
  const steepness = decibels.map((now, frame) => (decibels[frame + 1] ?? now) - (decibels[frame - 1] ?? now));
  return growth.map((grown, frame) => {
    const steep = steepness[frame] ?? 0;
    if (grown < PERHAPS || steep <= 0) return 0;
    for (let step = -APART; step <= APART; step += 1) {
      const other = steepness[frame + step] ?? 0;
      if (other > steep || (other === steep && step < 0)) return 0;
    }
    return Math.min(1, (grown - PERHAPS) / (SURE - PERHAPS));
  });
}

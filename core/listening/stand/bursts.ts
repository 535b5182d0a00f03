/** The length of a frame in which loudness is measured, seconds. */
export const FRAME = 0.01;

/** The loudness from which a burst counts, its rise over what sounded before, and the share to which it must fall. */
const LOUD_FROM = 0.04;
const RISES_BY = 6;
const FALLS_TO = 0.4;

/** The frames before a burst that are compared with it, and those within which it has fallen. */
const BEFORE = { from: 12, to: 2 } as const;
const FALLEN_AFTER = { from: 10, to: 16 } as const;

/** The frames from the beginning of a burst that tell whether it is one. */
const NEEDED = FALLEN_AFTER.to + 1;

/** The frames after the beginning of a burst that still belong to it, in a room that rings. */
export const RINGS_FOR = 40;

/**
 * Tells whether a burst begins in a frame: much louder than the moment before, and soon gone, as no bowed note is. Undefined where the
 * frames that would tell have not been heard yet.
 */
export function isBurst(loudness: readonly number[], at: number): boolean | undefined {
  const peak = Math.max(loudness[at] ?? 0, loudness[at + 1] ?? 0);
  if (peak < LOUD_FROM || peak < RISES_BY * meanOf(loudness, at - BEFORE.from, at - BEFORE.to)) return false;
  if (loudness.length < at + NEEDED) return undefined;
  return meanOf(loudness, at + FALLEN_AFTER.from, at + FALLEN_AFTER.to) < FALLS_TO * peak;
}

/** Gives the mean loudness of some frames, of which those before the first count as silent. */
export function meanOf(loudness: readonly number[], from: number, to: number): number {
  let sum = 0;
  for (let frame = from; frame < to; frame += 1) sum += loudness[frame] ?? 0;
  return sum / Math.max(1, to - from);
}

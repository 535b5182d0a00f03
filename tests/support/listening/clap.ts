import { seededNumbers, seededSpread } from '#core/listening';

/** The time in which a room falls silent, by 60 decibels, seconds, and the loudness of its ringing against the clap. */
const RINGS = { seconds: 0.5, share: 0.2 } as const;

/** Makes a clap of some seconds: a burst of noise that is soon gone, and the room that rings after it where that is wanted. */
export function clap(seed: number, sampleRate: number, { seconds = 0.2, rings = false } = {}): Float32Array {
  const spread = seededSpread(seededNumbers(seed));
  return Float32Array.from({ length: Math.round(seconds * sampleRate) }, (_, index) => {
    const time = index / sampleRate;
    const ringing = rings ? RINGS.share * 10 ** ((-3 * time) / RINGS.seconds) : 0;
    return 0.3 * spread() * (Math.exp(-time / 0.025) + ringing);
  });
}

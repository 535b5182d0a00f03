import { seededNumbers, seededSpread } from '#core/listening';

/** Makes a clap: a burst of noise that is gone in a fifth of a second, as in a room. */
export function clap(seed: number, sampleRate: number): Float32Array {
  const spread = seededSpread(seededNumbers(seed));
  return Float32Array.from(
    { length: Math.round(0.2 * sampleRate) },
    (_, index) => 0.3 * spread() * Math.exp(-index / (0.025 * sampleRate)),
  );
}

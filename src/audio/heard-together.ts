import { heardPair, likenessOf } from '#core/listening/voices';

/** By how much two strings together are more like what sounds than either alone. */
const CLEARLY_BOTH = 0.03;

/** Hears the interval of two strings that are bowed together, cents; null where only one of them sounds, or neither. */
export function intervalTogether(samples: Float32Array, sampleRate: number, [lowHz, highHz]: readonly [number, number]): number | null {
  const sound = { samples, sampleRate };
  const sonorities = [[lowHz, highHz], [lowHz], [highHz]];
  const [both = 0, low = 0, high = 0] = likenessOf(sound, { sonorities, times: [samples.length / sampleRate / 2] });
  if (both < Math.max(low, high) + CLEARLY_BOTH) return null;
  const { interval } = heardPair(sound, [lowHz, highHz]);
  return interval.by === 'voices' ? interval.cents : null;
}

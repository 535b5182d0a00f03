import { heardPair, likenessOf } from '#core/listening/voices';

/** By how much two strings together are more like what sounds than either alone. */
const CLEARLY_BOTH = 0.03;

/** Two strings that are heard together. */
export interface HeardTogether {
  /** The interval, cents. */
  readonly cents: number;
  /** The frequency of each, the lower first, Hz. */
  readonly hz: readonly [number, number];
}

/** Hears two strings that are bowed together; null where only one of them sounds, or neither. */
export function hearTogether(samples: Float32Array, sampleRate: number, [lowHz, highHz]: readonly [number, number]): HeardTogether | null {
  const sound = { samples, sampleRate };
  const sonorities = [[lowHz, highHz], [lowHz], [highHz]];
  const [both = 0, low = 0, high = 0] = likenessOf(sound, { sonorities, times: [samples.length / sampleRate / 2] });
  if (both < Math.max(low, high) + CLEARLY_BOTH) return null;
  const { interval, cents } = heardPair(sound, [lowHz, highHz]);
  if (interval.by !== 'voices') return null;
  const hz = [lowHz * 2 ** ((cents[0] ?? 0) / 1200), highHz * 2 ** ((cents[1] ?? 0) / 1200)] as const;
  return { cents: interval.cents, hz };
}

/** The number of the last taps from which a tempo is taken. */
const MOST_TAPS = 8;

/** The pause that begins a new tempo, ms. */
const NEW_TEMPO_MS = 2500;

const MS_A_MINUTE = 60_000;

/** The slowest and the fastest beat of a metronome, beats a minute. */
export const [SLOWEST_CLICK, FASTEST_CLICK] = [20, 300] as const;

/**
 * Gives the tempo that was tapped, beats a minute: the median of the last times from tap to tap, so that one late tap does not move it.
 * Taps in ms, in their order; null while there are fewer than two since the last pause.
 */
export function tappedTempo(taps: readonly number[]): number | null {
  const spans = taps.slice(1).map((at, order) => at - (taps[order] ?? at));
  const pause = spans.findLastIndex((span) => span > NEW_TEMPO_MS);
  const together = spans
    .slice(pause + 1)
    .slice(-MOST_TAPS)
    .toSorted((one, other) => one - other);
  const [lower, upper] = [together[Math.floor((together.length - 1) / 2)], together[Math.floor(together.length / 2)]];
  if (lower === undefined || upper === undefined || lower + upper <= 0) return null;
  return MS_A_MINUTE / ((lower + upper) / 2);
}

/** Gives the middle of some values in order, in their own unit: a few that are read quite wrong do not move it. 0 where there are none. */
export function middleOf(values: readonly number[]): number {
  const sorted = values.toSorted((one, other) => one - other);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

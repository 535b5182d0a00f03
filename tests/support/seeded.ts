/** Makes numbers between 0 and 1 that are the same for the same seed (a linear congruential generator). */
export function seeded(seed: number): () => number {
  let state = (seed * 2_654_435_761) >>> 0;
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
}

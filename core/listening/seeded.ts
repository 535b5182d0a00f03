/** Makes numbers from 0 up to 1 that look random and are the same for the same seed (a linear congruence modulo 2³²; Knuth’s constants). */
export function seededNumbers(seed: number): () => number {
  let state = Math.round(seed) >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** Makes numbers that spread around nothing as chance does, with a standard deviation of 1 (the polar method of Marsaglia, 1964). */
export function seededSpread(random: () => number): () => number {
  return () => {
    let [x, square] = [0, 0];
    while (square === 0 || square >= 1) {
      x = 2 * random() - 1;
      square = x ** 2 + (2 * random() - 1) ** 2;
    }
    return x * Math.sqrt((-2 * Math.log(square)) / square);
  };
}

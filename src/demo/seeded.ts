/** Numbers that look like chance and are always the same from the same seed. */
export interface Seeded {
  /** Gives a number from 0 up to, not including, 1. */
  readonly next: () => number;
  /** Gives a whole number, both ends included. */
  readonly whole: (from: number, to: number) => number;
  readonly one: <Value>(values: readonly [Value, ...Value[]]) => Value;
}

/** Makes a linear congruential generator (Numerical Recipes, "quick and dirty": 1664525 x + 1013904223 modulo 2³²). */
export function seedNumbers(seed: number): Seeded {
  let state = seed >>> 0;
  const next = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  const whole = (from: number, to: number): number => from + Math.floor(next() * (to - from + 1));
  return { next, whole, one: (values) => values[whole(0, values.length - 1)] ?? values[0] };
}

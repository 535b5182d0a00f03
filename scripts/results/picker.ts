/** Makes numbers from 0 (inclusive) to 1 that are the same on every machine for the same seed (mulberry32, a public-domain generator). */
function seedNumbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** Picks things at random, always the same for one seed. */
export interface Picker {
  readonly one: <const Value>(values: readonly [Value, ...Value[]]) => Value;
  readonly some: <Value>(values: readonly Value[], share: number) => Value[];
  readonly chance: (share: number) => boolean;
  readonly whole: (least: number, most: number) => number;
}

/** Makes a picker from a seed. */
export function pickerOf(seed: number): Picker {
  const next = seedNumbers(seed);
  const whole = (least: number, most: number): number => least + Math.floor(next() * (most - least + 1));
  return {
    one: (values) => values[whole(0, values.length - 1)] ?? values[0],
    some: (values, share) => values.filter(() => next() < share),
    chance: (share) => next() < share,
    whole,
  };
}

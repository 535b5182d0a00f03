import type { Weights } from './weight-table.ts';
import type { PerFinger } from './weight-types.ts';

/** Moves from one set of weights towards changed ones by a share, 0 to 1. */
export function mixedWeights(weights: Weights, changed: Partial<Weights>, share: number): Weights {
  if (share <= 0) return weights;
  const towards = (from: number, to: number): number => from + (to - from) * Math.min(1, share);
  const next: { -readonly [Name in keyof Weights]: Weights[Name] } = { ...weights };
  for (const [name, value] of Object.entries(changed)) setWeight(next, name, value, towards);
  return next;
}

function setWeight(next: object, name: string, value: unknown, towards: (from: number, to: number) => number): void {
  const from: unknown = Reflect.get(next, name);
  if (typeof from === 'number' && typeof value === 'number') Reflect.set(next, name, towards(from, value));
  if (Array.isArray(from) && Array.isArray(value)) {
    Reflect.set(
      next,
      name,
      value.map((to, index) => towards(Number(from[index] ?? 0), Number(to))),
    );
  }
}

/** Adds to a weight for each finger. */
export function plus(values: PerFinger, added: PerFinger): PerFinger {
  return [values[0] + added[0], values[1] + added[1], values[2] + added[2], values[3] + added[3], values[4] + added[4]];
}

/** Multiplies a weight for each finger. */
export function times(values: PerFinger, factor: number): PerFinger {
  return [values[0] * factor, values[1] * factor, values[2] * factor, values[3] * factor, values[4] * factor];
}

import type { InstrumentKind } from '#core/instrument';
import { WEIGHTS, type Weights } from './weight-table.ts';
import type { WeightValue } from './weight-types.ts';

/**
 * Gives the default weights of an instrument.
 *
 * @throws where the table lacks a line, which is a bug
 */
export function weightsFor(kind: InstrumentKind): Weights {
  const picked = Object.fromEntries(Object.entries(WEIGHTS).map(([name, entry]): [string, WeightValue] => [name, entry.defaults[kind]]));
  if (!isComplete(picked)) throw new RangeError(`The table of weights lacks a line for the ${kind}`);
  return picked;
}

/** Tells whether every line of the table is there, with a value of its own kind. */
function isComplete(weights: Readonly<Record<string, WeightValue>>): weights is Weights {
  return Object.entries(WEIGHTS).every(([name, entry]) => typeof weights[name] === typeof entry.defaults.violin);
}

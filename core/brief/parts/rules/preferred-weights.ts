import { type Wishes, wishPart } from '#core/brief/parts/wishes';
import { mixedWeights, type Weights } from '#core/weights';
import { type Purpose, purposeWeights } from './purpose.ts';

/** Gives the weights that a purpose and wishes ask for. A wish of strength 0 changes nothing; strengths scale the change evenly. */
export function preferredWeights(weights: Weights, purpose: Purpose | null, wishes: Wishes): Weights {
  const forPurpose = purpose === null ? weights : mixedWeights(weights, purposeWeights(weights, purpose), 1);
  return [...wishes].reduce((before, [wish, strength]) => mixedWeights(before, wishPart(wish).weights(before), strength), forPurpose);
}

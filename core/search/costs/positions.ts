import { inThumbPosition, type Placement } from '#core/hand';
import type { Weights } from '#core/weights';

/** What a position costs to enter, thousandths. */
export function positionWeight(weights: Weights, placement: Placement): number {
  const index = placement.letterPosition ?? placement.anchor;
  return weights.position[Math.min(index, weights.position.length - 1)] ?? 0;
}

/** Tells positions apart: an open string may follow only where the hand hovers in the same one. */
export function positionKey(placement: Placement): number {
  return placement.letterPosition ?? (inThumbPosition(placement) ? THUMB_KEYS + placement.anchor : placement.anchor);
}

/** Above every anchor there is. */
const THUMB_KEYS = 64;

/** No finger is down. */
export function isOpen({ finger, upper }: Placement): boolean {
  return finger === '0' && (upper === null || upper.finger === '0');
}

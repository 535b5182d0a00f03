import { inThumbPosition, type Placement } from '#core/hand';
import type { Weights } from '#core/weights';

/** What a position costs to enter, thousandths. */
export function positionWeight(weights: Weights, placement: Placement): number {
  const index = placement.letterPosition ?? placement.anchor;
  return weights.position[Math.min(index, weights.position.length - 1)] ?? 0;
}

/** Tells positions apart as a player names them: the letter under finger 1, or the semitone, in thumb position or not. */
export function positionKey(placement: Placement): number {
  return placement.letterPosition ?? (inThumbPosition(placement) ? THUMB_KEYS + placement.anchor : placement.anchor);
}

/** Above every anchor there is. */
const THUMB_KEYS = 64;

/** The anchor of first position on the instruments whose positions go by semitones; on the others it is letter position 1. */
const FIRST_ANCHOR = 2;

/** Half or first position. */
export function atHome(placement: Placement): boolean {
  return placement.letterPosition === null
    ? placement.anchor <= FIRST_ANCHOR && !inThumbPosition(placement)
    : placement.letterPosition <= 1;
}

/** No finger is down. */
export function isOpen({ finger, upper }: Placement): boolean {
  return finger === '0' && (upper === null || upper.finger === '0');
}

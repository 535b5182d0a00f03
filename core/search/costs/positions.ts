import { inThumbPosition, type Placement } from '#core/hand/placement';
import type { Weights } from '#core/weights';
import type { CostSetting } from './setting.ts';

/**
 * Gives the cost of entering a position, thousandths. A hand whose first finger reaches back pays for the costlier of the two positions it
 * lies in; from first position it reaches back to half and pays for first. A position that holds the whole line, where the first does not,
 * is its home.
 */
export function positionWeight({ weights, homes }: CostSetting, { letterPosition, anchor, shape }: Placement): number {
  if (letterPosition !== null) return homes.has(letterPosition) ? 0 : weightAt(weights, letterPosition);
  if (shape !== 'reached-back') return weightAt(weights, anchor);
  return Math.max(anchor < FIRST_ANCHOR ? 0 : weightAt(weights, anchor), weightAt(weights, anchor + 1));
}

function weightAt({ position }: Weights, index: number): number {
  return position[Math.min(index, position.length - 1)] ?? 0;
}

/**
 * Gives the key that tells positions apart as a player names them: the letter under finger 1, or the semitone, in thumb position or not. A
 * hand that may open is one with the part of it that stays.
 */
export function positionKey(placement: Placement): number {
  const { letterPosition, block, stance, anchor } = placement;
  if (letterPosition !== null) return letterPosition;
  return block === null ? (inThumbPosition(placement) ? THUMB_KEYS + anchor : anchor) : OPENING_KEYS + stance;
}

/** The key that lies above every anchor. */
const THUMB_KEYS = 64;
const OPENING_KEYS = 128;

/** The anchor of first position on the instruments whose positions go by semitones; on the others it is letter position 1. */
const FIRST_ANCHOR = 2;

/** Tells whether a position is half or first. */
export function atHome(placement: Placement): boolean {
  return placement.letterPosition === null
    ? placement.anchor <= FIRST_ANCHOR && !inThumbPosition(placement)
    : placement.letterPosition <= 1;
}

/** Tells whether no finger is down. */
export function isOpen({ finger, upper }: Placement): boolean {
  return finger === '0' && (upper === null || upper.finger === '0');
}

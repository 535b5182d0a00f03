import type { Placement, Shape } from '#core/hand/placement';

/**
 * Finds the one shape of two fingers of one hand: at home where neither opens it, null where their shapes exclude each other. On the neck
 * of the cello a hand is open or closed with all its fingers.
 */
export function sharedShape(one: Placement, other: Placement): Shape | null {
  if (one.block !== other.block || (one.block !== null && one.anchor !== other.anchor)) return null;
  if (one.shape !== other.shape && one.shape !== 'home' && other.shape !== 'home') return null;
  return one.shape === 'home' ? other.shape : one.shape;
}

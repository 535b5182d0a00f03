import type { Placement, Shape } from './types.ts';

/**
 * The one shape of two fingers of one hand: at home where neither opens it, null where their shapes exclude each other. Where a
 * hand of cello or double bass opens forward, the block of 2-3-4 opens whole: only finger 1 stays at home beside it.
 */
export function sharedShape(one: Placement, other: Placement): Shape | null {
  const shape = one.shape === 'home' ? other.shape : one.shape;
  if (one.shape !== other.shape && one.shape !== 'home' && other.shape !== 'home') return null;
  const blockOpens = shape === 'reached-forward' && one.letterPosition === null;
  if (blockOpens && [one, other].some((stop) => stop.finger !== '1' && stop.shape !== 'reached-forward')) return null;
  return shape;
}

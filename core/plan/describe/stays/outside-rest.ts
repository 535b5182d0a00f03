import type { Placement, Shape } from '#core/hand/placement';

/** The shapes in which the finger that plays stands outside the hand at rest, whichever finger it is. */
const OUTSIDE: ReadonlySet<Shape> = new Set<Shape>(['drawn-in', 'pivoted', 'thumb-reached']);

/**
 * Tells whether a finger stands outside the hand at rest: reaching back concerns the first finger, reaching forward the others; a finger
 * set closer stands inside by one, a rolled hand stands off its place. Of a double stop one finger is enough; where the fourth finger of
 * violin and viola trills, it is the one that stands outside.
 */
export function standsOutside({ shape, finger, upper, partner, letterPosition }: Placement): boolean {
  if (partner?.finger === '4' && letterPosition !== null) return false;
  if (OUTSIDE.has(shape)) return true;
  if (shape === 'reached-back') return finger === '1' || upper?.finger === '1';
  return shape === 'reached-forward' && (finger !== '1' || upper !== null);
}

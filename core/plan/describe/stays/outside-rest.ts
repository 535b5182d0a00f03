import type { Placement, Shape } from '#core/hand';

/** Shapes in which the finger that plays stands outside the hand at rest, whichever it is. */
const OUTSIDE: ReadonlySet<Shape> = new Set<Shape>(['drawn-in', 'pivoted', 'thumb-reached']);

/**
 * Whether a finger stands outside the hand at rest: reaching back concerns the first finger, reaching forward the
 * others; a drawn-in finger stands inside by one, a rolled hand stands off its place. Of a double stop one finger is enough.
 */
export function standsOutside({ shape, finger, upper }: Placement): boolean {
  if (OUTSIDE.has(shape)) return true;
  if (shape === 'reached-back') return finger === '1' || upper?.finger === '1';
  return shape === 'reached-forward' && (finger !== '1' || upper !== null);
}

import { type Placement, soundingIn, type StringStop } from '#core/hand/placement';

/** Tells whether every stop of a placement fits: the single note, or both notes of a double stop. */
export function everyStop(placement: Placement, fits: (stop: StringStop) => boolean): boolean {
  return soundingIn(placement).every(fits);
}

/** Tells whether a placement uses an open string. */
export function usesOpen(placement: Placement): boolean {
  return soundingIn(placement).some(({ finger }) => finger === '0');
}

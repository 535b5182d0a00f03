import type { Placement, StringStop } from '#core/hand';

/** Whether every stop of a placement fits: the note, or both notes of a double stop. */
export function everyStop(placement: Placement, fits: (stop: StringStop) => boolean): boolean {
  return fits(placement) && (placement.upper === null || fits(placement.upper));
}

/** Whether a placement uses an open string. */
export function usesOpen(placement: Placement): boolean {
  return placement.finger === '0' || placement.upper?.finger === '0';
}

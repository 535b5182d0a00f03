/** The partials of a note that are looked at. */
const LOOKED_AT = 8;

/** The least distance of two partials, in widths of what a stretch of sound tells apart. */
const APART = 2.4;

/**
 * Lists the partials of a note that stand clear of those of another note, in a stretch of sound of some seconds: two frequencies are told
 * apart when they differ by more than the reciprocal of its length.
 */
export function clearPartials(hz: number, otherHz: number, seconds: number): readonly number[] {
  return Array.from({ length: LOOKED_AT }, (_, order) => order + 1).filter(
    (partial) => distanceTo(partial * hz, otherHz) * seconds > APART,
  );
}

/** Gives the distance of a frequency from the nearest partial of a note, Hz. */
function distanceTo(hz: number, noteHz: number): number {
  const nearest = Math.max(1, Math.round(hz / noteHz));
  return Math.abs(hz - nearest * noteHz);
}

/** The travel of the hand, as a share of the note before the shift, and at most this many seconds: a shift is practised late and quick. */
const TRAVEL = { share: 0.3, mostSeconds: 0.22 } as const;

/** Gives the time the hand travels at the end of a note of a given length, both in seconds. The figures are our own estimate. */
export function travelSeconds(noteSeconds: number): number {
  return Math.min(TRAVEL.mostSeconds, TRAVEL.share * noteSeconds);
}

/** Gives the same time as a share of the note; without a tempo (null) the whole share. */
export function travelShare(noteSeconds: number | null): number {
  return noteSeconds === null || noteSeconds === 0 ? TRAVEL.share : travelSeconds(noteSeconds) / noteSeconds;
}

/** The hand travels in this share of the note it leaves, and in at most so many seconds: late and quick, as it is practised. */
const TRAVEL = { share: 0.3, mostSeconds: 0.22 } as const;

/** How long the hand travels at the end of a note of so many seconds, seconds. The figures are ours. */
export function travelSeconds(noteSeconds: number): number {
  return Math.min(TRAVEL.mostSeconds, TRAVEL.share * noteSeconds);
}

/** The same as a share of the note; without a tempo (null) the whole share. */
export function travelShare(noteSeconds: number | null): number {
  return noteSeconds === null || noteSeconds === 0 ? TRAVEL.share : travelSeconds(noteSeconds) / noteSeconds;
}

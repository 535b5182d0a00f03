import type { Finger } from '#core/hand/placement';
import type { Plan, PlannedSound } from '#core/plan/describe';

/** The cause to which a note that fails points back. */
export type PointsTo =
  /** The slide of the shift that arrives on it, with the finger that led. */
  | { readonly to: 'slide'; readonly finger: Finger; readonly note: number }
  /** A fourth finger after a crossing: the fingers were not set down as a block. */
  | { readonly to: 'block'; readonly note: number }
  /** The finger that stood before it on the string. */
  | { readonly to: 'finger'; readonly finger: Finger; readonly note: number };

/**
 * Finds the cause to which a note that fails its check points back, as far as the fingering says; null for the first, and after an open
 * string.
 */
export function pointsBack(plan: Plan, note: number): PointsTo | null {
  const shift = plan.shifts.find(({ to }) => to === note);
  if (shift) return { to: 'slide', finger: shift.fromFinger, note: shift.from };
  const here = plan.notes[note];
  const [before, index] = soundBefore(plan, note);
  if (here?.kind !== 'note' || !before) return null;
  const [stop, last] = [here.stops[0], before.stops[0]];
  if (stop.finger === '4' && last.open !== stop.open) return { to: 'block', note: index };
  return last.finger === '0' ? null : { to: 'finger', finger: last.finger, note: index };
}

function soundBefore({ notes }: Plan, note: number): readonly [PlannedSound | null, number] {
  for (let index = note - 1; index >= 0; index -= 1) {
    const before = notes[index];
    if (before?.kind === 'note') return [before, index];
  }
  return [null, -1];
}

/** The semitones of an octave. */
const SEMITONES = 12;

/** Gives the mean width of the semitones of a chromatic octave, cents, where a number of steps was played up to its octave. */
export function meanSemitoneCents(stepsPlayed: number): number {
  return (100 * SEMITONES) / stepsPlayed;
}

import type { Finger } from '#core/hand/placement';
import type { InstrumentKind } from '#core/instrument';

/** The place of a finger told against the tapes of its instrument. */
export interface AgainstTapes {
  /** The tape, counted from 1, the lowest first. */
  readonly tape: number;
  /** The semitones above the tape; negative below it, 0 on it. */
  readonly semitones: number;
}

/** The labels of the positions in which each finger has a tape of its own. */
const HOME: readonly string[] = ['half', '1', 'I'];

/** Gives the tape that belongs to a finger in first position, counted from 1; null in any other position, and for the thumb. */
export function tapeOfFinger(kind: InstrumentKind, finger: Finger, position: string): number | null {
  if (!HOME.includes(position) || finger === '0' || finger === 'T') return null;
  // The hand of the double bass is 1-2-4, so the third tape is the fourth finger's.
  return kind === 'bass' && finger === '4' ? 3 : Number(finger);
}

/**
 * Tells a place (semitones above the open string) against the tapes (from the nut, semitones above the open strings): against the finger's
 * own tape where it is on it or a semitone beside it, so that a low third finger is just below the third tape; else against the nearest
 * one, and the lower of two equally near. Null without tapes.
 */
export function againstTapes(tapes: readonly number[], place: number, own: number | null): AgainstTapes | null {
  const inOrder = tapes.toSorted((one, other) => one - other);
  const far = (order: number): number => Math.abs(place - (inOrder[order] ?? Infinity));
  const [nearest] = [...inOrder.keys()].toSorted((one, other) => far(one) - far(other) || one - other);
  const order = own !== null && far(own - 1) <= 1 ? own - 1 : nearest;
  const tape = order === undefined ? undefined : inOrder[order];
  return order === undefined || tape === undefined ? null : { tape: order + 1, semitones: place - tape };
}

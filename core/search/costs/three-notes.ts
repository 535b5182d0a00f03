import { isShift, type Placement } from '#core/hand/placement';
import type { CostTerm } from '#core/weights';
import { isOpen } from './positions.ts';
import type { CostSetting, Gap, NoteRole } from './setting.ts';

/** A note between two gaps; at either end of the line there is none. */
export interface NoteBetween {
  /** The role of the note in its line. */
  readonly role: NoteRole;
  /** The gap before the note. */
  readonly before: Gap | null;
  /** The gap after the note. */
  readonly after: Gap | null;
}

/** The costs that depend on a note, the one before it and the one after it, thousandths; each is 0 where it cannot occur. */
export interface ThreeNotes {
  /** The cost when the hand shifts to the note and from it at once. */
  readonly oneNoteStay: number;
  /** The cost when the notes around it are one pitch, once open and once stopped, and the hand has not moved. */
  readonly openAndStopped: number;
}

/**
 * Finds the costs that can occur around a note. A stay for one note costs nothing beside a rest, in a run of semitones, from octave to
 * octave, and at the ends of a line, where nothing hurries the hand or the line is made of such stays. Null where nothing can occur.
 */
export function threeNotes({ weights }: Pick<CostSetting, 'weights'>, { role, before, after }: NoteBetween): ThreeNotes | null {
  if (!before || !after || before.rest || after.rest) return null;
  const isInRow = before.octaveRow || after.octaveRow;
  const oneNoteStay = role.chromatic || isInRow ? 0 : weights.oneNoteStay;
  const openAndStopped = role.turns ? weights.openAndStopped : 0;
  return oneNoteStay + openAndStopped > 0 ? { oneNoteStay, openAndStopped } : null;
}

/** The ways of coming to a note that matter for going on from it. */
export const COMES = {
  /** The note is reached so that nothing that follows costs more. */
  freely: 0,
  /** The note is reached by a shift, for one stopped note. */
  byShift: 1,
  /** The note is reached in one hand, from an open string to which the line returns. */
  fromOpen: 2,
  /** The note is reached in one hand, from a stopped note to which the line returns. */
  fromStopped: 3,
} as const;

/** A way of coming to a note. */
export type Comes = (typeof COMES)[keyof typeof COMES];

/** Finds the way in which a placement is reached from another. */
export function comesBy({ oneNoteStay, openAndStopped }: ThreeNotes, before: Placement, here: Placement): Comes {
  if (isShift(before, here)) return oneNoteStay > 0 && !isOpen(here) && here.upper === null ? COMES.byShift : COMES.freely;
  if (openAndStopped === 0) return COMES.freely;
  return isOpen(before) ? COMES.fromOpen : COMES.fromStopped;
}

/** Finds the cost that occurs where a line goes on from a placement reached in a certain way; null for none. */
export function happensAfter(comes: Comes, here: Placement, after: Placement): keyof ThreeNotes | null {
  if (comes === COMES.freely) return null;
  if (comes === COMES.byShift) return isShift(here, after) ? 'oneNoteStay' : null;
  if (isShift(here, after)) return null;
  return isOpen(after) === (comes === COMES.fromOpen) ? null : 'openAndStopped';
}

/** Gives that cost, thousandths. */
export function costAfter(three: ThreeNotes, comes: Comes, here: Placement, after: Placement): number {
  const happens = happensAfter(comes, here, after);
  return happens === null ? 0 : Math.round(three[happens]);
}

/** Gives the largest cost that can follow that way, thousandths. */
export function mostAfter({ oneNoteStay, openAndStopped }: ThreeNotes, comes: Comes): number {
  if (comes === COMES.freely) return 0;
  return Math.round(comes === COMES.byShift ? oneNoteStay : openAndStopped);
}

/** The term to which each of these costs belongs. */
export const TERM_OF_THREE: Readonly<Record<keyof ThreeNotes, CostTerm>> = {
  oneNoteStay: 'one-note-stay',
  openAndStopped: 'open-and-stopped',
};

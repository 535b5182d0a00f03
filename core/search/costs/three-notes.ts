import { isShift, type Placement } from '#core/hand';
import type { CostTerm } from '#core/weights';
import { isOpen } from './positions.ts';
import type { CostSetting, Gap, NoteRole } from './setting.ts';

/** A note stands between two gaps; at either end of the line there is none. */
export interface NoteBetween {
  /** The role that the note has in its line. */
  readonly role: NoteRole;
  /** It lies before the note. */
  readonly before: Gap | null;
  /** It lies after the note. */
  readonly after: Gap | null;
}

/** Two things depend on a note, the one before it and the one after it; each costs so much where it happens, thousandths, and is 0 where it cannot. */
export interface ThreeNotes {
  /** The hand shifts to the note and from it at once. */
  readonly oneNoteStay: number;
  /** The notes around it are one pitch, once open and once stopped, and the hand has not moved. */
  readonly openAndStopped: number;
}

/**
 * Tells what can happen around a note. A stay for one note costs nothing beside a rest, in a run of semitones, from octave to octave, and at
 * the ends of a line, where nothing hurries the hand or the line is made of such stays. Null where nothing can.
 */
export function threeNotes({ weights }: Pick<CostSetting, 'weights'>, { role, before, after }: NoteBetween): ThreeNotes | null {
  if (!before || !after || before.rest || after.rest) return null;
  const isInRow = before.octaveRow || after.octaveRow;
  const oneNoteStay = role.chromatic || isInRow ? 0 : weights.oneNoteStay;
  const openAndStopped = role.turns ? weights.openAndStopped : 0;
  return oneNoteStay + openAndStopped > 0 ? { oneNoteStay, openAndStopped } : null;
}

/** A note is come to in one of these ways, as far as it matters for going on from it. */
export const COMES = {
  /** Nothing that follows costs more. */
  freely: 0,
  /** By a shift, for one stopped note. */
  byShift: 1,
  /** In one hand, from an open string to which the line returns. */
  fromOpen: 2,
  /** In one hand, from a stopped note to which the line returns. */
  fromStopped: 3,
} as const;

/** One of them. */
export type Comes = (typeof COMES)[keyof typeof COMES];

/** Tells how a placement is come to from another. */
export function comesBy({ oneNoteStay, openAndStopped }: ThreeNotes, before: Placement, here: Placement): Comes {
  if (isShift(before, here)) return oneNoteStay > 0 && !isOpen(here) && here.upper === null ? COMES.byShift : COMES.freely;
  if (openAndStopped === 0) return COMES.freely;
  return isOpen(before) ? COMES.fromOpen : COMES.fromStopped;
}

/** What happens where a line goes on from a placement that it came to so; null for nothing that costs. */
export function happensAfter(comes: Comes, here: Placement, after: Placement): keyof ThreeNotes | null {
  if (comes === COMES.freely) return null;
  if (comes === COMES.byShift) return isShift(here, after) ? 'oneNoteStay' : null;
  if (isShift(here, after)) return null;
  return isOpen(after) === (comes === COMES.fromOpen) ? null : 'openAndStopped';
}

/** What it costs, thousandths. */
export function costAfter(three: ThreeNotes, comes: Comes, here: Placement, after: Placement): number {
  const happens = happensAfter(comes, here, after);
  return happens === null ? 0 : Math.round(three[happens]);
}

/** The most that it can cost after coming so, thousandths. */
export function mostAfter({ oneNoteStay, openAndStopped }: ThreeNotes, comes: Comes): number {
  if (comes === COMES.freely) return 0;
  return Math.round(comes === COMES.byShift ? oneNoteStay : openAndStopped);
}

/** The part of the cost that each belongs to. */
export const TERM_OF_THREE: Readonly<Record<keyof ThreeNotes, CostTerm>> = {
  oneNoteStay: 'one-note-stay',
  openAndStopped: 'open-and-stopped',
};

import { taskAt } from '#core/brief';
import { inThumbPosition, isShift, type Placement, stopsIn } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import { stringOf, writtenOnString } from '#core/instrument';
import { formatPitch, semitonesOf } from '#core/pitch';
import { namingPlacement, positionOf } from '#core/plan/describe';
import { positionKey } from '#core/search/costs';
import { placementsOfNote, type Solved } from '#core/solve';
import type { Ground } from './reason.ts';
import type { Through } from './through.ts';

/** A note that is asked about. */
export interface At {
  /** The sums of the solved line, from both ends. */
  readonly through: Through;
  /** The order of the note among the sounding notes. */
  readonly order: number;
}

/** Finds the first note of the new stay that lies nowhere in the position the hand comes from; null where all of them do. */
export function beyondGround(at: At, before: Placement): Ground | null {
  const { solved } = at.through;
  const { placements } = solved;
  for (let order = at.order; order < placements.length; order += 1) {
    const here = placements[order];
    if (order > at.order && here && isShiftAt(solved, here, order)) break;
    // A place that the brief excludes still lies in the position.
    if (!placementsOfNote(solved.task, order).some((placement) => placement.finger === '0' || liesIn(at, before, placement))) {
      return { kind: 'beyond', written: writtenPitchAt({ ...at, order }), position: positionBefore(at, before) };
    }
  }
  return null;
}

/**
 * Tells that the stay after a shift holds a part of the line; null for one of fewer notes, and on the thumb, whose places have no number.
 */
export function liesInGround(at: At, fewest: number): Ground | null {
  const { placements, task, steps } = at.through.solved;
  let last = at.order;
  for (let order = at.order + 1; order < placements.length; order += 1) {
    const here = placements[order];
    if (here && isShiftAt(at.through.solved, here, order)) break;
    last = order;
  }
  const stay = placements.slice(at.order, last + 1).filter((placement) => stopsIn(placement).length > 0);
  const naming = namingPlacement(stay);
  if (last - at.order + 1 < fewest || !naming || inThumbPosition(naming)) return null;
  const position = positionOf(taskAt(task)(steps[at.order]?.index ?? 0), naming);
  return { kind: 'lies-in', position, until: writtenPitchAt({ ...at, order: last }) };
}

/** Finds why the moment of a shift is a good one; null where there is no such reason. */
export function momentGround({ through: { solved }, order }: At, before: Placement): Ground | null {
  const [left, reached] = [order - 1, order].map((at) => solved.steps[at]?.index ?? 0);
  if (left === undefined || reached === undefined) return null;
  if (reached - left > 1) return { kind: 'moment', moment: 'rest' };
  if (before.finger === '0') return { kind: 'moment', moment: 'open-string' };
  const isOnString = solved.placements[order]?.stringIndex === before.stringIndex;
  return isOnString && isSemitone(solved, left, reached) ? { kind: 'moment', moment: 'semitone' } : null;
}

/** Tells whether two notes of the line are a semitone apart. */
function isSemitone({ task }: Solved, left: number, reached: number): boolean {
  const [one, other] = [task.line.notes[left], task.line.notes[reached]];
  return one?.kind === 'note' && other?.kind === 'note' && Math.abs(semitonesOf(one.pitch) - semitonesOf(other.pitch)) === 1;
}

/** Tells that the note lies below the open string before it. */
export function belowOpenGround(at: At, before: Placement): Ground | null {
  const { task } = at.through.solved;
  const note = task.line.notes[lineIndex(at)];
  const open = stringOf(task.instrument, before.stringIndex);
  return note?.kind === 'note' && semitonesOf(note.pitch) < open.semitones ? { kind: 'below-open', string: open.name } : null;
}

/**
 * Tells that the note lies under no finger of the position on the string before it; null where a finger would have it, or nothing was
 * stopped.
 */
export function underHandGround(at: At, before: Placement): Ground | null {
  const under = placementsOfNote(at.through.solved.task, at.order).some(
    (placement) => placement.stringIndex === before.stringIndex && liesIn(at, before, placement),
  );
  return under || before.finger === '0'
    ? null
    : { kind: 'not-under-hand', string: openName(at, before), position: positionBefore(at, before) };
}

/** The number of notes to either side within which two outer fingers show an open hand. */
const SHOWN_WITHIN = 3;

/**
 * Tells that the cello's hand is open: from the first finger to the third or fourth beside this note on its string is more than a closed
 * hand holds.
 */
export function spansGround(at: At, here: Placement): Ground | null {
  const { placements } = at.through.solved;
  if (here.block === null || here.block - here.anchor === 1) return null;
  const around = Array.from({ length: 2 * SHOWN_WITHIN + 1 }, (_, away) => at.order - SHOWN_WITHIN + away).flatMap((order) => {
    const placement = placements[order];
    return placement && isSameHand(placement, here) ? [{ order, placement }] : [];
  });
  const low = around.find(({ placement }) => placement.finger === '1');
  const high = ['4', '3']
    .map((finger) => around.findLast(({ placement }) => placement.finger === finger))
    .find((other) => other !== undefined);
  if (!low || !high) return null;
  const { finger, semitonesAboveOpen } = high.placement;
  if (semitonesAboveOpen - low.placement.semitonesAboveOpen !== Number(finger)) return null;
  return { kind: 'spans', low: writtenPitchAt({ ...at, order: low.order }), high: writtenPitchAt({ ...at, order: high.order }), finger };
}

/** Tells whether two notes are on one string, with the block of the cello's hand in one place. */
function isSameHand(one: Placement, other: Placement): boolean {
  return one.stringIndex === other.stringIndex && one.stance === other.stance && one.block === other.block;
}

/** Tells whether a shift arrives at a sounding note. */
export function isShiftAt({ placements }: Solved, placement: Placement, index: number): boolean {
  const before = placements[index - 1];
  return before !== undefined && isShift(before, placement);
}

/** Tells whether a placement lies in the position that the hand comes from, in thumb position with the thumb in the same place. */
function liesIn(at: At, before: Placement, placement: Placement): boolean {
  if (inThumbPosition(before) || inThumbPosition(placement)) return positionKey(placement) === positionKey(before);
  return at.through.solved.task.hand.labelsOf(placement).includes(positionBefore(at, before).label);
}

/** Gives the position that the hand comes from, in the key of the note before: that of its stay. */
function positionBefore({ through: { solved }, order }: At, before: Placement): PositionName {
  const { placements, steps, task } = solved;
  let begins = order - 1;
  while (begins > 0 && placements[begins - 1]?.stance === before.stance) begins -= 1;
  let ends = order;
  while (placements[ends]?.stance === before.stance) ends += 1;
  const stay = placements.slice(begins, ends).filter((placement) => stopsIn(placement).length > 0);
  return positionOf(taskAt(task)(steps[order - 1]?.index ?? 0), namingPlacement(stay) ?? before);
}

/** Gives the pitch of a note as the player reads it, documents' form. */
export function writtenPitchAt(at: At): string {
  const { task } = at.through.solved;
  const note = task.line.notes[lineIndex(at)];
  const stringIndex = at.through.solved.placements[at.order]?.stringIndex ?? 0;
  return note?.kind === 'note' ? formatPitch(writtenOnString(task.instrument, stringIndex, note.pitch)) : '';
}

/**
 * Gives the line index of a sounding note.
 *
 * @throws for an order that the line does not have
 */
export function lineIndex({ through: { solved }, order }: At): number {
  const index = solved.steps[order]?.index;
  if (index === undefined) throw new RangeError(`The line has no sounding note ${order}`);
  return index;
}

/** Gives the open note of the string of a placement, documents' form. */
export function openName({ through: { solved } }: At, placement: Placement): string {
  return stringOf(solved.task.instrument, placement.stringIndex).name;
}

import type { Task } from '#core/brief';
import { type Finger, handMoves, inThumbPosition, type Placement, rankOf } from '#core/hand';
import { mmFromNut, stringOf, writtenOnString } from '#core/instrument';
import { formatPitch, pitchInKey, semitonesOf } from '#core/pitch';
import type { PlacedNote } from '#core/solve';
import type { Guide, InBetweenNote } from '../types/shift.ts';

/**
 * The ways to know where a shift arrives, the likeliest first.
 *
 * With the old finger leading, the finger that leaves slides to its place in the new frame, and what it sounds there is
 * the in-between note; with the new finger, the arriving finger slides in from its place in the old frame; with the first
 * finger, the hand drops to finger 1 and slides on it. A guide that would overshoot is not offered: going up to a lower
 * finger (or down to a higher one) the old finger's place in the new frame lies beyond the goal.
 */
export function guidesOf(task: Task, from: PlacedNote, to: PlacedNote, throughOpenString: boolean): readonly Guide[] {
  const [leaving, arriving] = [from.placement, to.placement];
  const open: readonly Guide[] = throughOpenString ? [{ kind: 'open-string', inBetween: null }] : [];
  if (leaving.finger === arriving.finger) return [...open, { kind: 'same-finger', inBetween: null }];
  if (semitonesOf(from.note.pitch) === semitonesOf(to.note.pitch)) return [...open, { kind: 'substitution', inBetween: null }];
  return [...open, ...fingersThatLead(task, leaving, arriving)];
}

/** The fingers that may lead from one placement to another, each with what it passes. */
function fingersThatLead(task: Task, leaving: Placement, arriving: Placement): readonly Guide[] {
  const up = handMoves(leaving, arriving) > 0;
  const towardsHigher = (rankOf(arriving.finger) ?? 0) > (rankOf(leaving.finger) ?? 0);
  const firstIsFree = leaving.finger !== '1' && arriving.finger !== '1' && !inThumbPosition(arriving);
  const led = [
    { kind: 'old-finger', inBetween: up === towardsHigher ? inBetween(task, leaving.finger, arriving, leaving.stringIndex) : null },
    { kind: 'new-finger', inBetween: inBetween(task, arriving.finger, leaving, arriving.stringIndex) },
    { kind: 'first-finger', inBetween: firstIsFree ? inBetween(task, '1', arriving, arriving.stringIndex) : null },
  ] as const;
  return led.filter((guide) => guide.inBetween !== null);
}

/** What a finger sounds on a string at its place in the frame of a placement; null where the frame does not set it or it falls off the board. */
function inBetween(task: Task, finger: Finger, frame: Placement, stringIndex: number): InBetweenNote | null {
  const semitones = task.hand.standsAt(finger, frame, { stringIndex, keyed: task.keyed });
  if (semitones === null || semitones < 1 || semitones > task.instrument.highestSemitone) return null;
  const string = stringOf(task.instrument, stringIndex);
  const pitch = pitchInKey(string.semitones + semitones, task.line.key);
  return {
    finger,
    string: string.number,
    open: string.name,
    pitch: formatPitch(pitch),
    written: formatPitch(writtenOnString(task.instrument, stringIndex, pitch)),
    semitonesAboveOpen: semitones,
    mmFromNut: mmFromNut(task.instrument.stringLengthMm, semitones),
  };
}

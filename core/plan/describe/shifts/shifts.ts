import type { Task } from '#core/brief';
import { handMoves, isShift, type Placement } from '#core/hand';
import { mmFromNut, mmPerTenCents, stringOf } from '#core/instrument';
import { semitonesOf } from '#core/pitch';
import { asNumber, subtractFractions } from '#core/rhythm';
import type { PlacedNote } from '#core/solve';
import { positionOf } from '../position-of.ts';
import type { Shift } from '../types/shift.ts';
import { guidesOf } from './guides.ts';

/** Every shift of a placed line, in order: from the last stopped note before the move to the first after it. */
export function shiftsOf(task: Task, placed: readonly PlacedNote[]): readonly Shift[] {
  const shifts: Shift[] = [];
  let before: PlacedNote | null = null;
  let between: PlacedNote[] = [];
  for (const note of placed) {
    between.push(note);
    if (isOpen(note.placement)) continue;
    if (before && isShift(before.placement, note.placement)) shifts.push(shiftBetween(task, before, note, between));
    before = note;
    between = [];
  }
  return shifts;
}

/** No finger is down. */
function isOpen({ finger, upper }: Placement): boolean {
  return finger === '0' && (upper === null || upper.finger === '0');
}

/** `moves` are the notes after `from` up to and including `to`. */
function shiftBetween(task: Task, from: PlacedNote, to: PlacedNote, moves: readonly PlacedNote[]): Shift {
  const { instrument, tempo } = task;
  const length = instrument.stringLengthMm;
  return {
    from: from.index,
    to: to.index,
    fromPosition: positionOf(task, from.placement),
    toPosition: positionOf(task, to.placement),
    fromFinger: from.placement.finger,
    toFinger: to.placement.finger,
    fromString: stringOf(instrument, from.placement.stringIndex).number,
    toString: stringOf(instrument, to.placement.stringIndex).number,
    handSemitones: handMoves(from.placement, to.placement),
    handMm: Math.abs(mmFromNut(length, to.placement.firstFinger) - mmFromNut(length, from.placement.firstFinger)),
    noteSemitones: semitonesOf(to.note.pitch) - semitonesOf(from.note.pitch),
    throughOpenString: moves.length > 1,
    throughRest: moves.some((note) => note.gap?.rest === true),
    underSlur: moves.every((note) => note.gap?.slurred === true),
    seconds: tempo === null ? null : (quartersBetween(task, from, to) * 60) / tempo,
    guides: guidesOf(task, from, to, moves.length > 1),
    mmPerTenCents: mmPerTenCents(length, to.placement.semitonesAboveOpen),
  };
}

function quartersBetween(task: Task, from: PlacedNote, to: PlacedNote): number {
  const start = task.line.notes[from.index]?.onset;
  const end = task.line.notes[to.index]?.onset;
  return start && end ? 4 * asNumber(subtractFractions(end, start)) : 0;
}

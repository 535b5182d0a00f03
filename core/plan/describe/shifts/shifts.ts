import { type Task, taskAt } from '#core/brief';
import { type Finger, handMoves, isShift, type Placement, stopsIn } from '#core/hand';
import { mmFromNut, mmPerTenCents, stringOf } from '#core/instrument';
import { semitonesOf } from '#core/pitch';
import { asNumber, subtractFractions } from '#core/rhythm';
import type { PlacedNote } from '#core/solve';
import { positionOf } from '../position-of.ts';
import type { Guide, Shift } from '../types/shift.ts';
import { guidesOf } from './guides.ts';

/** Every shift of a placed line, in order: from the last stopped note before the move to the first after it. */
export function shiftsOf(task: Task, placed: readonly PlacedNote[]): readonly Shift[] {
  const shifts: Shift[] = [];
  const at = taskAt(task);
  let before: PlacedNote | null = null;
  let between: PlacedNote[] = [];
  for (const note of placed) {
    between.push(note);
    if (stopsIn(note.placement).length === 0) continue;
    if (before && isShift(before.placement, note.placement)) shifts.push(shiftBetween(at, before, note, between));
    before = note;
    between = [];
  }
  return shifts;
}

/** `moves` are the notes after `from` up to and including `to`; the hand arrives in the key of `to`. */
function shiftBetween(at: (index: number) => Task, from: PlacedNote, to: PlacedNote, moves: readonly PlacedNote[]): Shift {
  const task = at(to.index);
  const { instrument, tempo } = task;
  const mmAt = (semitones: number): number => mmFromNut(instrument.stringLengthMm, semitones);
  const guides = guidesOf(task, from, to, moves.length > 1);
  return {
    from: from.index,
    before: moves[moves.length - 2]?.index ?? from.index,
    to: to.index,
    fromPosition: positionOf(at(from.index), from.placement),
    toPosition: positionOf(task, to.placement),
    ...endsOf(task, from.placement, to.placement),
    handSemitones: handMoves(from.placement, to.placement),
    handMm: Math.abs(mmAt(to.placement.firstFinger) - mmAt(from.placement.firstFinger)),
    noteSemitones: semitonesOf(to.note.pitch) - semitonesOf(from.note.pitch),
    throughOpenString: moves.length > 1,
    throughRest: moves.some((note) => note.gap?.rest === true),
    underSlur: moves.every((note) => note.gap?.slurred === true),
    seconds: tempo === null ? null : (quartersBetween(task, from, to) * 60) / tempo,
    guides,
    losesFirst: losesFirst(from.placement, to.placement, guides[0]),
    expressive: task.brief.marks?.some((mark) => mark.note === to.index && mark.slide === 'expressive') === true,
    mmPerTenCents: mmPerTenCents(instrument.stringLengthMm, to.placement.semitonesAboveOpen),
  };
}

/** Fingers and strings at both ends. */
function endsOf(task: Task, from: Placement, to: Placement): Pick<Shift, 'fromFinger' | 'toFinger' | 'fromString' | 'toString'> {
  return {
    fromFinger: from.finger,
    toFinger: to.finger,
    fromString: stringOf(task.instrument, from.stringIndex).number,
    toString: stringOf(task.instrument, to.stringIndex).number,
  };
}

/** Neither end nor the guide has finger 1 down; on the thumb the thumb measures the hand. */
function losesFirst(from: Placement, to: Placement, guide: Guide | undefined): boolean {
  const down: readonly Finger[] = [from, to].flatMap((placement) => stopsIn(placement).map(({ finger }) => finger));
  return ![...down, guide?.inBetween?.finger].some((finger) => finger === '1' || finger === 'T');
}

function quartersBetween(task: Task, from: PlacedNote, to: PlacedNote): number {
  const start = task.line.notes[from.index]?.onset;
  const end = task.line.notes[to.index]?.onset;
  return start && end ? 4 * asNumber(subtractFractions(end, start)) : 0;
}

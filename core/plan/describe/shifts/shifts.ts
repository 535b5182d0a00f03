import { type Task, taskAt } from '#core/brief';
import { type Finger, inThumbPosition, type Placement, stopsIn } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import { mmFromNut, mmPerTenCents } from '#core/instrument/geometry';
import { stringOf } from '#core/instrument';
import { semitonesOf } from '#core/pitch';
import { asNumber, subtractFractions } from '#core/fraction';
import type { PlacedNote } from '#core/solve';
import type { Guide, Shift } from '../types/shift.ts';
import { guidesOf } from './guides.ts';
import { type AroundShift, aroundShifts } from './standing.ts';

/**
 * Lists every shift of a placed line, in order: from the last stopped note before the move to the first after it. `named` has the position
 * of each note of the line.
 */
export function shiftsOf(task: Task, placed: readonly PlacedNote[], named: (index: number) => PositionName): readonly Shift[] {
  const shifts: Shift[] = [];
  const at = taskAt(task);
  const around = aroundShifts(placed.map(({ placement }) => placement));
  let before: PlacedNote | null = null;
  let between: PlacedNote[] = [];
  for (const [order, note] of placed.entries()) {
    between.push(note);
    if (stopsIn(note.placement).length === 0) continue;
    const stood = around.get(order);
    if (before && stood)
      shifts.push({
        ...shiftBetween(at, { from: before, to: note, moves: between, stood }),
        fromPosition: named(before.index),
        toPosition: named(note.index),
      });
    before = note;
    between = [];
  }
  return shifts;
}

/** A shift without the names of its positions, which are those of the stays it joins. */
type Unnamed = Omit<Shift, 'fromPosition' | 'toPosition'>;

/** The parts of a shift that its description needs: the notes it lies between, and the places of fingers on both sides. */
interface Between {
  readonly from: PlacedNote;
  readonly to: PlacedNote;
  /** The notes after `from` up to and including `to`. */
  readonly moves: readonly PlacedNote[];
  readonly stood: AroundShift;
}

/** Describes a shift; the hand arrives in the key of the note it arrives on. */
function shiftBetween(at: (index: number) => Task, { from, to, moves, stood }: Between): Unnamed {
  const task = at(to.index);
  const [leaves, arrives] = firstFingerMoves(from.placement, to.placement, stood);
  const { instrument, tempo } = task;
  const mmAt = (semitones: number): number => mmFromNut(instrument.stringLengthMm, semitones);
  const guides = guidesOf(task, { from, to, stood }, moves.length > 1);
  return {
    from: from.index,
    before: moves[moves.length - 2]?.index ?? from.index,
    to: to.index,
    ...endsOf(task, from.placement, to.placement),
    handSemitones: arrives - leaves,
    handMm: Math.abs(mmAt(arrives) - mmAt(leaves)),
    firstFingerMm: [mmAt(leaves), mmAt(arrives)],
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

/**
 * Gives the way of the first finger: from its last place on the string that is left to its first on the string it comes to, as it is
 * played; where it is not played, the hand tells. In thumb position the thumb measures the hand.
 */
function firstFingerMoves(from: Placement, to: Placement, { before, after }: AroundShift): readonly [number, number] {
  const byHand = [from.firstFinger, to.firstFinger] as const;
  if (inThumbPosition(from) || inThumbPosition(to)) return byHand;
  const leaves = before.last('1', from.stringIndex) ?? from.firstFinger;
  const arrives = after.first('1', to.stringIndex) ?? to.firstFinger;
  return leaves === arrives ? byHand : [leaves, arrives];
}

/** Gives the fingers and strings at both ends. */
function endsOf(task: Task, from: Placement, to: Placement): Pick<Shift, 'fromFinger' | 'toFinger' | 'fromString' | 'toString'> {
  return {
    fromFinger: from.finger,
    toFinger: to.finger,
    fromString: stringOf(task.instrument, from.stringIndex).number,
    toString: stringOf(task.instrument, to.stringIndex).number,
  };
}

/** Tells whether neither end nor the guide has finger 1 down; on the thumb, the thumb measures the hand. */
function losesFirst(from: Placement, to: Placement, guide: Guide | undefined): boolean {
  const down: readonly Finger[] = [from, to].flatMap((placement) => stopsIn(placement).map(({ finger }) => finger));
  return ![...down, guide?.inBetween?.finger].some((finger) => finger === '1' || finger === 'T');
}

function quartersBetween(task: Task, from: PlacedNote, to: PlacedNote): number {
  const start = task.line.notes[from.index]?.onset;
  const end = task.line.notes[to.index]?.onset;
  return start && end ? 4 * asNumber(subtractFractions(end, start)) : 0;
}

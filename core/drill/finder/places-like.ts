import type { Plan } from '#core/plan/describe';
import { classOf, sameClass, type ShiftClass } from '#core/drill/shifts';

/** A shift of a plan with its class, named by the note on which it arrives. */
export interface ClassedShift {
  /** The line index of the note it arrives on. */
  readonly to: number;
  /** That note as the player reads it, documents' form. */
  readonly written: string;
  /** The class of shifts that are practised alike. */
  readonly shiftClass: ShiftClass;
}

/** Lists every shift of a plan with its class, in the order of the line. */
export function classedShifts(plan: Plan): readonly ClassedShift[] {
  return plan.shifts.flatMap((shift) => {
    const shiftClass = classOf(plan, shift);
    const arrival = plan.notes[shift.to];
    return shiftClass && arrival?.kind === 'note' ? [{ to: shift.to, written: arrival.stops[0].written, shiftClass }] : [];
  });
}

/** Tells whether two shifts are of one kind whatever the string: the same fingers, direction and distance, on one string or across. */
export function isKindOf(one: ShiftClass, other: ShiftClass): boolean {
  return sameClass(onAnyString(one), onAnyString(other));
}

function onAnyString(shift: ShiftClass): ShiftClass {
  return { ...shift, fromString: '', toString: shift.fromString === shift.toString ? '' : 'another' };
}

import type { Plan } from '#core/plan/describe';
import { classOf, type ShiftClass } from '../shifts/shift-class.ts';

/** A shift of a plan, by where it arrives (line index) and what it has in common with others. */
export interface ClassedShift {
  /** Line index of the note it arrives on. */
  readonly to: number;
  /** That note as the player reads it, documents' form. */
  readonly written: string;
  /** What is practised alike. */
  readonly shiftClass: ShiftClass;
}

/** Every shift of a plan with its class, in the order of the line. */
export function classedShifts(plan: Plan): readonly ClassedShift[] {
  return plan.shifts.flatMap((shift) => {
    const shiftClass = classOf(plan, shift);
    const arrival = plan.notes[shift.to];
    return shiftClass && arrival?.kind === 'note' ? [{ to: shift.to, written: arrival.stops[0].written, shiftClass }] : [];
  });
}

/** Whether a shift is of the kind looked for, whatever the string: the same fingers, way and distance. */
export function isKindOf(one: ShiftClass, other: ShiftClass): boolean {
  const crosses = (shift: ShiftClass): boolean => shift.fromString !== shift.toString;
  return (
    one.kind === other.kind &&
    one.fromFinger === other.fromFinger &&
    one.toFinger === other.toFinger &&
    one.way === other.way &&
    one.distance.by === other.distance.by &&
    one.distance.steps === other.distance.steps &&
    crosses(one) === crosses(other)
  );
}

import { formatKey } from '#core/key';
import { keyAt, measureNumbers } from '#core/material/measures';
import type { Plan } from '#core/plan/describe';
import { classOf, keyOfClass, type ShiftClass } from '#core/drill/shifts';

/** A shift of a plan with its class, named by the note on which it arrives. */
export interface ClassedShift {
  /** The line index of the note it leaves. */
  readonly from: number;
  /** The line index of the note it arrives on. */
  readonly to: number;
  /** The note it leaves as the player reads it, documents' form. */
  readonly left: string;
  /** The note it arrives on as the player reads it, documents' form. */
  readonly written: string;
  /** The measure in which it leaves, as the page counts them: 0 in the pick-up. */
  readonly leftIn: number;
  /** The measure in which it arrives, as the page counts them: 0 in the pick-up. */
  readonly measure: number;
  /** The key in which it arrives, documents' form. */
  readonly key: string;
  /** The class of shifts that are practised alike. */
  readonly shiftClass: ShiftClass;
}

/** Lists every shift of a plan with its class, in the order of the line. */
export function classedShifts(plan: Plan): readonly ClassedShift[] {
  const measures = measureNumbers(plan.line);
  return plan.shifts.flatMap((shift) => {
    const shiftClass = classOf(plan, shift);
    const [leaving, arrival] = [plan.notes[shift.from], plan.notes[shift.to]];
    if (!shiftClass || leaving?.kind !== 'note' || arrival?.kind !== 'note') return [];
    const { from, to } = shift;
    const [left, written] = [leaving.stops[0].written, arrival.stops[0].written];
    const [leftIn, measure] = [measures[from] ?? 1, measures[to] ?? 1];
    return [{ from, to, left, written, leftIn, measure, key: formatKey(keyAt(plan.line, to)), shiftClass }];
  });
}

/** Tells whether two shifts are of one kind whatever the string: the same fingers, direction and distance, on one string or across. */
export function isKindOf(one: ShiftClass, other: ShiftClass): boolean {
  return keyOfKind(one) === keyOfKind(other);
}

/** Gives the kind of a shift, whatever the string, a name that is the same for all its shifts. */
export function keyOfKind(shift: ShiftClass): string {
  return keyOfClass(onAnyString(shift));
}

function onAnyString(shift: ShiftClass): ShiftClass {
  return { ...shift, fromString: '', toString: shift.fromString === shift.toString ? '' : 'another' };
}

import { readPlayer } from '#core/brief';
import type { Finger } from '#core/hand/placement';
import type { InstrumentKind } from '#core/instrument';
import type { Plan, Shift } from '#core/plan/describe';
import { type Way, soundAt } from '#core/drill/hot-spots';

/** The distance of a shift: in positions, or, where the thumb is set and positions have no number, in semitones of the hand. */
export interface ShiftDistance {
  /** The unit that is counted. */
  readonly by: 'positions' | 'semitones';
  /** The number of units, without direction. */
  readonly steps: number;
}

/** The features that shifts have in common which are practised alike. */
export interface ShiftClass {
  /** The instrument. */
  readonly kind: InstrumentKind;
  /** The open note of the string that is left, documents' form. */
  readonly fromString: string;
  /** The open note of the string it arrives on, nearly always the same string. */
  readonly toString: string;
  /** The finger that leaves. */
  readonly fromFinger: Finger;
  /** The finger that arrives. */
  readonly toFinger: Finger;
  /** The direction of the hand. */
  readonly way: Way;
  /** The distance that the hand moves, in positions or semitones. */
  readonly distance: ShiftDistance;
}

/** Finds the class of a shift of a plan; null for one between double stops whose lower note is open. */
export function classOf(plan: Plan, shift: Shift): ShiftClass | null {
  const [from, to] = [soundAt(plan, shift.from), soundAt(plan, shift.to)];
  if (!from || !to || shift.fromFinger === '0' || shift.toFinger === '0') return null;
  return {
    kind: plan.brief.instrument.kind,
    fromString: from.stops[0].open,
    toString: to.stops[0].open,
    fromFinger: shift.fromFinger,
    toFinger: shift.toFinger,
    way: shift.handSemitones > 0 ? 'up' : 'down',
    distance: distanceOf(plan, shift),
  };
}

/** Tells whether two shifts are of one class. */
export function sameClass(one: ShiftClass, other: ShiftClass): boolean {
  return keyOfClass(one) === keyOfClass(other);
}

/** Gives the same shift in the other direction. */
export function reverseShift(shift: ShiftClass): ShiftClass {
  const { fromString, toString, fromFinger, toFinger, way } = shift;
  const ends = { fromString: toString, toString: fromString, fromFinger: toFinger, toFinger: fromFinger } as const;
  return { ...shift, ...ends, way: way === 'up' ? 'down' : 'up' };
}

/** Gives the class a name that is the same for all its shifts. */
export function keyOfClass({ kind, fromString, toString, fromFinger, toFinger, way, distance }: ShiftClass): string {
  return [kind, fromString, toString, fromFinger, toFinger, way, distance.by, distance.steps].join(' ');
}

function distanceOf({ brief }: Plan, { fromPosition, toPosition, handSemitones }: Shift): ShiftDistance {
  const player = readPlayer(brief);
  const labels = player.ok ? player.value.hand.positionLabels : [];
  const [from, to] = [labels.indexOf(fromPosition.label), labels.indexOf(toPosition.label)];
  const isNamed = from >= 0 && to >= 0 && fromPosition.underThumb === undefined && toPosition.underThumb === undefined;
  return isNamed && from !== to ? { by: 'positions', steps: Math.abs(to - from) } : { by: 'semitones', steps: Math.abs(handSemitones) };
}

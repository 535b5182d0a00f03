import { type Advice, adviceFor } from '#core/fit/sizes';
import { checksOfStop } from '#core/fit/intoned';
import type { WayToPlay } from '#core/fit';
import type { Check } from '#core/intonation/checks';
import { parsePitch, semitonesOf, stepsOf } from '#core/pitch';
import type { Plan, PlannedSound, Shift } from '#core/plan/describe';
import { classOf, type ShiftClass } from '#core/drill/shifts';
import { samePlaceElsewhere } from './elsewhere.ts';
import { handsIn, type HandsEvent } from './hands.ts';
import { type Stage, stagesOf } from './stages.ts';

/** A shift of a plan with everything a teacher needs before it is practised. */
export interface ShiftApart {
  /** The shift as the plan has it: positions, fingers, guides, how far hand and notes move. */
  readonly shift: Shift;
  /** The note that is left. */
  readonly from: PlannedSound;
  /** The note it arrives on. */
  readonly to: PlannedSound;
  /** The class of shifts that are practised alike; null between double stops whose lower note is open. */
  readonly shiftClass: ShiftClass | null;
  /** The interval from note to note: letters and semitones, upward positive. */
  readonly interval: { readonly letters: number; readonly semitones: number };
  /** The best check of the note it arrives on; null where there is none. */
  readonly check: Check | null;
  /** The same place under another finger in a lower position; null where there is none. */
  readonly elsewhere: WayToPlay | null;
  /** The acts of both hands, in time. */
  readonly hands: readonly HandsEvent[];
  /** The questions on which teachers differ, with the sides to tell. */
  readonly advice: readonly Advice[];
  /** The stages in which it is learnt. */
  readonly stages: readonly Stage[];
}

/** Takes apart the shift that arrives on a note of a plan; null where none does. */
export function takeApart(plan: Plan, note: number): ShiftApart | null {
  const shift = plan.shifts.find(({ to }) => to === note);
  const [from, to] = [plan.notes[shift?.from ?? -1], plan.notes[note]];
  if (!shift || from?.kind !== 'note' || to?.kind !== 'note') return null;
  const [check = null] = checksOfStop(plan, to, to.stops[0]);
  return {
    shift,
    from,
    to,
    shiftClass: classOf(plan, shift),
    interval: intervalBetween(from, to),
    check,
    elsewhere: samePlaceElsewhere(plan, note, to),
    hands: handsIn(plan, shift),
    advice: adviceFor(plan, note),
    stages: stagesOf(plan, shift),
  };
}

/** Gives the interval from one note to another (of double stops, the lower notes): letters and semitones, upward positive. */
export function intervalBetween({ stops: [left] }: PlannedSound, { stops: [reached] }: PlannedSound): ShiftApart['interval'] {
  const [from, to] = [parsePitch(left.pitch), parsePitch(reached.pitch)];
  if (!from.ok || !to.ok) return { letters: 0, semitones: 0 };
  return { letters: stepsOf(to.value) - stepsOf(from.value), semitones: semitonesOf(to.value) - semitonesOf(from.value) };
}

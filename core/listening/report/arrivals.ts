import { mmOfCents } from '#core/intonation';
import type { Plan, Shift } from '#core/plan/describe';
import type { DueNote } from '#core/listening';
import type { HeardArrival, TakeReading } from '#core/listening/reading';

/** A shift within one bow, as it was heard against as it was planned. */
export interface ArrivalMiss {
  /** The line index of the note that it arrives on. */
  readonly note: number;
  readonly shift: Shift;
  readonly heard: HeardArrival;
  /** The place at which the finger first came to rest. */
  readonly lands: 'short' | 'on it' | 'beyond';
  /** The distance from its place at which it did, mm in the direction of the shift; null for an open string and a harmonic. */
  readonly beyondMm: number | null;
  /** The part of the way that the guide of the plan makes heard. */
  readonly planned: HeardArrival['part'];
  /** Whether the in-between note of the plan was passed; null where the plan has none that can be heard, or no slide was heard. */
  readonly passedInBetween: boolean | null;
}

/** The distance within which the slide broke off at the in-between note, cents, and within which two pitches are one. */
const IN_BETWEEN_WITHIN = 55;
const ONE_PITCH = 40;

/** Lists the shifts of a take that were made within one bow, in time, against a tolerance in cents. */
export function arrivalsOf(plan: Plan, due: readonly DueNote[], { heard }: TakeReading, toleranceCents: number): readonly ArrivalMiss[] {
  return heard.flatMap(({ order, arrival }): readonly ArrivalMiss[] => {
    const owed = due[order];
    if (!owed?.shift || !arrival) return [];
    const landing = landingOf(plan, owed, owed.shift, { arrival, toleranceCents });
    return [{ note: owed.note, shift: owed.shift, heard: arrival, ...landing, ...guideHeard(owed, due[order - 1], arrival) }];
  });
}

/** Tells where a finger came to rest first, in the direction of its shift. */
function landingOf(
  { stringLengthMm }: Plan,
  { stops: [stop] }: DueNote,
  { handSemitones }: Shift,
  { arrival: { firstCents }, toleranceCents }: { readonly arrival: HeardArrival; readonly toleranceCents: number },
): Pick<ArrivalMiss, 'lands' | 'beyondMm'> {
  const way = handSemitones < 0 ? -1 : 1;
  const beyond = firstCents * way;
  const isStopped = stop !== undefined && stop.finger !== '0' && !stop.harmonic;
  return {
    lands: beyond > toleranceCents ? 'beyond' : beyond < -toleranceCents ? 'short' : 'on it',
    beyondMm: isStopped ? mmOfCents(stringLengthMm, stop.semitonesAboveOpen, firstCents) * way : null,
  };
}

function centsApart(one: number, other: number): number {
  return Math.abs(1200 * Math.log2(one / other));
}

/** Compares the part of the way that was heard with the one that the plan makes heard. */
function guideHeard(
  { slide, hz: [aim = 1] }: DueNote,
  before: DueNote | undefined,
  { part, passedCents }: HeardArrival,
): Pick<ArrivalMiss, 'planned' | 'passedInBetween'> {
  if (!slide) return { planned: 'none', passedInBetween: null };
  const isOut = centsApart(slide.fromHz, before?.hz[0] ?? aim) < ONE_PITCH;
  const isInto = centsApart(slide.toHz, aim) < ONE_PITCH;
  if (isOut === isInto) return { planned: 'all', passedInBetween: null };
  const planned = isOut ? 'from' : 'into';
  if (part === 'none') return { planned, passedInBetween: null };
  const passedHz = passedCents === null ? 0 : 440 * 2 ** (passedCents / 1200);
  return { planned, passedInBetween: centsApart(passedHz, isOut ? slide.toHz : slide.fromHz) < IN_BETWEEN_WITHIN };
}

import { type Brief, waysOf } from '#core/brief';
import type { Plan, PlannedNote } from '#core/plan/describe';

/** The fingering of one note in two plans. */
export interface ComparedNote {
  /** The line index of the note. */
  readonly note: number;
  /** The note in the one plan. */
  readonly one: PlannedNote;
  /** The note in the other. */
  readonly other: PlannedNote;
  /** The features that are not the same. */
  readonly differs: { readonly string: boolean; readonly finger: boolean; readonly position: boolean };
}

/** The totals of a plan, for comparing it with another. */
export interface PlanSums {
  /** The number of shifts. */
  readonly shifts: number;
  /** The sum of all hand travel, mm. */
  readonly travelMm: number;
  /** The number of string crossings. */
  readonly crossings: number;
  /** The number of open strings. */
  readonly openStrings: number;
  /** The number of notes whose finger stands outside the hand at rest. */
  readonly extensions: number;
  /** The widest reach that any note asks for, mm. */
  readonly widestReachMm: number;
  /** The number of notes beyond the comfort of the hand; null for a hand not measured. */
  readonly stretches: number | null;
  /** The total cost. */
  readonly costThousandths: number;
}

/** The comparison of two plans of one line. */
export interface ComparedPlans {
  /** The notes, as many as the line has. */
  readonly notes: readonly ComparedNote[];
  /** The line indexes of the notes that differ in string or finger. */
  readonly differsAt: readonly number[];
}

/** Compares two plans, note by note; null when they are not of the same notes. */
export function comparePlans(one: Plan, other: Plan): ComparedPlans | null {
  if (one.notes.length !== other.notes.length) return null;
  const notes = one.notes.flatMap((note, index): readonly ComparedNote[] => {
    const there = other.notes[index];
    return there && sameSound(note, there) ? [{ note: index, one: note, other: there, differs: differences(note, there) }] : [];
  });
  if (notes.length !== one.notes.length) return null;
  return { notes, differsAt: fingeredOtherwise(one, other) };
}

/** Lists the line indexes of the notes that have another string or finger in the second plan. */
export function fingeredOtherwise(before: Pick<Plan, 'notes'>, after: Pick<Plan, 'notes'>): readonly number[] {
  return after.notes.flatMap((note, index) => {
    const was = before.notes[index];
    return was && fingeringOf(was) !== fingeringOf(note) ? [index] : [];
  });
}

/**
 * Tells whether two briefs set the same prices, so that the costs of their plans may be compared: wishes, purpose and hands change prices.
 */
export function samePrices(one: Brief, other: Brief): boolean {
  const priceOf = (brief: Brief): string => {
    const { instrument, player, preferences, purpose, weights, tempo, school } = brief;
    return JSON.stringify([instrument, player?.hand, player?.school, preferences, purpose, weights, tempo, school?.weights, waysOf(brief)]);
  };
  return priceOf(one) === priceOf(other);
}

/** Adds up the totals of a plan. */
export function sumsOf(plan: Plan): PlanSums {
  const sounds = plan.notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
  const judged = sounds.flatMap(({ reach }) => reach?.judged ?? []);
  return {
    shifts: plan.shifts.length,
    travelMm: plan.shifts.reduce((sum, shift) => sum + shift.handMm, 0),
    crossings: sounds.slice(1).filter((note) => note.changesString).length,
    openStrings: sounds.filter((note) => note.stops.some((stop) => stop.finger === '0')).length,
    extensions: sounds.filter((note) => note.extended && note.shape !== 'pivoted').length,
    widestReachMm: sounds.reduce((widest, { reach }) => Math.max(widest, reach?.needMm ?? 0), 0),
    stretches: judged.length === 0 ? null : judged.filter(({ verdict }) => verdict !== 'comfort').length,
    costThousandths: plan.cost.totalThousandths,
  };
}

function fingeringOf(note: PlannedNote): string {
  return note.kind === 'rest' ? '' : note.stops.map((stop) => `${stop.open} ${stop.finger}`).join('+');
}

function sameSound(one: PlannedNote, other: PlannedNote): boolean {
  const sound = (note: PlannedNote): string => (note.kind === 'rest' ? '' : note.stops.map((stop) => stop.pitch).join('+'));
  return sound(one) === sound(other);
}

function differences(one: PlannedNote, other: PlannedNote): ComparedNote['differs'] {
  if (one.kind === 'rest' || other.kind === 'rest') return { string: false, finger: false, position: false };
  const namesOf = (note: typeof one, of: 'string' | 'finger'): string => note.stops.map((stop) => stop[of]).join('+');
  const { label, alteration } = one.position;
  return {
    string: namesOf(one, 'string') !== namesOf(other, 'string'),
    finger: namesOf(one, 'finger') !== namesOf(other, 'finger'),
    position: label !== other.position.label || alteration !== other.position.alteration,
  };
}

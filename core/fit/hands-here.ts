import { HOME_FRAME } from '#core/hand/reach';
import type { InstrumentKind, StringNumber } from '#core/instrument';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { homeContactMm, taughtContactMm } from './contact-point.ts';

/** A need of the bow at a note beside its contact point. */
export type BowNeed = 'short-string' | 'thick-string' | 'thick-and-short';

/** The needs of the bow at a note that is not played as in first position. */
export interface HandsHere {
  /** The contact point of the bow, mm from the bridge. */
  readonly contactMm: number;
  /** The contact point in first position, mm from the bridge. */
  readonly homeContactMm: number;
  /** The need beside the contact point; null where there is none. */
  readonly bow: BowNeed | null;
}

/**
 * The semitones above the highest finger of first position from which bow and hand do something else: a step or two more is played as in
 * first position; from here a thick string asks for more weight, and from a third higher any string is short.
 */
const TOLD_ABOVE = 2;
const SHORT_ABOVE = 4;

/** The thick strings of each instrument: its lower ones. */
const THICK: Readonly<Record<InstrumentKind, readonly StringNumber[]>> = {
  violin: ['III', 'IV'],
  viola: ['III', 'IV'],
  cello: ['III', 'IV'],
  bass: ['III', 'IV', 'V'],
};

/**
 * Finds what the bow needs at a note well above first position: the contact point, which moves towards the bridge as the string shortens,
 * and the weight where the string is short, or thick. Null for an open string, a harmonic, and a note lower down.
 */
export function handsHere(plan: Plan, note: PlannedSound): HandsHere | null {
  const stopped = note.stops.filter(({ finger, harmonic }) => finger !== '0' && !harmonic);
  const { kind } = plan.brief.instrument;
  const [, top] = HOME_FRAME[kind];
  const place = Math.max(0, ...stopped.map(({ semitonesAboveOpen }) => semitonesAboveOpen));
  if (place <= top + TOLD_ABOVE) return null;
  const isShort = place > top + SHORT_ABOVE;
  const isThick = stopped.some(({ string }) => THICK[kind].includes(string));
  const bow = isThick ? (isShort ? 'thick-and-short' : 'thick-string') : isShort ? 'short-string' : null;
  return { contactMm: taughtContactMm(plan, note), homeContactMm: homeContactMm(plan), bow };
}

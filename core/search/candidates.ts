import type { Finger, HandModel, Placement } from '#core/hand';
import { type Instrument, stringOf } from '#core/instrument';
import { type Pitch, respelled, semitonesOf, stepsOf } from '#core/pitch';
import type { OPEN_STRING_POLICIES } from './policies.ts';

/** What a brief asks of open strings. */
export type OpenStringPolicy = (typeof OPEN_STRING_POLICIES)[number];

/** Hard limits, read: null means no limit. */
export interface Limits {
  /** Position labels allowed. */
  readonly positions: ReadonlySet<string> | null;
  /** Indexes of the strings allowed, 0 for string I. */
  readonly strings: ReadonlySet<number> | null;
  readonly fingers: ReadonlySet<Finger> | null;
  readonly openStrings: OpenStringPolicy;
}

/** What the teacher fixed for one note; null leaves it to the engine. */
export interface NoteLock {
  readonly stringIndex: number | null;
  readonly finger: Finger | null;
  readonly position: string | null;
}

/** The limits that can exclude a placement, by name. */
export type LimitName = 'lock' | 'positions' | 'strings' | 'fingers' | 'openStrings';

/**
 * Every way the hand can play a pitch, whatever the limits: strings from I down, on each the open string or the hand's
 * placements. Doubly altered notes may also be read as their plain neighbours, as players do (E𝄪 as F♯).
 */
export function allPlacements(instrument: Instrument, hand: HandModel, pitch: Pitch, highestAnchor: number): readonly Placement[] {
  return instrument.strings.flatMap((string, stringIndex) => {
    const semitonesAboveOpen = semitonesOf(pitch) - string.semitones;
    if (semitonesAboveOpen < 0 || semitonesAboveOpen > instrument.highestSemitone) return [];
    if (semitonesAboveOpen === 0) return hand.hoverings(stringIndex, highestAnchor + HOVERING_MARGIN);
    const letterSteps = spellingsOf(pitch).map((spelling) => stepsOf(spelling) - stepsOf(string.open));
    return hand.placements({ stringIndex, semitonesAboveOpen, letterSteps }).filter((placement) => placement.anchor <= highestAnchor);
  });
}

/** Whether a placement is within one named limit. Open strings are a matter of the whole set, not of one placement. */
export function withinLimits(hand: HandModel, placement: Placement, limits: Limits, lock: NoteLock | null, name: LimitName): boolean {
  switch (name) {
    case 'lock':
      return lock === null || keepsLock(hand, placement, lock);
    case 'positions':
      return limits.positions === null || hand.labelsOf(placement).some((label) => limits.positions?.has(label));
    case 'strings':
      return limits.strings === null || limits.strings.has(placement.stringIndex);
    case 'fingers':
      return limits.fingers === null || placement.finger === '0' || limits.fingers.has(placement.finger);
    case 'openStrings':
      return limits.openStrings !== 'none' || placement.finger !== '0' || lock?.finger === '0';
  }
}

/** The placements that limits and lock leave, with the policy for open strings applied. A lock on a finger goes before it. */
export function candidatesFor(
  hand: HandModel,
  placements: readonly Placement[],
  limits: Limits,
  lock: NoteLock | null,
  firstNote: boolean,
): readonly Placement[] {
  const names: readonly LimitName[] = ['lock', 'positions', 'strings', 'fingers', 'openStrings'];
  const left = placements.filter((placement) => names.every((name) => withinLimits(hand, placement, limits, lock, name)));
  if (lock?.finger != null) return left;
  const open = left.filter((placement) => placement.finger === '0');
  const stopped = left.filter((placement) => placement.finger !== '0');
  switch (limits.openStrings) {
    case 'prefer':
      return open.length > 0 ? open : stopped;
    case 'avoid':
      return stopped.length > 0 && !firstNote ? stopped : left;
    case 'allow':
    case 'none':
      return left;
  }
}

/**
 * No hand goes higher than two semitones above the highest note on the highest string in use: every placement above
 * that has one of the same line below it. With positions or locks prescribed (`prescribed`) there is no such bound.
 */
export function highestUsefulAnchor(
  instrument: Instrument,
  hand: HandModel,
  pitches: readonly Pitch[],
  limits: Limits,
  prescribed: boolean,
): number {
  if (prescribed || limits.positions !== null) return hand.highestAnchor;
  const used = limits.strings === null ? 0 : Math.min(...limits.strings);
  const highest = pitches.reduce((most, pitch) => Math.max(most, semitonesOf(pitch)), 0) - stringOf(instrument, used).semitones;
  return Math.min(hand.highestAnchor, Math.max(LOWEST_BOUND, highest + 2));
}

/** Fourth position on all four instruments: lines in first position keep their usual alternatives. */
const LOWEST_BOUND = 7;

/** A hovering hand stands at the plain form of its position, up to two semitones above its lowest form. */
const HOVERING_MARGIN = 2;

function spellingsOf(pitch: Pitch): readonly Pitch[] {
  if (Math.abs(pitch.alteration) < 2) return [pitch];
  const plain = respelled(pitch, pitch.alteration > 0 ? 1 : -1);
  return plain ? [pitch, plain] : [pitch];
}

function keepsLock(hand: HandModel, placement: Placement, lock: NoteLock): boolean {
  if (lock.stringIndex !== null && placement.stringIndex !== lock.stringIndex) return false;
  if (lock.finger !== null && placement.finger !== lock.finger) return false;
  return lock.position === null || hand.labelsOf(placement).includes(lock.position);
}

import { type Finger, type HandModel, type Placement, type PlayerHand, reachOf, type StringStop } from '#core/hand';
import type { Instrument } from '#core/instrument';
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
  /** By string index, the highest place on it, semitones above the open string; strings not named have no such limit. */
  readonly highestPerString: ReadonlyMap<number, number>;
  readonly openStrings: OpenStringPolicy;
  /** Natural harmonics may be chosen; a note marked as one is always a harmonic. */
  readonly harmonics: boolean;
  /** Exactly so many shifts in the whole line. */
  readonly shifts: number | null;
}

/** What the teacher fixed for one note; null leaves it to the engine. */
export interface NoteLock {
  readonly stringIndex: number | null;
  readonly finger: Finger | null;
  /** The finger of the upper note of a double stop; string and finger are then those of the lower. */
  readonly upperFinger: Finger | null;
  readonly position: string | null;
}

/** The limits that can exclude a placement, by name. */
export const PLACEMENT_LIMITS = ['lock', 'reach', 'positions', 'strings', 'highestPerString', 'fingers', 'openStrings'] as const;

/** A limit that can exclude a placement. */
export type LimitName = (typeof PLACEMENT_LIMITS)[number];

/** What placements are held against. */
export interface LimitSetting {
  readonly instrument: Instrument;
  readonly hand: HandModel;
  readonly limits: Limits;
  /** The player's measured hand; null when none was given. */
  readonly playerHand: PlayerHand | null;
  /** The hand double stops are held against, measured or assumed: without any, nothing would end them. */
  readonly doubleStopHand: PlayerHand;
}

/** Whether a placement is within one named limit. Open strings are a matter of the whole set, not of one placement. */
export function withinLimit(setting: LimitSetting, placement: Placement, lock: NoteLock | null, name: LimitName): boolean {
  const { hand, limits } = setting;
  const everyStop = (fits: (stop: StringStop) => boolean): boolean =>
    fits(placement) && (placement.upper === null || fits(placement.upper));
  switch (name) {
    case 'lock':
      return lock === null || keepsLock(hand, placement, lock);
    case 'reach':
      return withinReach(setting, placement);
    case 'positions':
      return limits.positions === null || hand.labelsOf(placement).some((label) => limits.positions?.has(label));
    case 'strings':
      return everyStop((stop) => limits.strings === null || limits.strings.has(stop.stringIndex));
    case 'highestPerString':
      return everyStop((stop) => stop.semitonesAboveOpen <= (limits.highestPerString.get(stop.stringIndex) ?? Infinity));
    case 'fingers':
      return everyStop((stop) => limits.fingers === null || stop.finger === '0' || limits.fingers.has(stop.finger));
    case 'openStrings':
      return limits.openStrings !== 'none' || lock?.finger === '0' || everyStop((stop) => stop.finger !== '0');
  }
}

/** The placements that limits and lock leave, with the policy for open strings applied. A lock on a finger goes before it. */
export function candidatesFor(
  setting: LimitSetting,
  placements: readonly Placement[],
  lock: NoteLock | null,
  firstNote: boolean,
): readonly Placement[] {
  const left = placements.filter((placement) => PLACEMENT_LIMITS.every((name) => withinLimit(setting, placement, lock, name)));
  if (lock?.finger != null) return left;
  const open = left.filter((placement) => placement.finger === '0' || placement.upper?.finger === '0');
  const stopped = left.filter((placement) => placement.finger !== '0' && placement.upper?.finger !== '0');
  switch (setting.limits.openStrings) {
    case 'prefer':
      return open.length > 0 ? open : stopped;
    case 'avoid':
      return stopped.length > 0 && !firstNote ? stopped : left;
    case 'allow':
    case 'none':
      return left;
  }
}

/** A single note is held against a measured hand only; a double stop always against some hand. */
function withinReach({ hand, instrument, playerHand, doubleStopHand }: LimitSetting, placement: Placement): boolean {
  const measured = placement.upper ? doubleStopHand : playerHand;
  if (measured === null) return true;
  const { needMm, span } = reachOf(hand, measured, instrument, placement);
  return needMm <= span.maxMm;
}

/** Of a double stop, either finger or string may be the one that was fixed. */
function keepsLock(hand: HandModel, placement: Placement, lock: NoteLock): boolean {
  const stops: readonly StringStop[] = placement.upper ? [placement, placement.upper] : [placement];
  const fits = (stop: StringStop): boolean =>
    (lock.stringIndex === null || stop.stringIndex === lock.stringIndex) && (lock.finger === null || stop.finger === lock.finger);
  const wanted = lock.upperFinger === null ? stops : stops.slice(0, 1);
  if (lock.upperFinger !== null && placement.upper?.finger !== lock.upperFinger) return false;
  return wanted.some(fits) && (lock.position === null || hand.labelsOf(placement).includes(lock.position));
}

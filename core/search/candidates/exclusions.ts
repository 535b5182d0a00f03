import type { ReadLimit } from '#core/brief';
import type { NoteLock } from '#core/brief/parts/limits';
import { doubleStopsIn } from '#core/hand/together';
import { type Finger, type Placement, soundingIn, type StringStop } from '#core/hand/placement';
import type { HandModel } from '#core/hand';
import { type PlayerHand, reachOf } from '#core/hand/reach';
import type { Instrument } from '#core/instrument';

/** The hand and the limits with which placements are compared. */
export interface ExclusionSetting {
  /** The instrument played. */
  readonly instrument: Instrument;
  /** The hand that plays it. */
  readonly hand: HandModel;
  /** The limits that must hold. */
  readonly limits: readonly ReadLimit[];
  /** The player's measured hand; null when none was given. */
  readonly playerHand: PlayerHand | null;
  /** The hand with which double stops are compared, measured or assumed: without any, nothing would limit them. */
  readonly doubleStopHand: PlayerHand;
}

/** Lists the placements that limits and lock allow, narrowed to those the limits prefer. A lock on a finger goes before that. */
export function candidatesFor(
  setting: ExclusionSetting,
  placements: readonly Placement[],
  lock: NoteLock | null,
  firstNote: boolean,
): readonly Placement[] {
  const left = placements.filter(
    (placement) =>
      keepsLock(setting.hand, placement, lock) &&
      withinReach(setting, placement) &&
      setting.limits.every((limit) => keepsLimit(limit, placement, lock)),
  );
  if (lock?.finger != null) return left;
  return setting.limits.reduce<readonly Placement[]>((wanted, { rule }) => rule.narrows?.(wanted, firstNote) ?? wanted, left);
}

/** Tells whether one placement is within one limit; limits on the whole set or the whole line exclude none. */
export function keepsLimit({ rule }: ReadLimit, placement: Placement, lock: NoteLock | null): boolean {
  return rule.keeps?.(placement, lock) ?? true;
}

/**
 * Tells whether this hand reaches a placement. A single note is compared with a measured hand only, a double stop always with some hand; of
 * a chord both its double stops are compared as well.
 */
export function withinReach({ hand, instrument, playerHand, doubleStopHand }: ExclusionSetting, placement: Placement): boolean {
  const measured = placement.upper ? doubleStopHand : playerHand;
  if (measured === null) return true;
  return [placement, ...(placement.top ? doubleStopsIn(placement) : [])].every((asked) => {
    const { needMm, span } = reachOf(hand, measured, instrument, asked);
    return needMm <= span.maxMm;
  });
}

function isFinger(locked: Finger | null, stop: StringStop | null): boolean {
  return locked === null || stop?.finger === locked;
}

/** Tells whether a placement is as the teacher locked it. Of a double stop, either finger or string may be the one that was locked. */
export function keepsLock(hand: HandModel, placement: Placement, lock: NoteLock | null): boolean {
  if (lock === null) return true;
  const stops = soundingIn(placement);
  const fits = (stop: StringStop): boolean =>
    (lock.stringIndex === null || stop.stringIndex === lock.stringIndex) && (lock.finger === null || stop.finger === lock.finger);
  const wanted = lock.upperFinger === null ? stops : stops.slice(0, 1);
  if (!isFinger(lock.upperFinger, placement.upper) || !isFinger(lock.topFinger, placement.top)) return false;
  return wanted.some(fits) && (lock.position === null || hand.labelsOf(placement).includes(lock.position));
}

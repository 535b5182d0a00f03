import { type ClassedShift, keyOfKind } from '#core/drill/finder';
import type { ShiftClass } from '#core/drill/shifts';

/** Something that a piece asks of its player, and that can be practised by itself. */
export type Need =
  | { readonly need: 'key'; readonly key: string }
  | { readonly need: 'position'; readonly position: string }
  /** A finger pattern, by its key. */
  | { readonly need: 'pattern'; readonly pattern: string }
  /** A kind of shift, whatever the string. */
  | { readonly need: 'shift'; readonly shiftClass: ShiftClass };

/** A kind of shift, by one of its shifts, and how often it is met. */
export interface KindOfShift {
  /** The class of the first of them that was met. */
  readonly shiftClass: ShiftClass;
  /** The number of shifts of this kind. */
  readonly times: number;
}

/** Counts shifts by their kind, the most frequent first. */
export function kindsOfShifts(shifts: readonly ClassedShift[]): readonly KindOfShift[] {
  const kinds = new Map<string, KindOfShift>();
  for (const { shiftClass } of shifts) {
    const key = keyOfKind(shiftClass);
    const before = kinds.get(key);
    kinds.set(key, { shiftClass: before?.shiftClass ?? shiftClass, times: (before?.times ?? 0) + 1 });
  }
  return [...kinds.values()].toSorted((one, other) => other.times - one.times);
}

import type { PartSetting } from '#core/brief/parts';
import { type LimitName, type LimitRule, type Limits, limitsSet } from '#core/brief/parts/limits';
import { goodReading, type Reading } from '#core/result';

/** One limit of a brief, read. */
export interface ReadLimit {
  /** The name of the limit in documents. */
  readonly name: LimitName;
  /** The rule as the search applies it. */
  readonly rule: LimitRule;
}

/** Reads the limits of a brief, in order; refuses the first that names something instrument or hand do not have. */
export function readLimits(limits: Limits | undefined, setting: PartSetting): Reading<readonly ReadLimit[]> {
  const read: ReadLimit[] = [];
  for (const { name, part, value } of limitsSet(limits)) {
    const rule = part.read(value, setting);
    if (!rule.ok) return rule;
    read.push({ name, rule: rule.value });
  }
  return goodReading(read);
}

/** Finds the number of shifts that limits ask for exactly; null where none does. */
export function exactShifts(limits: readonly ReadLimit[]): number | null {
  return limits.find(({ rule }) => rule.exactShifts !== undefined)?.rule.exactShifts ?? null;
}

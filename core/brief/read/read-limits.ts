import type { PartSetting } from '#core/brief/parts';
import { type LimitName, type LimitRule, type Limits, limitsSet } from '#core/brief/parts/limits';
import { goodReading, type Reading } from '#core/result';

/** One limit of a brief, read. */
export interface ReadLimit {
  /** Its name in documents. */
  readonly name: LimitName;
  /** What it asks of the search. */
  readonly rule: LimitRule;
}

/** Reads the limits of a brief, in their order; refuses the first that names what instrument or hand do not have. */
export function readLimits(limits: Limits | undefined, setting: PartSetting): Reading<readonly ReadLimit[]> {
  const read: ReadLimit[] = [];
  for (const { name, part, value } of limitsSet(limits)) {
    const rule = part.read(value, setting);
    if (!rule.ok) return rule;
    read.push({ name, rule: rule.value });
  }
  return goodReading(read);
}

/** The count of shifts that limits ask for exactly; null where none does. */
export function exactShifts(limits: readonly ReadLimit[]): number | null {
  return limits.find(({ rule }) => rule.exactShifts !== undefined)?.rule.exactShifts ?? null;
}

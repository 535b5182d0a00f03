import { asCorrected, ofKind } from './counted.ts';
import type { LogEntry } from './entry.ts';

/** An aim of a player: reached or open, never both. The last check decides, and one that is set again is open again. */
export interface Aim {
  readonly text: string;
  /** The moment it was set by the teacher, ms since 1970; null for one that a session had of its own. */
  readonly setAt: number | null;
  /** The moment of the check at which it was reached, ms since 1970; null while it is open. */
  readonly reachedAt: number | null;
  /** The number of checks since it was set. */
  readonly checks: number;
}

/** Lists the aims of a log in the order in which they came up: those that the teacher set, and those that sessions were checked for. */
export function aimsIn(entries: readonly LogEntry[]): readonly Aim[] {
  const standing = asCorrected(entries);
  const set = ofKind(standing, 'aim');
  const checks = ofKind(standing, 'end-check').filter(({ aim }) => aim !== '');
  const texts = new Set([...set.map(({ text }) => text), ...checks.map(({ aim }) => aim)]);
  return [...texts].map((text): Aim => {
    const setBy = set.findLast((entry) => entry.text === text);
    const since = setBy ? standing.indexOf(setBy) : -1;
    const checked = checks.filter((check) => check.aim === text && standing.indexOf(check) > since);
    const last = checked.at(-1);
    return {
      text,
      setAt: setBy?.at ?? null,
      reachedAt: last?.reached === true ? last.at : null,
      checks: checked.length,
    };
  });
}

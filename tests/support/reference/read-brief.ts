import { readFileSync } from 'node:fs';
import type { Brief } from '#core/brief';
import { plan } from '#core/plan';
import { fingeringOf, fitsLine } from './reference-case.ts';

/** A brief as a teacher would give it, the expectation before any plan was seen, and the reading of its plan. */
export interface ReadBrief {
  readonly id: string;
  readonly brief: Brief;
  /** The whole lines of string and finger, any of them right; none where many are. */
  readonly accept?: readonly string[];
  /** The wish of a teacher where many fingerings are right. */
  readonly remark?: string;
  /**
   * The reading: a wrong or unplayable, b poor, c acceptable, d as a teacher would write it; `plan` is the one that was read, null for a
   * refusal.
   */
  readonly read: { readonly grade: 'a' | 'b' | 'c' | 'd'; readonly remark?: string; readonly plan?: string };
}

/** The result of a brief now. */
export interface ReadVerdict {
  readonly brief: ReadBrief;
  /** The best plan and three others, or why there is none. */
  readonly plans: readonly string[];
  readonly refusal: string | null;
  /** The index of a plan that is accepted, or was read as d; null where there is none, or nothing is accepted. */
  readonly rightAt: number | null;
  /** Whether the best plan is the one that was read. */
  readonly asRead: boolean;
}

/** Reads the briefs beside this file. */
export function readBriefs(): readonly ReadBrief[] {
  const briefs: ReadBrief[] = JSON.parse(readFileSync(new URL('./read-briefs.json', import.meta.url), 'utf8'));
  return briefs;
}

/** Plans a brief, with a number of other fingerings, and compares it with what was expected and read. */
export function judgedAsRead(readBrief: ReadBrief, alternatives = 3): ReadVerdict {
  const outcome = plan(readBrief.brief, { alternatives });
  if (!outcome.ok) {
    const asRead = readBrief.read.plan === undefined;
    const refusal = outcome.issues.map(({ message }) => message).join(' ');
    return { brief: readBrief, plans: [], refusal, rightAt: asRead && readBrief.read.grade === 'd' ? 0 : null, asRead };
  }
  const plans = [outcome.value.best, ...outcome.value.alternatives.map((other) => other.plan)].map(fingeringOf);
  const right = plans.findIndex((found) => isRight(readBrief, found));
  return { brief: readBrief, plans, refusal: null, rightAt: right < 0 ? null : right, asRead: plans[0] === readBrief.read.plan };
}

function isRight({ accept = [], read }: ReadBrief, found: string): boolean {
  if (read.grade === 'd' && found === read.plan) return true;
  const labels = found.replaceAll(/[[\]]/g, '').split(' ');
  return accept.some((line) => fitsLine(line, labels));
}

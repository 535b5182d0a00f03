import { readFileSync } from 'node:fs';
import type { Brief } from '#core/brief';
import { plan } from '#core/plan';
import { fingeringOf, fitsLine } from './reference-case.ts';

/** A brief as a teacher would give it, what was expected of it before any plan was seen, and how its plan was then read. */
export interface ReadBrief {
  readonly id: string;
  readonly brief: Brief;
  /** Whole lines of string and finger, any of them right; none where many are. */
  readonly accept?: readonly string[];
  /** What a teacher would want where many fingerings are right. */
  readonly remark?: string;
  /** a wrong or unplayable, b poor, c acceptable, d as a teacher would write it; `plan` is the one that was read, null for a refusal. */
  readonly read: { readonly grade: 'a' | 'b' | 'c' | 'd'; readonly remark?: string; readonly plan?: string };
}

/** How a brief comes out now. */
export interface ReadVerdict {
  readonly each: ReadBrief;
  /** The best plan and three others, or why there is none. */
  readonly plans: readonly string[];
  readonly refusal: string | null;
  /** Which plan is among the accepted ones, or is one that was read as d; null where none is, or nothing is accepted. */
  readonly rightAt: number | null;
  /** The best plan is the one that was read. */
  readonly asRead: boolean;
}

/** The briefs beside this file. */
export function readBriefs(): readonly ReadBrief[] {
  const briefs: ReadBrief[] = JSON.parse(readFileSync(new URL('./read-briefs.json', import.meta.url), 'utf8'));
  return briefs;
}

/** Plans a brief, with so many other fingerings, and holds it against what was expected and read. */
export function judgedAsRead(each: ReadBrief, alternatives = 3): ReadVerdict {
  const outcome = plan(each.brief, { alternatives });
  if (!outcome.ok) {
    const asRead = each.read.plan === undefined;
    const refusal = outcome.issues.map(({ message }) => message).join(' ');
    return { each, plans: [], refusal, rightAt: asRead && each.read.grade === 'd' ? 0 : null, asRead };
  }
  const plans = [outcome.value.best, ...outcome.value.alternatives.map((other) => other.plan)].map(fingeringOf);
  const right = plans.findIndex((found) => isRight(each, found));
  return { each, plans, refusal: null, rightAt: right < 0 ? null : right, asRead: plans[0] === each.read.plan };
}

function isRight({ accept = [], read }: ReadBrief, found: string): boolean {
  if (read.grade === 'd' && found === read.plan) return true;
  const labels = found.replaceAll(/[[\]]/g, '').split(' ');
  return accept.some((line) => fitsLine(line, labels));
}

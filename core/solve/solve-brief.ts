import type { Brief } from '#core/brief';
import { goodReading, type Reading } from '#core/result';
import { attempt, type Attempt } from './attempt.ts';
import type { Solved } from './solve.ts';
import { whyNone, whyNoWay } from './why-none.ts';

/** Reads, lays out and solves a brief; returns the issues of the first of these that fails. */
export function solveBrief(brief: Brief, onProgress?: (share: number) => void): Reading<Solved> {
  return solvedOrWhy(attempt(brief, onProgress));
}

/** Turns an attempt into the fingering, or the reasons why there is none. */
export function solvedOrWhy(tried: Attempt): Reading<Solved> {
  switch (tried.kind) {
    case 'solved':
      return goodReading(tried.solved);
    case 'unread':
      return { ok: false, issues: tried.issues };
    case 'blocked':
      return whyNone(tried.task, tried.index);
    case 'no-way':
      return whyNoWay(tried.laid);
  }
}

import { requestIssue } from '#core/messages';
import type { JobAnswer } from './job.ts';
import { problemOf } from './problem.ts';

/** Answers for a job that the planner has not done: too many waited, or it took too long. */
export function refusal(refused: 'busy' | 'too-expensive'): JobAnswer {
  return refused === 'busy'
    ? problemOf(503, 'Too many requests wait already', [requestIssue('busy', { seconds: 5 })])
    : problemOf(422, 'This brief takes too long to plan', [requestIssue('too-expensive', {})]);
}

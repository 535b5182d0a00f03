import type { APIRoute } from 'astro';
import { requestIssue } from '#core/messages';
import { problem } from './problem.ts';

/** Answers every method but the one that the address knows. */
export function only(method: 'GET' | 'POST'): APIRoute {
  const allowed = method === 'GET' ? 'GET, HEAD' : method;
  return ({ request }) =>
    problem(405, 'This address does not know that method', [requestIssue('wrong-method', { method: request.method, allowed })], {
      allow: allowed,
    });
}

import type { Issue } from '#core/messages';
import type { JobAnswer } from './job.ts';

/**
 * Makes a problem document (RFC 9457): the fault, and for each issue its place, with a JSON pointer, and what would help; `more` is added
 * to it.
 */
export function problemOf(
  status: number,
  title: string,
  issues: readonly Issue[],
  more: Readonly<Record<string, unknown>> = {},
): JobAnswer {
  const errors = issues.map(({ code, where, message, hint }) => ({
    code,
    pointer: where.pointer ?? (where.note === undefined ? '' : `/material/notes/${where.note}`),
    ...(where.note === undefined ? {} : { note: where.note }),
    detail: message,
    hint,
  }));
  const body = { type: 'about:blank', title, status, detail: issues[0]?.message ?? title, errors, ...more };
  return { status, contentType: 'application/problem+json', body: JSON.stringify(body) };
}

/** Answers a request with a value. */
export function answerWith(value: unknown): JobAnswer {
  return { status: 200, contentType: 'application/json', body: JSON.stringify(value) };
}

/** Answers for a brief that reads and cannot be planned. */
export function answerUnplanned(issues: readonly Issue[], more: Readonly<Record<string, unknown>> = {}): JobAnswer {
  return problemOf(422, 'This brief cannot be planned', issues, more);
}

/** Makes a problem document into a response. */
export function problem(status: number, title: string, issues: readonly Issue[], headers: Readonly<Record<string, string>> = {}): Response {
  const { body, contentType } = problemOf(status, title, issues);
  return new Response(body, { status, headers: { 'content-type': contentType, ...headers } });
}

import type { Issue } from '#core/messages';
import type { JobAnswer } from './job.ts';

/** A problem document (RFC 9457): what is wrong, and for each issue where, with a JSON pointer, and what would help; `more` goes with it. */
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

/** A value as the answer to a request. */
export function answered(value: unknown): JobAnswer {
  return { status: 200, contentType: 'application/json', body: JSON.stringify(value) };
}

/** A brief that reads and cannot be planned. */
export function unplanned(issues: readonly Issue[], more: Readonly<Record<string, unknown>> = {}): JobAnswer {
  return problemOf(422, 'This brief cannot be planned', issues, more);
}

/** The same as a response. */
export function problem(status: number, title: string, issues: readonly Issue[], headers: Readonly<Record<string, string>> = {}): Response {
  const { body, contentType } = problemOf(status, title, issues);
  return new Response(body, { status, headers: { 'content-type': contentType, ...headers } });
}

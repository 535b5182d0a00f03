import type { Issue } from '#core/messages';

/** A problem document (RFC 9457): what is wrong, and for each issue where, with a JSON pointer, and what would help; `more` goes with it. */
export function problem(status: number, title: string, issues: readonly Issue[], more: Readonly<Record<string, unknown>> = {}): Response {
  const errors = issues.map(({ code, where, message, hint }) => ({
    code,
    pointer: where.pointer ?? (where.note === undefined ? '' : `/material/notes/${where.note}`),
    ...(where.note === undefined ? {} : { note: where.note }),
    detail: message,
    hint,
  }));
  const body = { type: 'about:blank', title, status, detail: issues[0]?.message ?? title, errors, ...more };
  return new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/problem+json' } });
}

import { requestIssue } from '#core/messages';
import { badReading, type Reading } from '#core/result';
import { readBookRequest } from '../../validation/request.ts';
import { readJson } from '../request-body.ts';
import { type BookAsked, bookAsked } from './book-asked.ts';

/** The most lines that one book may have: nine lines of every key in every number of octaves that is usual. */
export const MOST_LINES = 1000;

/** Reads the book that a request asks for. */
export function readBookBody(body: string): Reading<BookAsked> {
  const json = readJson(body);
  if (!json.ok) return json;
  const request = readBookRequest(json.value);
  if (!request.ok) return request;
  const asked = bookAsked(request.value);
  const count = asked.keys.reduce((sum, { briefs }) => sum + briefs.length, 0);
  if (count === 0) return badReading(requestIssue('empty-book', {}, { pointer: '/book' }));
  if (count > MOST_LINES) return badReading(requestIssue('too-long-book', { count, most: MOST_LINES }, { pointer: '/book' }));
  return { ok: true, value: asked };
}

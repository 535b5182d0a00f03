import type { Brief } from '#core/brief';
import type { Reading } from '#core/result';
import type { BookRequest } from '#core/scale-book';
import { validateBook, validateBrief } from './compiled/requests.js';
import { readValue } from './read-value.ts';

/** Reads a brief that is sent to the server: unlike a file it may have no field that is not known, since its sender can be told of a slip. */
export function readRequest(value: unknown): Reading<Brief> {
  return readValue(validateBrief, value);
}

/** Reads a scale book that is asked of the server. */
export function readBookRequest(value: unknown): Reading<BookRequest> {
  return readValue(validateBook, value);
}

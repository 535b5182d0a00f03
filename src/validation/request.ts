import type { Brief } from '#core/brief';
import type { Reading } from '#core/result';
import { validate } from './compiled/request.js';
import { readValue } from './read-value.ts';

/** Reads a brief that is sent to the server: unlike a file it may have no field that is not known, since its sender can be told of a slip. */
export function readRequest(value: unknown): Reading<Brief> {
  return readValue(validate, value);
}

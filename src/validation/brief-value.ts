import type { Brief } from '#core/plan';
import type { Reading } from '#core/reading';
import { validate } from './compiled/brief.js';
import { readValue } from './read-value.ts';

/** Reads a value as a brief. */
export function readBriefValue(value: unknown): Reading<Brief> {
  return readValue(validate, value);
}

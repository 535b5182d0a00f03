import { validators } from '../../src/validation/compiled/validators.js';

const { validate } = await validators.brief();

/** Tells at once whether a value passes the check of a brief. */
export function isBrief(value: unknown): boolean {
  return validate(value);
}

import { validators } from '../../src/validation/compiled/validators.js';

const { validate } = await validators.brief();

/** Whether a value passes the check of a brief, at once. */
export function isBrief(value: unknown): boolean {
  return validate(value);
}

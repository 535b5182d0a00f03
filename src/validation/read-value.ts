import type { ErrorObject, ValidateFunction } from 'ajv';
import { LONGEST_AS_TEXT } from '#core/documents';
import { documentIssue, type Issue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';

/** A check of a value against one schema. */
export type ReadValue<Value> = (value: unknown) => Reading<Value>;

/** Reads a value with a compiled validator: the value itself, or its faults and their places. */
export function readValue<Value>(validate: ValidateFunction<Value>, value: unknown): Reading<Value> {
  if (validate(value)) return goodReading(value);
  const [first, ...others] = mostTelling(validate.errors ?? []).map(issueOf);
  return first
    ? badReading(first, ...others)
    : badReading(documentIssue('not-matching', { pointer: '', expected: 'does not match its schema' }, { pointer: '' }));
}

/**
 * Finds the most telling errors: a union reports the failure of every branch, and the deepest errors are about the branch that was meant.
 */
function mostTelling(errors: readonly ErrorObject[]): readonly ErrorObject[] {
  const depth = (error: ErrorObject): number => error.instancePath.split('/').length;
  const deepest = errors.reduce((most, error) => Math.max(most, depth(error)), 0);
  const telling = errors.filter((error) => depth(error) === deepest && error.keyword !== 'anyOf' && error.keyword !== 'const');
  return (telling.length > 0 ? telling : errors).slice(0, 5);
}

function issueOf(error: ErrorObject): Issue {
  const pointer = error.instancePath;
  if (BOUNDS_OF_UNKNOWN.includes(error.keyword)) return documentIssue('too-much-unknown', { pointer }, { pointer });
  return documentIssue('not-matching', { pointer, expected: expectation(error) }, { pointer });
}

/** The keywords that bound what is kept of fields that are not known here: how long each may be, and how many an object may have. */
const BOUNDS_OF_UNKNOWN: readonly string[] = [LONGEST_AS_TEXT, 'maxProperties'];

/** Writes what was expected, by the keyword that failed. */
function expectation({ keyword, params }: ErrorObject): string {
  return EXPECTATIONS[keyword]?.(params) ?? 'does not match its schema';
}

type Params = Readonly<Record<string, unknown>>;

/** The words for each keyword of a schema that can fail, from what the validator tells of the failure. */
const EXPECTATIONS: Readonly<Record<string, (params: Params) => string>> = {
  enum: ({ allowedValues }) => `must be one of ${Array.isArray(allowedValues) ? allowedValues.join(', ') : 'a few values'}`,
  type: ({ type }) => `must be of type ${String(type)}`,
  required: ({ missingProperty }) => `lacks “${String(missingProperty)}”`,
  additionalProperties: ({ additionalProperty }) => `has a field “${String(additionalProperty)}” that is not known here`,
  minimum: ({ limit }) => `must be at least ${String(limit)}`,
  minLength: ({ limit }) => `must be at least ${String(limit)} long`,
  minItems: ({ limit }) => `must be at least ${String(limit)} long`,
  maximum: ({ limit }) => `must be at most ${String(limit)}`,
  maxLength: ({ limit }) => `must be at most ${String(limit)} long`,
  maxItems: ({ limit }) => `must be at most ${String(limit)} long`,
  pattern: () => 'is not written as it should be',
};

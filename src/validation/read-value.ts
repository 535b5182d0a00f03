import type { ErrorObject, ValidateFunction } from 'ajv';
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
  return documentIssue('not-matching', { pointer, expected: expectation(error) }, { pointer });
}

/** Writes what was expected, by the keyword that failed. */
function expectation({ keyword, params }: ErrorObject): string {
  const { allowedValues, type, missingProperty, additionalProperty, limit }: Readonly<Record<string, unknown>> = params;
  switch (keyword) {
    case 'enum':
      return `must be one of ${Array.isArray(allowedValues) ? allowedValues.join(', ') : 'a few values'}`;
    case 'type':
      return `must be of type ${String(type)}`;
    case 'required':
      return `lacks “${String(missingProperty)}”`;
    case 'additionalProperties':
      return `has a field “${String(additionalProperty)}” that is not known here`;
    case 'minimum':
    case 'minLength':
    case 'minItems':
      return `must be at least ${String(limit)}${keyword === 'minimum' ? '' : ' long'}`;
    case 'maximum':
    case 'maxLength':
    case 'maxItems':
      return `must be at most ${String(limit)}${keyword === 'maximum' ? '' : ' long'}`;
    case 'pattern':
      return 'is not written as it should be';
    default:
      return 'does not match its schema';
  }
}

import type { ErrorObject, ValidateFunction } from 'ajv';
import type { Piece } from '#core/format';
import type { Brief } from '#core/plan';
import { badReading, goodReading, type Issue, type Reading } from '#core/reading';
import { documentNotMatching } from '#core/words';
import { validateBrief, validatePiece } from './compiled-validators.js';

/** Reads a value as a brief. */
export function readBriefValue(value: unknown): Reading<Brief> {
  return readValue(validateBrief, value);
}

/** Reads a value as a piece. */
export function readPieceValue(value: unknown): Reading<Piece> {
  return readValue(validatePiece, value);
}

function readValue<Value>(validate: ValidateFunction<Value>, value: unknown): Reading<Value> {
  if (validate(value)) return goodReading(value);
  const [first, ...others] = mostTelling(validate.errors ?? []).map(issueOf);
  return first
    ? badReading(first, ...others)
    : badReading({ code: 'schema', where: { pointer: '' }, ...documentNotMatching('', 'does not match') });
}

/** A union reports the failure of every branch; the deepest errors are the ones about what was meant. */
function mostTelling(errors: readonly ErrorObject[]): readonly ErrorObject[] {
  const depth = (error: ErrorObject): number => error.instancePath.split('/').length;
  const deepest = Math.max(0, ...errors.map(depth));
  const telling = errors.filter((error) => depth(error) === deepest && error.keyword !== 'anyOf' && error.keyword !== 'const');
  return (telling.length > 0 ? telling : errors).slice(0, 5);
}

function issueOf(error: ErrorObject): Issue {
  const pointer = error.instancePath;
  return { code: 'schema', where: { pointer }, ...documentNotMatching(pointer, expectation(error)) };
}

function expectation(error: ErrorObject): string {
  const named: unknown = error.params['additionalProperty'] ?? error.params['missingProperty'];
  return typeof named === 'string' && error.keyword === 'additionalProperties'
    ? `has a field “${named}” that is not known here`
    : (error.message ?? 'does not match its schema');
}

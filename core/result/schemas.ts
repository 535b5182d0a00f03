import { type TSchema, type TUnsafe, Type } from '@sinclair/typebox';

/** Makes the schema of a text that is one of several. An `enum` says so to people and validators more briefly than a union does. */
export function oneOf<Value extends string>(values: readonly Value[], description?: string): TUnsafe<Value> {
  return Type.Unsafe<Value>({ type: 'string', enum: [...values], ...(description === undefined ? {} : { description }) });
}

/**
 * Makes the schema of an object whose keys are some of the names and whose values are all alike: one loop for a validator, however many
 * names.
 */
export function eachNamed<Value>(names: readonly string[], value: TSchema): TUnsafe<Value> {
  return Type.Unsafe<Value>({ type: 'object', propertyNames: { enum: [...names] }, additionalProperties: value });
}

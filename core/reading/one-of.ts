import { type TUnsafe, Type } from '@sinclair/typebox';

/** The schema of a text that is one of several. An `enum` says so to people and validators more briefly than a union does. */
export function oneOf<Value extends string>(values: readonly Value[], description?: string): TUnsafe<Value> {
  return Type.Unsafe<Value>({ type: 'string', enum: [...values], ...(description === undefined ? {} : { description }) });
}

import { type TUnsafe, Type } from '@sinclair/typebox';
import { fingers } from './fingers.ts';
import { harmonics } from './harmonics.ts';
import { highestPerString } from './highest-per-string.ts';
import type { LimitPart } from './limit-part.ts';
import { openStrings } from './open-strings.ts';
import { positions } from './positions.ts';
import { shifts } from './shifts.ts';
import { strings } from './strings.ts';

/**
 * Every limit, by its name in documents, in the order in which a teacher would ask which of them excludes a note, and in which they stand
 * in the sentence.
 */
const LIMIT_PARTS = { positions, strings, highestPerString, fingers, openStrings, harmonics, shifts } as const;

/** The name of a limit. */
export type LimitName = keyof typeof LIMIT_PARTS;

/** The value of a limit in documents. */
export type LimitValue<Name extends LimitName> = LimitValues[Name];

type LimitValues = { [Name in LimitName]: (typeof LIMIT_PARTS)[Name] extends LimitPart<infer Value> ? Value : never };

/** The limits of a brief, as documents carry them. An absent limit limits nothing; strings are named by their open note. */
export type Limits = { [Name in LimitName]?: LimitValue<Name> };

/** The names of all limits, in order. */
export const LIMIT_NAMES: readonly LimitName[] = Object.keys(LIMIT_PARTS).filter((name): name is LimitName => name in LIMIT_PARTS);

const TYPED: { readonly [Name in LimitName]: LimitPart<LimitValue<Name>> } = LIMIT_PARTS;

/** Finds a limit by its name. */
export function limitPart<Name extends LimitName>(name: Name): LimitPart<LimitValue<Name>> {
  return TYPED[name];
}

/** The schema of the limits of a brief. */
export const Limits: TUnsafe<Limits> = Type.Unsafe<Limits>(
  Type.Object(Object.fromEntries(LIMIT_NAMES.map((name) => [name, Type.Optional(limitPart(name).schema)])), {
    additionalProperties: false,
  }),
);

/** A limit that a brief sets, with the value it has there. */
export interface SetLimit {
  /** The name of the limit in documents. */
  readonly name: LimitName;
  /** The part that knows everything about it. */
  readonly part: LimitPart<LimitValue<LimitName>>;
  /** The value that the brief sets. */
  readonly value: LimitValue<LimitName>;
}

/** Lists the limits that a brief sets, in order. */
export function limitsSet(limits: Limits = {}): readonly SetLimit[] {
  return LIMIT_NAMES.flatMap((name): readonly SetLimit[] => {
    const value = limits[name];
    return value === undefined ? [] : [{ name, part: limitPart(name), value }];
  });
}

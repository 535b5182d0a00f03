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
 * Every limit, by its name in documents. The order is the one in which a teacher would ask which of them keeps a note
 * out, and in which they stand in the sentence.
 */
const LIMIT_PARTS = { positions, strings, highestPerString, fingers, openStrings, harmonics, shifts } as const;

/** The name of a limit. */
export type LimitName = keyof typeof LIMIT_PARTS;

/** What documents carry of a limit. */
export type LimitValue<Name extends LimitName> = LimitValues[Name];

type LimitValues = { [Name in LimitName]: (typeof LIMIT_PARTS)[Name] extends LimitPart<infer Value> ? Value : never };

/** What must hold, whatever it costs, as documents carry it. Absent means no limit; strings are named by their open note. */
export type Limits = { [Name in LimitName]?: LimitValue<Name> };

/** The names of all limits, in their order. */
export const LIMIT_NAMES: readonly LimitName[] = Object.keys(LIMIT_PARTS).filter((name): name is LimitName => name in LIMIT_PARTS);

const TYPED: { readonly [Name in LimitName]: LimitPart<LimitValue<Name>> } = LIMIT_PARTS;

/** A limit by its name. */
export function limitPart<Name extends LimitName>(name: Name): LimitPart<LimitValue<Name>> {
  return TYPED[name];
}

/** What must hold, whatever it costs, as documents carry it. */
export const Limits: TUnsafe<Limits> = Type.Unsafe<Limits>(
  Type.Object(Object.fromEntries(LIMIT_NAMES.map((name) => [name, Type.Optional(limitPart(name).schema)])), {
    additionalProperties: false,
  }),
);

/** A limit that a brief sets: its part with the value it has there. */
export interface SetLimit {
  /** Its name in documents. */
  readonly name: LimitName;
  /** All there is to know of it. */
  readonly part: LimitPart<LimitValue<LimitName>>;
  /** What the brief sets. */
  readonly value: LimitValue<LimitName>;
}

/** The limits that a brief sets, in their order. */
export function limitsSet(limits: Limits = {}): readonly SetLimit[] {
  return LIMIT_NAMES.flatMap((name): readonly SetLimit[] => {
    const value = limits[name];
    return value === undefined ? [] : [{ name, part: limitPart(name), value }];
  });
}

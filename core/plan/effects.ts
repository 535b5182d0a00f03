import { type Preference, PREFERENCES } from '#core/search';
import { fingeredOtherwise, type PlanSums, samePrices, sumsOf } from './differences.ts';
import { plan } from './plan.ts';
import type { Brief, Limits } from './schema.ts';
import type { Plan } from './types.ts';

/** A part of the brief that binds or bends the plan. */
export type Asked =
  | { readonly kind: 'limit'; readonly name: keyof Limits }
  | { readonly kind: 'wish'; readonly name: Preference }
  | { readonly kind: 'part'; readonly name: (typeof PARTS)[number] };

/** What one part of the brief does to the plan: the sums with it and without, and how many notes it moves. */
export interface Effect {
  readonly asked: Asked;
  /** With this part, and without it. */
  readonly sums: readonly [PlanSums, PlanSums];
  /** Both are priced alike, so that their costs may be compared. */
  readonly priced: boolean;
  /** Line indexes of the notes fingered otherwise for it. */
  readonly otherwise: readonly number[];
}

/**
 * What each part of a brief does to the numbers: the brief planned once without each. A part whose leaving out cannot be
 * planned tells nothing and is left out; so is everything when the brief itself cannot be planned.
 */
export function effectsOf(brief: Brief): readonly Effect[] {
  const whole = plan(brief);
  if (!whole.ok) return [];
  const best = whole.value.best;
  return without(brief).flatMap(({ asked, rest }): readonly Effect[] => {
    const outcome = plan(rest);
    return outcome.ok ? [effectOf(asked, best, outcome.value.best)] : [];
  });
}

function effectOf(asked: Asked, best: Plan, free: Plan): Effect {
  return {
    asked,
    sums: [sumsOf(best), sumsOf(free)],
    priced: samePrices(best.brief, free.brief),
    otherwise: fingeredOtherwise(free, best),
  };
}

/** What else of a brief bends the plan, and can be left out by itself. */
const PARTS = ['purpose', 'wayDown', 'samePatternEveryOctave', 'locks'] as const;

function without(brief: Brief): readonly { readonly asked: Asked; readonly rest: Brief }[] {
  const { limits, preferences } = brief;
  return [
    ...LIMIT_NAMES.filter((name) => limits?.[name] !== undefined).map((name) => ({
      asked: { kind: 'limit', name } as const,
      rest: { ...brief, limits: omitted(limits ?? {}, name) },
    })),
    ...PREFERENCES.filter((name) => preferences?.[name] !== undefined).map((name) => ({
      asked: { kind: 'wish', name } as const,
      rest: { ...brief, preferences: omitted(preferences ?? {}, name) },
    })),
    ...PARTS.filter((name) => brief[name] !== undefined).map((name) => ({
      asked: { kind: 'part', name } as const,
      rest: omitted(brief, name),
    })),
  ];
}

const LIMIT_NAMES = [
  'positions',
  'strings',
  'fingers',
  'openStrings',
  'highestPerString',
  'shifts',
  'harmonics',
] as const satisfies readonly (keyof Limits)[];

function omitted<From extends object, Name extends keyof From>(from: From, name: Name): Omit<From, Name> {
  const { [name]: _, ...rest } = from;
  return rest;
}

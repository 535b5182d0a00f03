import { type Brief, wayDownOf } from '#core/brief';
import { DEFAULT_RHYTHM } from '#core/brief/lines';
import type { LimitName, Limits, LimitValue } from '#core/brief/parts/limits';
import type { Purpose, WayDown } from '#core/brief/parts/rules';
import type { Rhythm } from '#core/rhythm';

/** Changes one or more limits; null lifts one. */
export function withLimits(brief: Brief, change: { readonly [Name in keyof Limits]?: Limits[Name] | null }): Brief {
  const { limits: before, ...others } = brief;
  const merged = Object.fromEntries(Object.entries({ ...before, ...change }).filter(([, value]) => value !== null && value !== undefined));
  return Object.keys(merged).length === 0 ? others : { ...others, limits: merged };
}

/** Changes one limit by its name; null lifts it. */
export function withLimit<Name extends LimitName>(brief: Brief, name: Name, value: LimitValue<Name> | null): Brief {
  return withLimits(brief, { [name]: value });
}

/** Sets what the plan is for; null for nothing in particular. */
export function withPurpose(brief: Brief, purpose: Purpose | null): Brief {
  const { purpose: _, ...others } = brief;
  return purpose === null ? others : { ...others, purpose };
}

/** Asks for the same fingers in every octave, or no longer. */
export function withSamePattern(brief: Brief, same: boolean): Brief {
  const { samePatternEveryOctave: _, ...others } = brief;
  return same ? { ...others, samePatternEveryOctave: true } : others;
}

/** Fingers the way down by itself or like the way up; the brief says so only where the school does not teach it already. */
export function withWayDown(brief: Brief, wayDown: WayDown): Brief {
  const { wayDown: _, ...others } = brief;
  return wayDown === wayDownOf(others) ? others : { ...others, wayDown };
}

/** Sets the tempo in quarters a minute; null for none. */
export function withTempo(brief: Brief, tempo: number | null): Brief {
  const { tempo: _, ...others } = brief;
  return tempo === null ? others : { ...others, tempo };
}

/** Changes note value, meter, bowing, or what makes a variant of them; null takes one of them away. */
export function withRhythm(brief: Brief, change: { readonly [Name in keyof Rhythm]?: Rhythm[Name] | null }): Brief {
  const merged = Object.entries({ ...DEFAULT_RHYTHM, ...brief.rhythm, ...change }).filter(([, value]) => value !== null);
  return { ...brief, rhythm: Object.fromEntries(merged) };
}

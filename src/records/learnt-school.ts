import { type School, withAnswer } from '#core/brief/parts/school';
import { type Leaning, weightValue } from '#core/habits';
import type { InstrumentKind } from '#core/instrument';

/** Tells whether a school does already what fingerings on an instrument show. */
export function isTaughtIn({ ways = {}, weights = {} }: School, leaning: Leaning, kind: InstrumentKind): boolean {
  if ('question' in leaning) return ways[leaning.question] === leaning.side;
  return weights[kind]?.[leaning.weight] === weightValue(leaning, kind);
}

/** Adds to a school what fingerings on an instrument show. */
export function withLearnt(school: School, taken: readonly Leaning[], kind: InstrumentKind): School {
  return taken.reduce<School>((now, leaning) => {
    if ('question' in leaning) return { ...now, ways: withAnswer(now.ways ?? {}, leaning.question, leaning.side) };
    return withWeight(now, kind, leaning.weight, weightValue(leaning, kind));
  }, school);
}

/** Puts back in a school what it had before something was learnt; nothing where it had the same already. */
export function withoutLearnt(school: School, before: School, leaning: Leaning, kind: InstrumentKind): School {
  const was = isTaughtIn(before, leaning, kind) ? {} : before;
  if ('question' in leaning)
    return { ...school, ways: withAnswer(school.ways ?? {}, leaning.question, was.ways?.[leaning.question] ?? null) };
  return withWeight(school, kind, leaning.weight, was.weights?.[kind]?.[leaning.weight]);
}

function withWeight(school: School, kind: InstrumentKind, name: string, value: unknown): School {
  const { [name]: _, ...others } = school.weights?.[kind] ?? {};
  const changed = typeof value === 'number' ? { ...others, [name]: value } : others;
  return { ...school, weights: { ...school.weights, [kind]: changed } };
}

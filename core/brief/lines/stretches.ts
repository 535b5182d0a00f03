import type { Brief, Stretch } from '#core/brief';

/** The notes something is asked of: line indexes, both inclusive. */
export type StretchEnds = Pick<Stretch, 'from' | 'to'>;

/** The brief with what is asked of some notes alone, in the order of the notes; a stretch that asks nothing goes. */
export function withStretches(brief: Brief, stretches: readonly Stretch[]): Brief {
  const { stretches: _, ...rest } = brief;
  const asking = stretches.filter(({ limits = {}, preferences = {} }) => Object.keys(limits).length + Object.keys(preferences).length > 0);
  const inOrder = asking.toSorted((one, other) => one.from - other.from || one.to - other.to);
  return inOrder.length === 0 ? rest : { ...rest, stretches: [...inOrder] };
}

/** What is asked of exactly these notes; nothing where nothing is. */
export function stretchAt({ stretches = [] }: Brief, ends: StretchEnds): Stretch {
  return stretches.find((stretch) => sameEnds(stretch, ends)) ?? { from: ends.from, to: ends.to };
}

/** The brief with something else asked of exactly these notes. */
export function withStretch(brief: Brief, changed: Stretch): Brief {
  const others = (brief.stretches ?? []).filter((stretch) => !sameEnds(stretch, changed));
  return withStretches(brief, [...others, changed]);
}

function sameEnds(one: StretchEnds, other: StretchEnds): boolean {
  return one.from === other.from && one.to === other.to;
}

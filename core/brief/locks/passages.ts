import type { Brief, Passage } from '#core/brief';

/** The notes of which something is asked: line indexes, both inclusive. */
export type PassageEnds = Pick<Passage, 'from' | 'to'>;

/** Replaces the passages, in the order of the notes; a passage that asks nothing is dropped. */
export function withPassages(brief: Brief, stretches: readonly Passage[]): Brief {
  const { stretches: _, ...others } = brief;
  const asking = stretches.filter(({ limits = {}, preferences = {} }) => Object.keys(limits).length + Object.keys(preferences).length > 0);
  const inOrder = asking.toSorted((one, other) => one.from - other.from || one.to - other.to);
  return inOrder.length === 0 ? others : { ...others, stretches: [...inOrder] };
}

/** Finds what is asked of exactly these notes; empty where nothing is. */
export function passageAt({ stretches = [] }: Brief, ends: PassageEnds): Passage {
  return stretches.find((passage) => sameEnds(passage, ends)) ?? { from: ends.from, to: ends.to };
}

/** Changes what is asked of exactly these notes. */
export function withPassage(brief: Brief, changed: Passage): Brief {
  const others = (brief.stretches ?? []).filter((passage) => !sameEnds(passage, changed));
  return withPassages(brief, [...others, changed]);
}

function sameEnds(one: PassageEnds, other: PassageEnds): boolean {
  return one.from === other.from && one.to === other.to;
}

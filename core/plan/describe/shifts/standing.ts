import { type Finger, isShift, type Placement, stopsIn } from '#core/hand/placement';

/** The places of the fingers of one stay on each string, semitones above the open string. */
export interface Stood {
  /** Gives the first place of a finger; null where it did not play there. */
  readonly first: (finger: Finger, stringIndex: number) => number | null;
  /** Gives its last place. */
  readonly last: (finger: Finger, stringIndex: number) => number | null;
}

/** The stays on both sides of a shift. */
export interface AroundShift {
  readonly before: Stood;
  readonly after: Stood;
}

/** Gives the places of fingers before and after every shift, by the order in the line of the note it arrives on. */
export function aroundShifts(placements: readonly Placement[]): ReadonlyMap<number, AroundShift> {
  const stays: { readonly from: number; readonly placements: Placement[] }[] = [];
  let last: Placement | null = null;
  for (const [order, placement] of placements.entries()) {
    if (stopsIn(placement).length === 0) continue;
    if (last === null || isShift(last, placement)) stays.push({ from: order, placements: [] });
    stays[stays.length - 1]?.placements.push(placement);
    last = placement;
  }
  const stood = stays.map(({ placements: stay }) => placesIn(stay));
  return new Map(
    stays.flatMap(({ from }, index) => {
      const [before, after] = [stood[index - 1], stood[index]];
      return before && after ? [[from, { before, after }] as const] : [];
    }),
  );
}

function placesIn(stay: readonly Placement[]): Stood {
  const [first, last] = [new Map<string, number>(), new Map<string, number>()];
  const slot = (finger: Finger, stringIndex: number): string => `${stringIndex}${finger}`;
  for (const { finger, stringIndex, semitonesAboveOpen } of stay.flatMap(stopsIn)) {
    const key = slot(finger, stringIndex);
    if (!first.has(key)) first.set(key, semitonesAboveOpen);
    last.set(key, semitonesAboveOpen);
  }
  return {
    first: (finger, stringIndex) => first.get(slot(finger, stringIndex)) ?? null,
    last: (finger, stringIndex) => last.get(slot(finger, stringIndex)) ?? null,
  };
}

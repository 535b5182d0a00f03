import { type HandModel, isShift, type Placement, stopIn, stopsIn } from '#core/hand';
import type { Forbidden } from '#core/search/lattice';

/** Two notes of one stay that no single hand plays, by their order among the sounding notes. */
export interface HandBreak {
  /** The earlier note. */
  readonly from: number;
  /** The later note. */
  readonly to: number;
  /** What stood before the later note: a finger where it stood last, or a note anywhere in the stay. */
  readonly standing: Placement;
  /** The later note as it was taken. */
  readonly placed: Placement;
  /** `beside`: the fingers do not fit each other on their string; `frame`: no hand covers both. */
  readonly kind: 'beside' | 'frame';
}

/** What one hand has played since it last shifted. */
interface StaySoFar {
  /** The last note that was stopped. */
  last: Placement | null;
  /** Every different note so far, with its order. */
  readonly played: Map<string, { readonly order: number; readonly placement: Placement }>;
  /** Where each finger stood last on each string. */
  readonly standing: Map<string, { readonly order: number; readonly placement: Placement }>;
}

/**
 * Where a fingering is not one hand: a stay is walked note by note, keeping for each string where each finger stood last. A
 * finger newly placed must fit the last places of the others on that string, and every note of the stay must lie in one frame
 * (a finger may stand low and later high, as in the melodic minor). At most one break for each note.
 */
export function handBreaks(hand: HandModel, placements: readonly Placement[]): readonly HandBreak[] {
  const breaks: HandBreak[] = [];
  let stay = begun();
  for (const [order, placement] of placements.entries()) {
    if (stopsIn(placement).length === 0) continue;
    if (stay.last && isShift(stay.last, placement)) stay = begun();
    const found = breakAt(hand, stay, placement);
    if (found) breaks.push({ ...found, to: order, placed: placement });
    remember(stay, order, placement);
  }
  return breaks;
}

function begun(): StaySoFar {
  return { last: null, played: new Map(), standing: new Map() };
}

function breakAt(hand: HandModel, { played, standing }: StaySoFar, placement: Placement): Omit<HandBreak, 'to' | 'placed'> | null {
  for (const { order, placement: finger } of standing.values()) {
    if (!hand.fitsBeside(finger, placement)) return { from: order, standing: finger, kind: 'beside' };
  }
  for (const { order, placement: note } of played.values()) {
    if (!hand.inOneFrame(note, placement)) return { from: order, standing: note, kind: 'frame' };
  }
  return null;
}

function remember(stay: StaySoFar, order: number, placement: Placement): void {
  stay.last = placement;
  stay.played.set(stopsIn(placement).map(keyOf).join(' '), { order, placement });
  for (const stop of stopsIn(placement)) {
    stay.standing.set(`${stop.stringIndex} ${stop.finger}`, { order, placement: { ...placement, ...stopIn(stop), upper: null } });
  }
}

function keyOf({ stringIndex, finger, semitonesAboveOpen }: Placement['upper'] & object): string {
  return `${stringIndex} ${finger} ${semitonesAboveOpen}`;
}

/** The break as the search is to avoid it. */
export function forbiddenBy(hand: HandModel, { from, to, standing, kind }: HandBreak): Forbidden {
  const fits = kind === 'beside' ? hand.fitsBeside : hand.inOneFrame;
  return {
    from,
    to,
    remembered: (placement) =>
      placement.stance === standing.stance &&
      stopsIn(standing).every((stop) => stopsIn(placement).some((other) => keyOf(stop) === keyOf(other))),
    forgets: (placement) =>
      kind === 'beside' &&
      stopsIn(placement).some((other) => other.stringIndex === standing.stringIndex && other.finger === standing.finger),
    conflicts: (placement) => stopsIn(placement).length > 0 && !fits(standing, placement),
  };
}

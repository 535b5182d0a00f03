import { type Placement, sameStop, stopIn, stopsIn } from '#core/hand/placement';
import type { HandModel } from '#core/hand';

/**
 * Lists chords of three notes on three neighbouring strings, made of the double stops of their two lower and their two upper notes: the bow
 * plays two and two, and one hand holds all three. The middle note is the same finger in both.
 */
export function chordsOf(hand: HandModel, lower: readonly Placement[], upper: readonly Placement[]): readonly Placement[] {
  const chords = lower.flatMap((low) => upper.flatMap((high) => (isOneHand(hand, low, high) ? [joinDoubleStops(low, high)] : [])));
  const known = new Set<string>();
  return chords.filter((chord) => {
    const key = `${chord.finger} ${chord.upper?.finger} ${chord.top?.finger} ${chord.stance}`;
    const isNew = !known.has(key);
    known.add(key);
    return isNew;
  });
}

/** Lists the double stops that the bow plays of a chord, the lower first; any other placement is itself. */
export function doubleStopsIn(placement: Placement): readonly Placement[] {
  const { upper, top } = placement;
  if (upper === null || top === null) return [placement];
  return [
    { ...placement, top: null },
    { ...placement, ...stopIn(upper), upper: top, top: null },
  ];
}

function isOneHand(hand: HandModel, low: Placement, high: Placement): boolean {
  if (low.stance !== high.stance || low.block !== high.block || low.upper === null || !sameStop(low.upper, high)) return false;
  return fingersAreFree(low, high) && hand.comesTo(low, high) && hand.inOneFrame(low, high) && hand.fitsBeside(low, high);
}

/** Tells whether the outer notes have a finger each, but for open strings and one finger across all three strings. */
function fingersAreFree(low: Placement, { finger: middle, upper: top }: Placement): boolean {
  if (top === null) return false;
  return low.finger !== top.finger || low.finger === '0' || middle === low.finger;
}

/** Joins the hands of two double stops: it is that of the fingers that are down; where both have some, of the one that demands more. */
function joinDoubleStops(low: Placement, high: Placement): Placement {
  const hand = stopsIn(low).length === 0 || (low.shape === 'home' && stopsIn(high).length > 0) ? high : low;
  return { ...hand, ...stopIn(low), upper: low.upper, top: high.upper, anchor: low.anchor, firstFinger: low.firstFinger };
}

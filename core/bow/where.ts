import { otherWay, type Bow } from './bows.ts';

/** A bow and the part of the stick on which it is drawn: shares of the whole bow from the frog, 0, to the tip, 1. */
export interface DrawnBow extends Bow {
  /** The share of the bow at which it begins. */
  readonly starts: number;
  /** The share of the bow at which it ends. */
  readonly ends: number;
  /** The speed relative to a bow in which every note gets its share: 3 is three times as fast; under 1 the bow is saved. */
  readonly pace: number;
}

/** A part of the bow. */
export type BowPart = 'frog' | 'lower-half' | 'middle' | 'upper-half' | 'tip';

/** A bow that lasts less than this does not take the whole length of it, seconds: our own estimate for a full, unhurried tone. */
const WHOLE_BOW_SECONDS = 0.6;

/**
 * The share of the bows that are no longer than the one that takes the whole bow: single long notes are left out, because they take a whole
 * bow slowly.
 */
const USUAL_BOWS = 0.8;

/**
 * Plans the part of the stick on which each bow is drawn. A usual long bow of the line (no shorter than four in five) takes the whole bow,
 * or, where it lasts under 0.6 s, a proportionally smaller part around the middle; the others take their share by time, so that the bow
 * moves at one speed. Where that leaves too little room for the next bow, it goes as far as the next one needs, faster; where the stick
 * ends, it goes slower. After a rest, and where the same direction comes again without room for it, the bow is set anywhere. Without a
 * tempo the usual long bow takes the whole stick.
 *
 * @param tempo quarter notes a minute; null for none
 */
export function placeBows(bows: readonly Bow[], tempo: number | null): readonly DrawnBow[] {
  const lengths = bows.map(({ length }) => length).toSorted((one, other) => one - other);
  const usual = lengths[Math.ceil(lengths.length * USUAL_BOWS) - 1] ?? 0;
  const seconds = tempo === null ? Infinity : (usual * 4 * 60) / tempo;
  const whole = Math.min(1, seconds / WHOLE_BOW_SECONDS);
  const shareOf = (bow: Bow | undefined): number => (bow && usual > 0 ? (bow.length / usual) * whole : 0);
  const set: DrawnBow[] = [];
  for (const [order, bow] of bows.entries()) {
    const share = shareOf(bow);
    const next = bows[order + 1];
    const before = set[order - 1];
    const starts = before && goesOnFrom(before, bow, share) ? before.ends : freshStart(bow.direction, whole);
    const turnsAt = next && next.direction === otherWay(bow.direction) && !next.afterRest ? shareOf(next) : 0;
    const ends = endOf({ starts, share, turnsAt }, bow.direction);
    set.push({ ...bow, starts, ends, pace: share > 0 ? Math.abs(ends - starts) / share : 1 });
  }
  return set;
}

/** Names the part of the bow in which a place on it lies. */
export function partAt(share: number): BowPart {
  if (share < 0.15) return 'frog';
  if (share < 0.4) return 'lower-half';
  if (share <= 0.6) return 'middle';
  return share <= 0.85 ? 'upper-half' : 'tip';
}

/** Finds the place at which a bow begins that can be set anywhere. */
function freshStart(direction: Bow['direction'], whole: number): number {
  return direction === 'down' ? (1 - whole) / 2 : (1 + whole) / 2;
}

function goesOnFrom({ ends }: DrawnBow, { direction, again, afterRest }: Bow, share: number): boolean {
  const room = direction === 'down' ? 1 - ends : ends;
  return !afterRest && (!again || room >= share - TINY);
}

interface Stroke {
  readonly starts: number;
  readonly share: number;
  /** Finds the share of the bow that the next bow needs on its way back; 0 where it does not come back. */
  readonly turnsAt: number;
}

function endOf({ starts, share, turnsAt }: Stroke, direction: Bow['direction']): number {
  return direction === 'down'
    ? Math.min(1, Math.max(starts + share, Math.min(1, turnsAt)))
    : Math.max(0, Math.min(starts - share, 1 - turnsAt));
}

/** Sums of shares may miss a whole number by a hair. */
const TINY = 1e-9;

import { type Placement, rankOf, type Shape, stopIn, type StringStop } from '#core/hand/placement';
import { standApart, type NoteOnString, type PlacementsOf } from '#core/hand';
import { sharedShape } from './shared-shape.ts';

/**
 * The rule for the second finger of a double stop: `frame`, it stands where the shape puts it (cello, double bass, thumb position); `free`,
 * it stands as far away as these two fingers stand apart (violin, viola); `wide`, further apart, as fingered octaves are where they are
 * asked for.
 */
export type PairBinding = 'frame' | 'free' | 'wide';

/** The greatest distance of two fingers along two strings, in semitones; the span in mm is checked elsewhere. */
const WIDEST_SEMITONES = 12;

/**
 * Lists every way to stop two notes together on two neighbouring strings: two fingers, or one finger across both strings where the notes
 * lie level. The lower-numbered finger determines the frame.
 */
export function pairsOf(placementsOf: PlacementsOf, lower: NoteOnString, upper: NoteOnString, binding: PairBinding): readonly Placement[] {
  const highs = placementsOf(upper);
  const pairs = placementsOf(lower).flatMap((low) =>
    highs.flatMap((high) => {
      const pair = binding === 'frame' ? boundPair(low, high) : freePair(low, high, binding === 'wide');
      return pair ? [pair] : [];
    }),
  );
  // Puts first, of two readings of one pair, the one in which both fingers stand at home.
  const homeFirst = pairs.toSorted((one, other) => Number(one.shape !== 'home') - Number(other.shape !== 'home'));
  const known = new Set<string>();
  return homeFirst.filter((pair) => {
    const key = `${pair.finger} ${pair.upper?.finger ?? ''} ${pair.stance}`;
    if (known.has(key)) return false;
    known.add(key);
    return true;
  });
}

/** Finds pairs whose fingers both stand in one hand. */
function boundPair(low: Placement, high: Placement): Placement | null {
  if (low.stance !== high.stance || !fitTogether(low, high)) return null;
  const shape = sharedShape(low, high);
  return shape === null ? null : joinStops(low, high, { ...low, shape });
}

/**
 * Finds pairs in which the lower-numbered finger stands as by itself, the other as far from it as these two fingers stand apart. First and
 * fourth finger may reach further across two strings (a tenth), and all pairs where a wide one is asked for (fingered octaves); how far is
 * limited by the hand's mm.
 */
function freePair(low: Placement, high: Placement, wide: boolean): Placement | null {
  if (!fitTogether(low, high) || (!wide && !standTogether(low, high))) return null;
  const lowLeads = (rankOf(low.finger) ?? 0) <= (rankOf(high.finger) ?? 0);
  const [leading, other] = lowLeads ? [low, high] : [high, low];
  if (!LEADING.includes(leading.shape) || other.shape === 'reached-back') return null;
  // The first finger tells where the hand goes if it plays, else the lower string does.
  const { firstFinger } = leading.finger === '1' ? leading : low;
  return joinStops(low, high, { ...leading, firstFinger, shape: shapeBeside(leading, other) });
}

/** The shapes in which a finger may determine the frame. */
const LEADING: readonly Shape[] = ['home', 'low-first'];

/** Gives the shape of the other finger, seen from the one that determines the frame. */
function shapeBeside(leading: Placement, other: Placement): Shape {
  if (other.raised === leading.raised) return other.shape === 'home' ? leading.shape : other.shape;
  return other.raised > leading.raised ? 'reached-forward' : 'drawn-in';
}

/** Tells whether two fingers stand as far apart as in first position; first and fourth as far as the hand reaches. */
function standTogether(low: StringStop, high: StringStop): boolean {
  const fingers = (rankOf(high.finger) ?? 0) - (rankOf(low.finger) ?? 0);
  const semitones = (high.semitonesAboveOpen - low.semitonesAboveOpen) * Math.sign(fingers);
  return (Math.abs(fingers) === 3 && semitones >= 3) || standApart(Math.abs(fingers), semitones, 0);
}

/** Tells whether the higher finger stands higher, or level on the other string; one finger plays two notes only where they lie level. */
function fitTogether(low: StringStop, high: StringStop): boolean {
  const fingers = (rankOf(high.finger) ?? 0) - (rankOf(low.finger) ?? 0);
  const semitones = high.semitonesAboveOpen - low.semitonesAboveOpen;
  if (fingers === 0) return semitones === 0;
  const apart = semitones * Math.sign(fingers);
  return apart >= Math.max(0, Math.abs(fingers) - 1) && apart <= WIDEST_SEMITONES;
}

function joinStops(low: Placement, high: Placement, frame: Placement): Placement {
  return { ...frame, ...stopIn(low), upper: stopIn(high) };
}

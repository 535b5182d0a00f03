import { type NoteOnString, type Placement, rankOf, stopAt, type StringStop } from './types.ts';

/**
 * How the second finger of a double stop is bound: `frame`, it stands where the shape puts it (cello, double bass, thumb
 * position); `free`, it stands wherever the hand can reach it, no nearer than its number asks (violin, viola).
 */
export type PairBinding = 'frame' | 'free';

/** No hand reaches further along two strings, in semitones; what this hand spans in mm is asked elsewhere. */
const WIDEST_SEMITONES = 12;

/**
 * Every way to stop two notes together on two neighbouring strings: two fingers, or one finger across both strings where
 * the notes lie level. The lower-numbered finger tells the frame.
 */
export function pairsOf(
  placementsOf: (note: NoteOnString) => readonly Placement[],
  lower: NoteOnString,
  upper: NoteOnString,
  binding: PairBinding,
): readonly Placement[] {
  const pairs = placementsOf(lower).flatMap((low) =>
    placementsOf(upper).flatMap((high) => {
      const pair = binding === 'frame' ? boundPair(low, high) : freePair(low, high);
      return pair ? [pair] : [];
    }),
  );
  // Of two readings of one pair, the one in which both fingers stand at home goes first.
  const homeFirst = pairs.toSorted((one, other) => Number(one.shape !== 'home') - Number(other.shape !== 'home'));
  const known = new Set<string>();
  return homeFirst.filter((pair) => {
    const key = `${pair.finger} ${pair.upper?.finger ?? ''} ${pair.anchor} ${pair.letterPosition ?? ''}`;
    if (known.has(key)) return false;
    known.add(key);
    return true;
  });
}

/** Both fingers stand in one shape at one anchor. */
function boundPair(low: Placement, high: Placement): Placement | null {
  if (low.anchor !== high.anchor || !fitTogether(low, high)) return null;
  const shape = low.shape === 'home' ? high.shape : low.shape;
  if (low.shape !== high.shape && low.shape !== 'home' && high.shape !== 'home') return null;
  return joined(low, high, { ...low, shape });
}

/** The lower-numbered finger stands as by itself, the other within reach of it. */
function freePair(low: Placement, high: Placement): Placement | null {
  if (!fitTogether(low, high)) return null;
  const lowLeads = (rankOf(low.finger) ?? 0) <= (rankOf(high.finger) ?? 0);
  const [leading, other] = lowLeads ? [low, high] : [high, low];
  if (leading.shape !== 'home' || other.shape === 'reached-back') return null;
  const shape = other.anchor === leading.anchor ? other.shape : other.anchor > leading.anchor ? 'reached-forward' : 'drawn-in';
  return joined(low, high, { ...leading, shape });
}

/** The higher finger stands higher, or level on the other string; one finger for two notes only where they lie level. */
function fitTogether(low: StringStop, high: StringStop): boolean {
  const fingers = (rankOf(high.finger) ?? 0) - (rankOf(low.finger) ?? 0);
  const semitones = high.semitonesAboveOpen - low.semitonesAboveOpen;
  if (fingers === 0) return semitones === 0;
  const apart = semitones * Math.sign(fingers);
  return apart >= Math.max(0, Math.abs(fingers) - 1) && apart <= WIDEST_SEMITONES;
}

function joined(low: Placement, high: Placement, frame: Placement): Placement {
  return {
    ...stopAt(low.stringIndex, low.finger, low.semitonesAboveOpen),
    anchor: frame.anchor,
    shape: frame.shape,
    letterPosition: frame.letterPosition,
    upper: stopAt(high.stringIndex, high.finger, high.semitonesAboveOpen),
  };
}

import type { Finger } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import type { StringNumber } from '#core/instrument';
import type { PlannedReach } from './stop.ts';

/** Two neighbouring fingers of a pattern and the semitones between them: 1 close, 2 apart, 3 wide. */
export interface FingerGap {
  /** The lower finger. */
  readonly from: Finger;
  /** The finger next to it. */
  readonly to: Finger;
  /** The semitones from the one to the other. */
  readonly semitones: number;
}

/** The stance of the fingers on one string in one stay. */
export interface FingerPattern {
  /** The string it lies on. */
  readonly string: StringNumber;
  /** The string's open note, documents' form. */
  readonly open: string;
  /** The direction for which it holds: going up, coming down, or both. */
  readonly way: 'up' | 'down' | 'both';
  /** The places in the order of the fingers; those that do not play stand where the frame and the key put them. */
  readonly places: readonly { readonly finger: Finger; readonly semitonesAboveOpen: number; readonly played: boolean }[];
  /** The gaps between fingers next to each other, from the lowest up. */
  readonly gaps: readonly FingerGap[];
}

/** A finger that stands higher (positive) or lower on a string than on the one below it. */
export interface AcrossStrings {
  /** The finger that moves. */
  readonly finger: Finger;
  /** The lower string. */
  readonly fromString: StringNumber;
  /** The string above it. */
  readonly toString: StringNumber;
  /** The place on the lower string, semitones above the open string. */
  readonly semitonesAboveOpen: number;
  /** The difference on the upper string, semitones: positive where the finger stands higher. */
  readonly semitones: number;
}

/** The fingers that land together when the line comes down onto a string, the one that plays first before the others. */
export interface SetDown {
  /** The line index of the first of them. */
  readonly note: number;
  /** The string they are set on. */
  readonly string: StringNumber;
  /** The fingers in the order in which they play. */
  readonly fingers: readonly Finger[];
}

/** The place of a tonic. */
export interface Landmark {
  /** The line index. */
  readonly note: number;
  /** The sounding pitch, documents' form. */
  readonly pitch: string;
  /** The string it is played on. */
  readonly string: StringNumber;
  /** The finger that plays it. */
  readonly finger: Finger;
  /** The position it is played in. */
  readonly position: PositionName;
}

/** A part of a string, from the lowest to the highest place that is stopped. */
export interface Covered {
  /** The lowest place, semitones above the open string. */
  readonly lowest: number;
  /** The highest place, semitones above the open string. */
  readonly highest: number;
  /** The distance between the two, mm. */
  readonly mm: number;
}

/** The notes the hand plays without shifting, and the part of the string it covers meanwhile. */
export interface Stay {
  /** The line index of its first note. */
  readonly from: number;
  /** The line index of its last note. */
  readonly to: number;
  /** The position the hand stands in. */
  readonly position: PositionName;
  /** The lowest place under the hand, semitones above the open string. */
  readonly lowestSemitone: number;
  /** The highest place under the hand, semitones above the open string. */
  readonly highestSemitone: number;
  /** The lowest place, mm from the nut. */
  readonly lowestMm: number;
  /** The highest place, mm from the nut. */
  readonly highestMm: number;
  /** The home of finger 1, whether it plays or not, in semitones above any open string. */
  readonly firstFingerSemitone: number;
  /** The place of the first finger, mm from the nut. */
  readonly firstFingerMm: number;
  /** The fingers on each string that is played. */
  readonly patterns: readonly FingerPattern[];
  /** The fingers that stand elsewhere on the next string. */
  readonly acrossStrings: readonly AcrossStrings[];
  /**
   * The open notes (documents' form) of the strings played on which the first finger stands low in this position, from I down; violin and
   * viola.
   */
  readonly lowFirst: readonly string[];
  /** The widest reach of the hand at one moment, which decides the verdict; null where only open strings play. */
  readonly reach: PlannedReach | null;
  /** The stretch of string that the hand plays while it stays, wider than any moment of it; null where only open strings play. */
  readonly covers: Covered | null;
}

import type { Finger, PositionName } from '#core/hand';
import type { StringNumber } from '#core/instrument';
import type { PlannedReach } from './stop.ts';

/** Two neighbouring fingers of a pattern and the semitones between them: 1 close, 2 apart, 3 wide. */
export interface FingerGap {
  /** The lower finger. */
  readonly from: Finger;
  /** The finger next to it. */
  readonly to: Finger;
  /** From one to the other. */
  readonly semitones: number;
}

/** How the fingers stand on one string in one stay. */
export interface FingerPattern {
  /** The string it lies on. */
  readonly string: StringNumber;
  /** The string's open note, documents' form. */
  readonly open: string;
  /** Whether it holds going up, coming down, or both ways. */
  readonly way: 'up' | 'down' | 'both';
  /** In the order of the fingers; those that do not play stand where the frame and the key put them. */
  readonly places: readonly { readonly finger: Finger; readonly semitonesAboveOpen: number; readonly played: boolean }[];
  /** Between fingers next to each other, from the lowest up. */
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
  /** Where it stands on the lower string, semitones above the open string. */
  readonly semitonesAboveOpen: number;
  /** How much higher it stands there; lower where negative. */
  readonly semitones: number;
}

/** Fingers that land together when the line comes down onto a string, the one that plays first before the others. */
export interface SetDown {
  /** Line index of the first of them. */
  readonly note: number;
  /** The string they are set on. */
  readonly string: StringNumber;
  /** In the order in which they play. */
  readonly fingers: readonly Finger[];
}

/** Where a tonic lies. */
export interface Landmark {
  /** Line index. */
  readonly note: number;
  /** What sounds, documents' form. */
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
  /** Semitones above the open string. */
  readonly lowest: number;
  /** Semitones above the open string. */
  readonly highest: number;
  /** Between the two. */
  readonly mm: number;
}

/** The notes the hand plays without shifting, and the part of the string it covers meanwhile. */
export interface Stay {
  /** Line indexes, both inclusive. */
  readonly from: number;
  /** Line index of its last note. */
  readonly to: number;
  /** The position the hand stands in. */
  readonly position: PositionName;
  /** The lowest place under the hand, semitones above the open string. */
  readonly lowestSemitone: number;
  /** The highest place under the hand, semitones above the open string. */
  readonly highestSemitone: number;
  /** The lowest place, from the nut. */
  readonly lowestMm: number;
  /** The highest place, from the nut. */
  readonly highestMm: number;
  /** Where finger 1 is at home, whether it plays or not: semitones above any open string, and mm from the nut. */
  readonly firstFingerSemitone: number;
  /** Where the first finger stands, from the nut. */
  readonly firstFingerMm: number;
  /** The fingers on each string that is played. */
  readonly patterns: readonly FingerPattern[];
  /** Where a finger stands elsewhere on the next string. */
  readonly acrossStrings: readonly AcrossStrings[];
  /** Violin and viola: open notes (documents' form) of the strings played on which the first finger stands low in this position, from I down. */
  readonly lowFirst: readonly string[];
  /** The widest the hand is at one moment, which decides the verdict; null where only open strings play. */
  readonly reach: PlannedReach | null;
  /** All that the hand plays while it stays, wider than any moment of it; null where only open strings play. */
  readonly covers: Covered | null;
}

import type { Finger, PositionName } from '#core/hand';
import type { StringNumber } from '#core/instrument';
import type { PlannedReach } from './stop.ts';

/** Two neighbouring fingers of a pattern and the semitones between them: 1 close, 2 apart, 3 wide. */
export interface FingerGap {
  readonly from: Finger;
  readonly to: Finger;
  readonly semitones: number;
}

/** How the fingers stand on one string in one stay. */
export interface FingerPattern {
  readonly string: StringNumber;
  readonly open: string;
  /** In the order of the fingers; those that do not play stand where the frame and the key put them. */
  readonly places: readonly { readonly finger: Finger; readonly semitonesAboveOpen: number; readonly played: boolean }[];
  readonly gaps: readonly FingerGap[];
}

/** A finger that stands higher (positive) or lower on a string than on the one below it. */
export interface AcrossStrings {
  readonly finger: Finger;
  readonly fromString: StringNumber;
  readonly toString: StringNumber;
  readonly semitones: number;
}

/** Fingers that land together when the line comes down onto a string, the one that plays first before the others. */
export interface SetDown {
  readonly note: number;
  readonly string: StringNumber;
  readonly fingers: readonly Finger[];
}

/** Where a tonic lies. */
export interface Landmark {
  readonly note: number;
  readonly pitch: string;
  readonly string: StringNumber;
  readonly finger: Finger;
  readonly position: PositionName;
}

/** The notes the hand plays without shifting, and the stretch of string it covers meanwhile. */
export interface Stay {
  /** Line indexes, both inclusive. */
  readonly from: number;
  readonly to: number;
  readonly position: PositionName;
  readonly lowestSemitone: number;
  readonly highestSemitone: number;
  readonly lowestMm: number;
  readonly highestMm: number;
  /** Where finger 1 is at home, whether it plays or not: semitones above any open string, and mm from the nut. */
  readonly firstFingerSemitone: number;
  readonly firstFingerMm: number;
  readonly patterns: readonly FingerPattern[];
  readonly acrossStrings: readonly AcrossStrings[];
  /** The widest reach of its notes; null where only open strings play. */
  readonly reach: PlannedReach | null;
}

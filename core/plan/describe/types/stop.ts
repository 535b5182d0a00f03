import type { Finger, FingerPlace, PositionName, Shape } from '#core/hand';
import type { ReachNeed, ReachVerdict } from '#core/hand/reach';
import type { StringNumber } from '#core/instrument';
import type { OrnamentKind } from '#core/material/line';

/** One finger on one string, or one open string. */
export interface Stop {
  /** Sounding pitch, documents' form. */
  readonly pitch: string;
  /** The pitch the player reads, documents' form: an octave above on the double bass. */
  readonly written: string;
  /** The string. */
  readonly string: StringNumber;
  /** The open string's note, documents' form. */
  readonly open: string;
  /** The finger; 0 for the open string. */
  readonly finger: Finger;
  /** Where on the string. */
  readonly semitonesAboveOpen: number;
  /** Distance from the nut at equal temperament; 0 for an open string. */
  readonly mmFromNut: number;
  /** Touched as a natural harmonic; with a partner that touches, stopped below it. */
  readonly harmonic: boolean;
}

/** What a note, or the widest moment of a stay, asks of the hand. */
export interface PlannedReach {
  /** As places, so that it can be compared with another hand or size. */
  readonly need: ReachNeed;
  /** Between the outermost fingers that stand at once: held, sounding together, or following each other. */
  readonly needMm: number;
  /** For a measured hand: within its comfort or not, and the share of its largest span; null without one. */
  readonly judged: { readonly verdict: ReachVerdict; readonly shareOfLargest: number } | null;
}

/** Where finger 1 stands, and what it would sound there. */
export interface PlaceOfFirst {
  /** Sounding pitch, documents' form. */
  readonly pitch: string;
  /** As the player reads it, documents' form. */
  readonly written: string;
  /** Where on the string. */
  readonly semitonesAboveOpen: number;
}

/** One finger on two neighbouring strings, a semitone from lying straight across. */
export interface Diagonal {
  /** The other string. */
  readonly string: StringNumber;
  /** Its open note, documents' form. */
  readonly open: string;
  /** How much higher the finger stands here than there, semitones; negative where lower. */
  readonly semitones: number;
  /** The interval between the two notes, semitones: 6 is a tritone. */
  readonly apart: number;
}

/** A finger that plays with a note on its string: the other note of a trill or mordent, or the touch of a stopped harmonic. */
export interface Partner extends Stop {
  /** What it does. */
  readonly does: OrnamentKind | 'touches';
}

/** A sounding note with its fingering. */
export interface PlannedSound {
  /** It sounds. */
  readonly kind: 'note';
  /** The lower note first. */
  readonly stops: readonly [Stop] | readonly [Stop, Stop] | readonly [Stop, Stop, Stop];
  /** What plays with it on its string; null for a plain note. */
  readonly partner: Partner | null;
  /** Semitone above the open string at which finger 1 is at home (for an open string: would be). */
  readonly anchor: number;
  /** What the hand does. */
  readonly shape: Shape;
  /** The position the hand stands in. */
  readonly position: PositionName;
  /** Where finger 1 stands on the note's string, whether it plays or not; null over an open string. */
  readonly firstFinger: PlaceOfFirst | null;
  /** The finger stood a semitone away on a neighbouring string before; null where it lies straight, or did not play there. */
  readonly diagonal: Diagonal | null;
  /** Low or high within the position, where the hand says so. */
  readonly fingerPlace: FingerPlace | null;
  /** The finger stands outside the hand at rest: reaching back, forward, or drawn in. */
  readonly extended: boolean;
  /** First note of a stay in a position. */
  readonly beginsStay: boolean;
  /** The string differs from the note before; true for the first note. */
  readonly changesString: boolean;
  /** The teacher locked something about it. */
  readonly locked: boolean;
  /** What the note asks of the hand along (and across) the strings; null for an open string. */
  readonly reach: PlannedReach | null;
}

/** What a plan says of one element of the line; rests have nothing to say. */
export type PlannedNote = PlannedSound | { readonly kind: 'rest' };

import type { Finger, Shape } from '#core/hand/placement';
import type { FingerPlace, PositionName } from '#core/hand';
import type { ReachNeed, ReachVerdict } from '#core/hand/reach';
import type { StringNumber } from '#core/instrument';
import type { OrnamentKind } from '#core/material/line';

/** One finger on one string, or one open string. */
export interface Stop {
  /** The sounding pitch, documents' form. */
  readonly pitch: string;
  /** The pitch the player reads, documents' form: an octave above on the double bass. */
  readonly written: string;
  /** The string, as players number it: I is the highest. */
  readonly string: StringNumber;
  /** The open string's note, documents' form. */
  readonly open: string;
  /** The finger; 0 for the open string. */
  readonly finger: Finger;
  /** The place on the string, semitones above the open note. */
  readonly semitonesAboveOpen: number;
  /** The distance from the nut at equal temperament, mm; 0 for an open string. */
  readonly mmFromNut: number;
  /** Whether it is touched as a natural harmonic; with a partner that touches, stopped below it. */
  readonly harmonic: boolean;
}

/** The demand of a note, or of the widest moment of a stay, on the hand. */
export interface PlannedReach {
  /** The demand as places, so that it can be compared with another hand or size. */
  readonly need: ReachNeed;
  /** The distance between the outermost fingers that stand at once (held, sounding together, or following each other), mm. */
  readonly needMm: number;
  /** The verdict for a measured hand, and the share of its largest span; null without one. */
  readonly judged: { readonly verdict: ReachVerdict; readonly shareOfLargest: number } | null;
}

/** The place of finger 1, and the note it would sound there. */
export interface PlaceOfFirst {
  /** The sounding pitch, documents' form. */
  readonly pitch: string;
  /** The pitch as the player reads it, documents' form. */
  readonly written: string;
  /** The place on the string, semitones above the open note. */
  readonly semitonesAboveOpen: number;
}

/** One finger on two neighbouring strings, a semitone from lying straight across. */
export interface Diagonal {
  /** The other string. */
  readonly string: StringNumber;
  /** The open note of the other string, documents' form. */
  readonly open: string;
  /** The semitones by which the finger stands higher here than there; negative where lower. */
  readonly semitones: number;
  /** The interval between the two notes, semitones: 6 is a tritone. */
  readonly apart: number;
}

/** A finger that plays with a note on its string: the other note of a trill or mordent, or the touch of a stopped harmonic. */
export interface Partner extends Stop {
  /** The part it has: the other note, or the touch. */
  readonly does: OrnamentKind | 'touches';
}

/** A sounding note with its fingering. */
export interface PlannedSound {
  /** The kind that sounds. */
  readonly kind: 'note';
  /** The stops, the lowest note first. */
  readonly stops: readonly [Stop] | readonly [Stop, Stop] | readonly [Stop, Stop, Stop];
  /** The finger that plays with it on its string; null for a plain note. */
  readonly partner: Partner | null;
  /** The semitone above the open string at which finger 1 is at home (for an open string: would be). */
  readonly anchor: number;
  /** The shape of the hand. */
  readonly shape: Shape;
  /** The position the hand stands in. */
  readonly position: PositionName;
  /** The place of finger 1 on the note's string, whether it plays or not; null over an open string. */
  readonly firstFinger: PlaceOfFirst | null;
  /** The place of the finger a semitone away on a neighbouring string before; null where it lies straight, or did not play there. */
  readonly diagonal: Diagonal | null;
  /** The place of the finger within the position, low or high, where the hand says so. */
  readonly fingerPlace: FingerPlace | null;
  /** Whether the finger stands outside the hand at rest: reaching back, forward, or drawn in. */
  readonly extended: boolean;
  /** Whether it is the first note of a stay. */
  readonly beginsStay: boolean;
  /** Whether the string differs from the note before; true for the first note. */
  readonly changesString: boolean;
  /** Whether the teacher locked something about it. */
  readonly locked: boolean;
  /** The demand of the note on the hand along (and across) the strings; null for an open string. */
  readonly reach: PlannedReach | null;
}

/** The description of one element of the line; a rest has no fingering. */
export type PlannedNote = PlannedSound | { readonly kind: 'rest' };

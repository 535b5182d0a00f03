import type { Finger, FingerPlace, PositionName, ReachNeed, ReachVerdict, Shape } from '#core/hand';
import type { StringNumber } from '#core/instrument';
import type { Line } from '#core/material';
import type { Issue } from '#core/reading';
import type { CostTerm, Preference } from '#core/search';
import type { Brief } from './schema.ts';

/** One finger on one string, or one open string. */
export interface Stop {
  /** Sounding pitch, documents' form. */
  readonly pitch: string;
  /** The pitch the player reads, documents' form: an octave above on the double bass. */
  readonly written: string;
  readonly string: StringNumber;
  /** The open string's note, documents' form. */
  readonly open: string;
  readonly finger: Finger;
  readonly semitonesAboveOpen: number;
  /** Distance from the nut at equal temperament; 0 for an open string. */
  readonly mmFromNut: number;
  /** Touched as a natural harmonic. */
  readonly harmonic: boolean;
}

/** What a note, or the widest of a stay, asks of the hand. */
export interface PlannedReach {
  /** As places, so that it can be held against another hand or size. */
  readonly need: ReachNeed;
  /** Between the outermost fingers that must stand at once. */
  readonly needMm: number;
  /** For a measured hand: within its comfort or not, and the share of its largest span; null without one. */
  readonly judged: { readonly verdict: ReachVerdict; readonly shareOfLargest: number } | null;
}

/** A sounding note with its fingering. */
export interface PlannedSound {
  readonly kind: 'note';
  /** The lower note first. */
  readonly stops: readonly [Stop] | readonly [Stop, Stop];
  /** Semitone above the open string at which finger 1 is at home (for an open string: would be). */
  readonly anchor: number;
  readonly shape: Shape;
  readonly position: PositionName;
  /** Low or high within the position, where the hand says so. */
  readonly fingerPlace: FingerPlace | null;
  /** The finger stands outside the hand at rest: reaching back, forward, or drawn in. */
  readonly extended: boolean;
  /** First note of a stay in a position. */
  readonly beginsStay: boolean;
  /** The string differs from the note before; true for the first note. */
  readonly changesString: boolean;
  readonly locked: boolean;
  /** What the note asks of the hand along (and across) the strings; null for an open string. */
  readonly reach: PlannedReach | null;
}

/** What a plan says of one element of the line; rests have nothing to say. */
export type PlannedNote = PlannedSound | { readonly kind: 'rest' };

/** What a guiding finger sounds on the way of a shift, before the new finger is added. */
export interface InBetweenNote {
  readonly finger: Finger;
  readonly string: StringNumber;
  readonly open: string;
  /** Sounding, and as the player reads it; documents' form. */
  readonly pitch: string;
  readonly written: string;
  readonly semitonesAboveOpen: number;
  readonly mmFromNut: number;
}

/** How a player knows where a shift arrives; without an in-between note where nothing sounds on the way. */
export interface Guide {
  readonly kind: 'old-finger' | 'new-finger' | 'first-finger' | 'same-finger' | 'open-string' | 'substitution';
  readonly inBetween: InBetweenNote | null;
}

/** A move of the hand to another position. */
export interface Shift {
  /** Line index of the last stopped note before, and of the first after. */
  readonly from: number;
  readonly to: number;
  readonly fromPosition: PositionName;
  readonly toPosition: PositionName;
  readonly fromFinger: Finger;
  readonly toFinger: Finger;
  readonly fromString: StringNumber;
  readonly toString: StringNumber;
  /** How far the hand moves: semitones of its anchor, upward positive, and mm along the string, never negative. */
  readonly handSemitones: number;
  readonly handMm: number;
  /** How far the notes move: semitones, upward positive. */
  readonly noteSemitones: number;
  /** The hand moves while an open string sounds, or in a rest. */
  readonly throughOpenString: boolean;
  readonly throughRest: boolean;
  readonly underSlur: boolean;
  /** Time from the beginning of the last note before to the arrival, seconds; null without a tempo. */
  readonly seconds: number | null;
  /** Likeliest first; empty where nothing guides the hand. */
  readonly guides: readonly Guide[];
  /** How many mm ten cents are where it arrives. */
  readonly mmPerTenCents: number;
}

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

/** One named part of the total cost. */
export interface CostLine {
  readonly term: CostTerm;
  readonly thousandths: number;
  /** How many times it was charged. */
  readonly times: number;
}

/** The total of a plan and its parts, dearest first; the parts add up to the total exactly. */
export interface CostBreakdown {
  readonly totalThousandths: number;
  readonly lines: readonly CostLine[];
}

/** A fingering of the whole line. `notes[i]` belongs to `line.notes[i]`. */
export interface Plan {
  readonly brief: Brief;
  readonly line: Line;
  /** The strings it lies on, the highest first; names in documents' form. */
  readonly strings: readonly { readonly number: StringNumber; readonly name: string }[];
  /** Vibrating length the millimetres were reckoned with. */
  readonly stringLengthMm: number;
  readonly notes: readonly PlannedNote[];
  readonly shifts: readonly Shift[];
  readonly stays: readonly Stay[];
  readonly setDowns: readonly SetDown[];
  readonly landmarks: readonly Landmark[];
  readonly cost: CostBreakdown;
}

/** One part of the cost in which two plans differ: how often and how much more (positive) or less (negative). */
export interface CostDifference {
  readonly term: CostTerm;
  readonly times: number;
  readonly thousandths: number;
}

/** Another fingering of the same line that a player would call different, held against the one chosen. */
export interface Alternative {
  /** The wish it fulfils, `unlocked` (what the engine would do without the teacher's locks), or another way. */
  readonly kind: Preference | 'unlocked' | 'other-way';
  readonly plan: Plan;
  /** Line indexes of the notes fingered otherwise. */
  readonly differsAt: readonly number[];
  /** Its cost less that of the chosen plan, by the same weights. */
  readonly deltaThousandths: number;
  /** What it saves, and what it pays, dearest first. */
  readonly gains: readonly CostDifference[];
  readonly pays: readonly CostDifference[];
}

/** What planning a brief gives. */
export interface PlanSet {
  readonly best: Plan;
  /** Cheapest first. */
  readonly alternatives: readonly Alternative[];
}

/** A brief with one limit let go, and the plan it then has. */
export interface Relaxed {
  /** What was let go, as a teacher says it: "third position allowed too". */
  readonly relaxation: string;
  readonly brief: Brief;
  readonly plan: Plan;
}

/** What comes of a brief: plans, or why there are none, with the plan that letting go of one limit would give. */
export type PlanOutcome =
  | { readonly ok: true; readonly value: PlanSet }
  | { readonly ok: false; readonly issues: readonly Issue[]; readonly relaxed: Relaxed | null };

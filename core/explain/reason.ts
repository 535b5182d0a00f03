import type { Finger } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import type { AlternativeName } from '#core/plan';
import type { Compared } from './compared.ts';

/** The things that are explained. */
export type ReasonAbout = 'shift' | 'shift-here' | 'crossing' | 'extension' | 'pivot' | 'open-string' | 'finger';

/** The behaviour of a line without the thing explained; `string` is an open note, documents' form. */
export type Instead =
  /** The hand goes another way, as the name says; null where it only shifts less, or elsewhere. */
  | { readonly does: 'goes-otherwise'; readonly name: AlternativeName | null }
  /** The note is played on another string. */
  | { readonly does: 'on-string'; readonly string: string }
  /** The hand stays at rest. */
  | { readonly does: 'rests' }
  /** A finger plays instead of the open string. */
  | { readonly does: 'stops-it'; readonly finger: Finger }
  /** Another finger plays. */
  | { readonly does: 'takes-finger'; readonly finger: Finger };

/** The thing without which the note cannot be played, when no line does without it. */
export type Without =
  /** A shift near the note. */
  | { readonly lacks: 'shift-near' }
  /** A string other than this one. */
  | { readonly lacks: 'other-string'; readonly string: string }
  /** An open hand. */
  | { readonly lacks: 'extension' }
  /** A place higher up than the line has reason to go: lower down there is no other way to play it. */
  | { readonly lacks: 'high-place' }
  /** The open string. */
  | { readonly lacks: 'open-string' }
  /** This finger, on that string. */
  | { readonly lacks: 'this-finger'; readonly string: string };

/**
 * The evidence for something: `needed`, there is no line without it; `costlier`, there is one, at a cost; `asked`, there is a cheaper one
 * that does not keep all the brief asks of the whole line; `locked`, the teacher locked it.
 */
export type Evidence =
  /** There would be no line without this. */
  | { readonly kind: 'needed'; readonly without: Without }
  /** The teacher decided it. */
  | { readonly kind: 'locked' }
  /** The line would do this instead, with a comparison of the two. */
  | { readonly kind: 'costlier' | 'asked'; readonly instead: Instead; readonly compared: Compared };

/** The reasons why a moment is good for a shift. */
export type Moment = 'rest' | 'open-string' | 'semitone';

/** The musical ground of something, where there is a plain one. */
export type Ground =
  /** A note that follows, as the player reads it, lies nowhere in the position the hand was in. */
  | { readonly kind: 'beyond'; readonly written: string; readonly position: PositionName }
  /** After the shift the line lies in a position, up to a given note. */
  | { readonly kind: 'lies-in'; readonly position: PositionName; readonly until: string }
  /** The hand has time in a rest or while an open string sounds, or the two notes are a semitone apart. */
  | { readonly kind: 'moment'; readonly moment: Moment }
  /** This note lies under no finger of that position on the string before it, an open note. */
  | { readonly kind: 'not-under-hand'; readonly string: string; readonly position: PositionName }
  /** This note lies below the string before it, an open note. */
  | { readonly kind: 'below-open'; readonly string: string }
  /** No string lies below this open one. */
  | { readonly kind: 'lowest-string' }
  /** The hand spans from the first finger to another, on notes as the player reads them, more than a closed hand holds (cello). */
  | { readonly kind: 'spans'; readonly low: string; readonly high: string; readonly finger: Finger };

/** The reason why something in a plan is as it is, with the evidence of a line solved again without it. */
export interface Reason {
  /** The thing that is explained. */
  readonly about: ReasonAbout;
  /** The line index of the note at which it happens; of a shift and a crossing, the arrival. */
  readonly note: number;
  /** The pitch of that note as the player reads it, documents' form. */
  readonly written: string;
  /** The ground that a musician would name first; null where there is no plain ground. */
  readonly ground: Ground | null;
  /** The evidence for it; null where the ground says all, and where another reason tells the same line already. */
  readonly evidence: Evidence | null;
}

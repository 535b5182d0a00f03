import type { Finger, PositionName } from '#core/hand';
import type { AlternativeName } from '#core/plan';
import type { Compared } from './compared.ts';

/** What is explained. */
export type ReasonAbout = 'shift' | 'shift-here' | 'crossing' | 'extension' | 'open-string' | 'finger';

/** What a line without the thing explained does instead; `string` is an open note, documents' form. */
export type Instead =
  /** The hand goes another way, as the name tells; null where it only shifts less, or elsewhere. */
  | { readonly does: 'goes-otherwise'; readonly name: AlternativeName | null }
  /** The note is played on another string. */
  | { readonly does: 'on-string'; readonly string: string }
  /** The hand stays at rest. */
  | { readonly does: 'rests' }
  /** A finger instead of the open string. */
  | { readonly does: 'stops-it'; readonly finger: Finger }
  /** Another finger. */
  | { readonly does: 'takes-finger'; readonly finger: Finger };

/** What the note cannot be played without, when no line does without the thing explained. */
export type Without =
  /** A shift near it. */
  | { readonly lacks: 'shift-near' }
  /** Another string than this one. */
  | { readonly lacks: 'other-string'; readonly string: string }
  /** An open hand. */
  | { readonly lacks: 'extension' }
  /** A place higher up than the line has reason to go: lower down it is the only way. */
  | { readonly lacks: 'high-place' }
  /** The open string. */
  | { readonly lacks: 'open-string' }
  /** The very finger, on that string. */
  | { readonly lacks: 'this-finger'; readonly string: string };

/**
 * What speaks for something: `needed`, there is no line without it; `costlier`, there is, at a cost; `asked`, there is a
 * cheaper one that does not keep all the brief asks of the whole line; `locked`, the teacher locked it; `as-before`, it was told.
 */
export type Evidence =
  /** What there would be no line without. */
  | { readonly kind: 'needed'; readonly without: Without }
  /** The teacher's word. */
  | { readonly kind: 'locked' }
  /** The same line as for another reason of the plan, which tells it: what that is about, and at which note. */
  | { readonly kind: 'as-before'; readonly about: ReasonAbout; readonly note: number; readonly written: string }
  /** What the line would do instead, and how the two compare. */
  | { readonly kind: 'costlier' | 'asked'; readonly instead: Instead; readonly compared: Compared };

/**
 * The musical ground of something, where there is a plain one: `beyond`, a note that follows lies nowhere in the position the
 * hand was in; `not-under-hand`, this note lies under no finger of that position on the string before it.
 */
export type Ground =
  /** The note that follows, as the player reads it, and the position it lies outside of. */
  | { readonly kind: 'beyond'; readonly written: string; readonly position: PositionName }
  /** The string, an open note, and the position. */
  | { readonly kind: 'not-under-hand'; readonly string: string; readonly position: PositionName };

/** Why something in a plan is as it is, with the evidence of a line solved again without it. */
export interface Reason {
  /** What is explained. */
  readonly about: ReasonAbout;
  /** Line index of the note at which it happens; of a shift and a crossing, the arrival. */
  readonly note: number;
  /** The pitch of that note as the player reads it, documents' form. */
  readonly written: string;
  /** What a musician would say first; null where there is no plain ground. */
  readonly ground: Ground | null;
  /** What speaks for it. */
  readonly evidence: Evidence;
}

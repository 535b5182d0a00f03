import type { Finger, PositionName } from '#core/hand';
import type { Compared } from './compared.ts';

/** What is explained. */
export type ReasonAbout = 'shift' | 'shift-here' | 'crossing' | 'extension' | 'open-string' | 'finger';

/** What a line without the thing explained does instead; `string` is an open note, documents' form. */
export type Instead =
  /** The hand stays where it was. */
  | { readonly does: 'stays'; readonly position: PositionName }
  /** It shifts less far, or less often. */
  | { readonly does: 'shifts-less' }
  /** It shifts at another note. */
  | { readonly does: 'shifts-elsewhere' }
  /** It stays on a string. */
  | { readonly does: 'stays-on-string'; readonly string: string }
  /** The hand stays at rest. */
  | { readonly does: 'rests' }
  /** A finger instead of the open string. */
  | { readonly does: 'stops-it'; readonly finger: Finger }
  /** Another finger. */
  | { readonly does: 'takes-finger'; readonly finger: Finger };

/** What the note cannot be played without, when no line does without the thing explained. */
export type Without =
  /** From that position, a shift near it. */
  | { readonly lacks: 'shift-near'; readonly position: PositionName }
  /** Another string than this one. */
  | { readonly lacks: 'other-string'; readonly string: string }
  /** An open hand. */
  | { readonly lacks: 'extension' }
  /** The open string. */
  | { readonly lacks: 'open-string' }
  /** The very finger, on that string. */
  | { readonly lacks: 'this-finger'; readonly string: string };

/**
 * What speaks for something: `needed`, there is no line without it; `dearer`, there is, at a cost; `asked`, there is a
 * cheaper one that does not keep all the brief asks of the whole line; `locked`, the teacher fixed it.
 */
export type Evidence =
  /** What there would be no line without. */
  | { readonly kind: 'needed'; readonly without: Without }
  /** The teacher's word. */
  | { readonly kind: 'locked' }
  /** What the line would do instead, and how the two compare. */
  | { readonly kind: 'dearer' | 'asked'; readonly instead: Instead; readonly compared: Compared };

/** Why something in a plan is as it is, with the evidence of a line solved again without it. */
export interface Reason {
  /** What is explained. */
  readonly about: ReasonAbout;
  /** Line index of the note at which it happens; of a shift and a crossing, the arrival. */
  readonly note: number;
  /** The pitch of that note as the player reads it, documents' form. */
  readonly written: string;
  /** What speaks for it. */
  readonly evidence: Evidence;
}

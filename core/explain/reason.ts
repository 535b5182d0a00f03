import type { Finger, PositionName } from '#core/hand';
import type { Compared } from './compared.ts';

/** What is explained. */
export type ReasonAbout = 'shift' | 'shift-here' | 'crossing' | 'extension' | 'open-string' | 'finger';

/** What a line without the thing explained does instead; `string` is an open note, documents' form. */
export type Instead =
  | { readonly does: 'stays'; readonly position: PositionName }
  | { readonly does: 'shifts-less' }
  | { readonly does: 'shifts-elsewhere' }
  | { readonly does: 'stays-on-string'; readonly string: string }
  | { readonly does: 'rests' }
  | { readonly does: 'stops-it'; readonly finger: Finger }
  | { readonly does: 'takes-finger'; readonly finger: Finger };

/** What the note cannot be played without, when no line does without the thing explained. */
export type Without =
  | { readonly lacks: 'shift-near'; readonly position: PositionName }
  | { readonly lacks: 'other-string'; readonly string: string }
  | { readonly lacks: 'extension' }
  | { readonly lacks: 'open-string' }
  | { readonly lacks: 'this-finger'; readonly string: string };

/**
 * What speaks for something: `needed`, there is no line without it; `dearer`, there is, at a cost; `asked`, there is a
 * cheaper one that does not keep all the brief asks of the whole line; `locked`, the teacher fixed it.
 */
export type Evidence =
  | { readonly kind: 'needed'; readonly without: Without }
  | { readonly kind: 'locked' }
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

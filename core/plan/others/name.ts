import type { Finger } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import type { StringNumber } from '#core/instrument';

/** The place of a shift: the string the hand arrives on, and the position. */
export interface NamedShift {
  /** The string the hand arrives on. */
  readonly string: StringNumber;
  /** The position it comes to. */
  readonly position: PositionName;
}

/**
 * The difference of another fingering from the one it is compared with:
 *
 * - `unlocked`: what the engine would do without the teacher's locked notes;
 * - `finger-a-semitone`, `slides`: in runs of semitones every finger plays once, or these slide;
 * - `two-and-two`: up one string with 1 and 2 in one position after another;
 * - `groups`: the same three fingers on every string;
 * - `no-shift`: it stays in one position, where the other shifts or stays elsewhere;
 * - `starts`: it begins in another position;
 * - `strings`: it shifts on other strings;
 * - `positions`: it goes through other positions (both name the shifts, where they are few);
 * - `moment`: it shifts this number of notes later (negative: sooner);
 * - `same-fingers`: every finger plays once, and every string has the same fingers at the same places;
 * - `open-strings`, `stopped`: every note is open that can be, or none is;
 * - `more-open`, `fewer-open`: on these strings;
 * - `fourth-finger`, `no-fourth-finger`: more notes with it on a string, or none left there;
 * - `fingers`: other fingers on one string.
 */
export type Difference =
  | { readonly kind: 'unlocked' }
  | { readonly kind: 'finger-a-semitone' }
  | { readonly kind: 'slides'; readonly fingers: readonly Finger[] }
  | { readonly kind: 'two-and-two'; readonly string: StringNumber }
  | { readonly kind: 'groups'; readonly fingers: readonly Finger[] }
  | { readonly kind: 'no-shift'; readonly position: PositionName }
  | { readonly kind: 'starts'; readonly position: PositionName; readonly shifts: readonly NamedShift[] }
  | { readonly kind: 'strings'; readonly shifts: readonly NamedShift[] }
  | { readonly kind: 'positions'; readonly positions: readonly PositionName[] }
  /** The number of notes by which it shifts later; negative where sooner. */
  | { readonly kind: 'moment'; readonly notes: number; readonly string: StringNumber }
  | { readonly kind: 'open-strings' }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'same-fingers' }
  | { readonly kind: 'more-open'; readonly strings: readonly StringNumber[] }
  | { readonly kind: 'fewer-open'; readonly strings: readonly StringNumber[] }
  | { readonly kind: 'fourth-finger'; readonly string: StringNumber }
  | { readonly kind: 'no-fourth-finger'; readonly string: StringNumber }
  | { readonly kind: 'fingers'; readonly string: StringNumber };

/** The name of another fingering: its difference, and a second one where a cheaper fingering has the first too. */
export type AlternativeName = Difference | { readonly kind: 'both'; readonly one: Difference; readonly other: Difference };

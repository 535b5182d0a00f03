import type { Weights } from '#core/weights';

/** One wish, with everything the rest of the application knows about it. It moves named weights and breaks no limit. */
export interface WishPart {
  /** The name of the wish: "fewest shifts". */
  readonly label: string;
  /** The effect, in one line. */
  readonly hint: string;
  /** The weights that it changes at full strength. */
  readonly weights: (weights: Weights) => Partial<Weights>;
  /** Whether the search counts shifts before everything else at full strength. */
  readonly countsShiftsFirst?: boolean;
  /** Whether a line may be worth playing high on a low string with it. */
  readonly mayGoHigh?: boolean;
  /** Whether it takes away the home of a line in a position above the first, though that position may hold the whole line. */
  readonly homeIsFirst?: boolean;
}

import type { Weights } from '#core/weights';

/** One wish: everything the rest of the application knows about it. It moves named weights and breaks no limit. */
export interface WishPart {
  /** What it is called: "fewest shifts". */
  readonly label: string;
  /** What it does, in a line. */
  readonly hint: string;
  /** The weights it changes, at full strength. */
  readonly weights: (weights: Weights) => Partial<Weights>;
  /** At full strength the search counts shifts before everything else. */
  readonly countsShiftsFirst?: boolean;
  /** With it a line may be worth playing high on a low string. */
  readonly mayGoHigh?: boolean;
  /** With it a line is at home in no position above the first, though one may hold it whole. */
  readonly homeIsFirst?: boolean;
}

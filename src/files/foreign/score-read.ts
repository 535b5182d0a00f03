import type { ForeignScore } from '#core/format/foreign';
import type { Grid, Quantised } from '#core/format/midi';

/** A score as it was read; for a played one, the grid to which it was set and its distance from it. */
export interface ReadScore {
  readonly score: ForeignScore;
  /** The grid and the distance from it; null for a score that was not played. */
  readonly played: (Pick<Quantised, 'error'> & { readonly grid: Grid }) | null;
}

import type { PieceFacts } from '#core/drill/finder';

/** A piece of a teacher's books, with the facts by which it is found. */
export interface PieceOfBook {
  /** The id of the piece. */
  readonly id: string;
  readonly facts: PieceFacts;
}

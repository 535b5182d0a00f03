/** A block that stands whole on one page: a title, a table, a drawing. */
export interface FlowBlock {
  /** The kind that stands whole. */
  readonly kind: 'block';
  /** Its height, mm. */
  readonly heightMm: number;
  /** The space above it where something stands above, mm. */
  readonly gapMm: number;
  /** Whether it stands on the same page as the part after it, as a heading does. */
  readonly keepWithNext: boolean;
}

/** The place between two measures at which a page may be turned: the hand is free in a rest, one hand on an open string. */
export type TurnPlace = 'rest' | 'open string' | 'playing' | 'slur or shift';

/** Music in measures, to be broken into systems and pages. */
export interface FlowMusic {
  /** The kind that is broken into systems. */
  readonly kind: 'music';
  /** The space above each system but the first of a page, mm. */
  readonly gapMm: number;
  /** The number of measures. */
  readonly count: number;
  /** Gives the natural width of some measures as a system, mm; `to` is exclusive. */
  readonly naturalMm: (from: number, to: number) => number;
  /** Gives the height of some measures as a system, mm; `to` is exclusive. */
  readonly heightMm: (from: number, to: number) => number;
  /** The place after each measure but the last. */
  readonly turns: readonly TurnPlace[];
}

/** A part of what stands on paper, in order. */
export type FlowPart = FlowBlock | FlowMusic;

/** The space for the flow on each page, mm. */
export interface FlowRoom {
  /** The width of the room, mm. */
  readonly widthMm: number;
  /** The height of the room, mm. */
  readonly heightMm: number;
}

/** A block at its place. */
export interface PlacedBlock {
  /** The kind that stands whole. */
  readonly kind: 'block';
  /** The index of its part. */
  readonly part: number;
  /** Its top, mm from the top of the room. */
  readonly yMm: number;
}

/** A system at its place. */
export interface PlacedSystem {
  /** The kind that is part of some music. */
  readonly kind: 'system';
  /** The index of its part. */
  readonly part: number;
  /** The first measure. */
  readonly from: number;
  /** The measure after the last. */
  readonly to: number;
  /** Its top, mm from the top of the room. */
  readonly yMm: number;
}

/** A page that is laid out. */
export interface PlacedPage {
  /** The blocks and systems, from the top. */
  readonly placed: readonly (PlacedBlock | PlacedSystem)[];
  /** The height that is used, mm. */
  readonly usedMm: number;
  /** The place at which it is turned, where music goes on over the turn; null otherwise. */
  readonly turn: TurnPlace | null;
}

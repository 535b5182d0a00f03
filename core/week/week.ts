/** Something that is to be practised. */
export interface ToPractise {
  /** It is this and no other. */
  readonly id: string;
  /** How long it takes, minutes. */
  readonly minutes: number;
  /** The first day on which it is due, counted from the first of the plan; below 0 where it was due before. */
  readonly due: number;
  /** The last day on which it must have been practised, as an audition or a lesson asks; null where nobody asks. */
  readonly by: number | null;
  /** How hard it is, from 0; the harder, the more it is worth. */
  readonly hard: number;
  /** It is new and hard: one of these a day is enough. */
  readonly isNew: boolean;
  /** The day to which it was moved by hand; null where it is free. */
  readonly movedTo: number | null;
}

/** Why something stands where it stands. */
export type Reason = 'moved' | 'by-date' | 'due' | 'room';

/** Something in its day. */
export interface Placed {
  /** What is practised, by its id. */
  readonly id: string;
  /** The day, counted from the first. */
  readonly day: number;
  /** Why it stands there: moved by hand; asked for by a date; due that day or before; or the first day with room. */
  readonly reason: Reason;
}

/** Something that found no place. */
export interface NotPlaced {
  /** By its id. */
  readonly id: string;
  /** So many minutes more on one day before its date would make room; null where only its being new keeps it out. */
  readonly minutesMore: number | null;
  /** What could make way for it alone, by its id: of what stands on its days what matters least; null where no single thing would do. */
  readonly instead: string | null;
}

/** A plan of some days. */
export interface WeekPlan {
  /** In the order in which they are practised, day by day. */
  readonly placed: readonly Placed[];
  /** What does not fit. */
  readonly left: readonly NotPlaced[];
}

/** How days are filled. */
export interface WeekChoice {
  /** Minutes of each day; 0 for a day off. */
  readonly minutes: readonly number[];
  /** Whether the hardest comes first on a day, or last. */
  readonly order: 'hardest-first' | 'hardest-last';
  /** All of it, or only what a date asks for. */
  readonly serves: 'everything' | 'the-date';
}

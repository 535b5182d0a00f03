import type { WeekAsked } from './asked.ts';

/** The order of a day. */
export type WeekOrder = WeekAsked['order'];

/** Something that is to be practised. */
export interface ToPractise {
  /** The id by which it is told from others. */
  readonly id: string;
  /** The time it takes, minutes. */
  readonly minutes: number;
  /** The first day on which it is due, counted from the first of the plan; below 0 where it was due before. */
  readonly due: number;
  /** The last day on which it must have been practised, as an audition or a lesson asks; null where nobody asks. */
  readonly by: number | null;
  /** The difficulty, from 0; the higher it is, the more the thing is worth. */
  readonly hard: number;
  /** Whether it is new and hard: one of these a day is enough. */
  readonly isNew: boolean;
  /** The day to which it was moved by hand; null where it is free. */
  readonly movedTo: number | null;
}

/** The reason why something stands where it stands. */
export type Reason = 'moved' | 'by-date' | 'due' | 'room';

/** Something in its day. */
export interface Placed {
  /** The id of what is practised. */
  readonly id: string;
  /** The day, counted from the first. */
  readonly day: number;
  /** The reason: moved by hand; asked for by a date; due that day or before; or the first day with room. */
  readonly reason: Reason;
}

/** Something that found no place. */
export interface NotPlaced {
  /** The id of the thing. */
  readonly id: string;
  /** The minutes that would make room on one day before its date; null where only its being new excludes it. */
  readonly minutesMore: number | null;
  /**
   * The id of a thing that could make way for it alone: of those on its days, the one that matters least; null where no single thing would
   * do.
   */
  readonly instead: string | null;
}

/** A plan of some days. */
export interface WeekPlan {
  /** The things in the order in which they are practised, day by day. */
  readonly placed: readonly Placed[];
  /** The things that do not fit. */
  readonly left: readonly NotPlaced[];
}

/** The way in which days are filled. */
export interface WeekChoice {
  /** The minutes of each day; 0 for a day off. */
  readonly minutes: readonly number[];
  /** The order of a day. */
  readonly order: WeekOrder;
  /** Whether everything is planned, or only what a date asks for. */
  readonly serves: 'everything' | 'the-date';
}

import type { NotPlaced, Placed, Reason, ToPractise, WeekChoice, WeekOrder, WeekPlan } from './week.ts';

/** The largest number of plans that are tried one by one; with more there is a single pass. */
const MOST_TRIED = 50_000;

/** A day for each thing, by its place in the list; null for one that is left out. */
type Days = readonly (number | null)[];

/**
 * Fills days with things to practise. Things moved by hand stay where they are. No day takes more than its minutes, nor two new hard
 * things; nothing stands before it is due. Among all plans that keep to this, the one chosen leaves out the fewest of those that a date
 * asks for, then has the most worth (one for each thing, and its difficulty), then practises everything the soonest. It is exact where
 * there are few plans to try; else it is found by placing what a date asks for first, the nearest date before the others. The same list
 * gives the same plan.
 */
export function planWeek(items: readonly ToPractise[], choice: WeekChoice): WeekPlan {
  const wanted = (choice.serves === 'everything' ? items : items.filter(({ by, movedTo }) => by !== null || movedTo !== null)).toSorted(
    (one, other) => one.id.localeCompare(other.id),
  );
  const free = wanted.filter(({ movedTo }) => movedTo === null);
  const plans = free.reduce((product, item) => product * (daysFor(item, choice).length + 1), 1);
  const days = plans <= MOST_TRIED ? exactly(wanted, choice) : inOnePass(wanted, choice);
  return describePlan(wanted, days, choice);
}

/** Measures how good a plan is, the more important first; more is better. */
export function worthOf(items: readonly ToPractise[], days: Days): readonly [number, number, number] {
  let [asked, worth, soon] = [0, 0, 0];
  for (const [index, item] of items.entries()) {
    const day = days[index] ?? null;
    if (day === null) continue;
    if (item.by !== null) asked += 1;
    worth += 1 + item.hard;
    soon -= day - Math.max(0, item.due);
  }
  return [asked, worth, soon];
}

/** Tells whether one plan is better than another. */
export function isBetter(one: readonly number[], other: readonly number[]): boolean {
  const differs = one.findIndex((value, index) => value !== other[index]);
  return differs >= 0 && (one[differs] ?? 0) > (other[differs] ?? 0);
}

/** Lists the days on which something may stand: those it was moved to, or from when it is due to its date. */
export function daysFor({ due, by, movedTo }: ToPractise, { minutes }: Pick<WeekChoice, 'minutes'>): readonly number[] {
  if (movedTo !== null) return movedTo < minutes.length ? [movedTo] : [];
  const last = Math.min(minutes.length - 1, by ?? minutes.length - 1);
  return Array.from({ length: Math.max(0, last - Math.max(0, due) + 1) }, (_, order) => Math.max(0, due) + order);
}

/** The things on the days so far. */
class Filled {
  readonly used: number[];
  readonly hasNew: boolean[];

  constructor(private readonly minutes: readonly number[]) {
    this.used = minutes.map(() => 0);
    this.hasNew = minutes.map(() => false);
  }

  /** Tells whether something fits on a day; things moved by hand fit anywhere. */
  fits(item: ToPractise, day: number): boolean {
    if (item.movedTo !== null) return true;
    return this.roomOn(day) >= item.minutes && !(item.isNew && this.hasNew[day] === true);
  }

  roomOn(day: number): number {
    return (this.minutes[day] ?? 0) - (this.used[day] ?? 0);
  }

  place({ minutes, isNew }: ToPractise, day: number): () => void {
    const [used, had] = [this.used[day] ?? 0, this.hasNew[day] ?? false];
    this.used[day] = used + minutes;
    this.hasNew[day] = had || isNew;
    return () => {
      this.used[day] = used;
      this.hasNew[day] = had;
    };
  }
}

/** Tries every plan and keeps the best; things that were moved are put first. */
function exactly(items: readonly ToPractise[], choice: WeekChoice): Days {
  const filled = new Filled(choice.minutes);
  const days: (number | null)[] = items.map(() => null);
  for (const [index, item] of items.entries()) {
    const [moved] = item.movedTo === null ? [] : daysFor(item, choice);
    if (moved === undefined) continue;
    filled.place(item, moved);
    days[index] = moved;
  }
  let best: Days = [...days];
  let bestWorth = worthOf(items, best);
  const from = (index: number): void => {
    const item = items[index];
    if (!item) {
      const worth = worthOf(items, days);
      if (isBetter(worth, bestWorth)) [best, bestWorth] = [[...days], worth];
      return;
    }
    if (item.movedTo !== null) return from(index + 1);
    for (const day of daysFor(item, choice)) {
      if (!filled.fits(item, day)) continue;
      const takeBack = filled.place(item, day);
      days[index] = day;
      from(index + 1);
      takeBack();
    }
    days[index] = null;
    from(index + 1);
  };
  from(0);
  return best;
}

/**
 * Places things in one pass: those moved, then what a date asks for by its date, then the rest, the longest due and the hardest first; each
 * on its first day with room.
 */
function inOnePass(items: readonly ToPractise[], choice: WeekChoice): Days {
  const filled = new Filled(choice.minutes);
  const days: (number | null)[] = items.map(() => null);
  const rank = (item: ToPractise): readonly number[] => [item.movedTo === null ? 1 : 0, item.by ?? Infinity, item.due, -item.hard];
  const inOrder = [...items.keys()].toSorted(
    (one, other) => byRank(rank(items[one] ?? NOTHING), rank(items[other] ?? NOTHING)) || one - other,
  );
  for (const index of inOrder) {
    const item = items[index] ?? NOTHING;
    const day = daysFor(item, choice).find((value) => filled.fits(item, value));
    if (day === undefined) continue;
    filled.place(item, day);
    days[index] = day;
  }
  return days;
}

const NOTHING: ToPractise = { id: '', minutes: 0, due: 0, by: null, hard: 0, isNew: false, movedTo: null };

function byRank(one: readonly number[], other: readonly number[]): number {
  const differs = one.findIndex((value, index) => value !== other[index]);
  return differs < 0 ? 0 : (one[differs] ?? 0) < (other[differs] ?? 0) ? -1 : 1;
}

/** Describes a plan: each thing in its place with the reason, and what would make room for the rest. */
function describePlan(items: readonly ToPractise[], days: Days, choice: WeekChoice): WeekPlan {
  const filled = new Filled(choice.minutes);
  for (const [index, item] of items.entries()) {
    const day = days[index] ?? null;
    if (day !== null) filled.place(item, day);
  }
  const placed = items.flatMap((item, index): readonly (Placed & { readonly hard: number })[] => {
    const day = days[index] ?? null;
    return day === null ? [] : [{ id: item.id, day, reason: reasonOf(item, day), hard: item.hard }];
  });
  return {
    placed: placed
      .toSorted((one, other) => one.day - other.day || WAYS[choice.order] * (one.hard - other.hard) || one.id.localeCompare(other.id))
      .map(({ id, day, reason }) => ({ id, day, reason })),
    left: items.flatMap((item, index): readonly NotPlaced[] =>
      (days[index] ?? null) === null ? [explainLeftOut(item, { items, days, choice, filled })] : [],
    ),
  };
}

/** The ways in which difficulty orders a day: downwards, upwards, or not at all. */
const WAYS: Readonly<Record<WeekOrder, number>> = { musical: 0, 'hardest-first': -1, 'hardest-last': 1 };

function reasonOf({ movedTo, by, due }: ToPractise, day: number): Reason {
  if (movedTo !== null) return 'moved';
  if (by !== null) return 'by-date';
  return due >= day ? 'due' : 'room';
}

interface Told {
  readonly items: readonly ToPractise[];
  readonly days: Days;
  readonly choice: WeekChoice;
  readonly filled: Filled;
}

function explainLeftOut(item: ToPractise, { items, days, choice, filled }: Told): NotPlaced {
  const possible = daysFor(item, choice);
  const missing = possible.filter((day) => !(item.isNew && filled.hasNew[day] === true)).map((day) => item.minutes - filled.roomOn(day));
  const [instead] = items
    .filter((other, index) => {
      const day = days[index] ?? null;
      if (day === null || !possible.includes(day) || other.movedTo !== null) return false;
      const newStays = items.some((item, order) => item !== other && days[order] === day && item.isNew);
      return filled.roomOn(day) + other.minutes >= item.minutes && !(item.isNew && newStays);
    })
    .toSorted((one, other) => Number(one.by !== null) - Number(other.by !== null) || one.hard - other.hard);
  return {
    id: item.id,
    minutesMore: missing.length === 0 ? null : missing.reduce((least, value) => Math.min(least, value)),
    instead: instead?.id ?? null,
  };
}

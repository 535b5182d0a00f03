import { dayNumber, dayOfNumber, weekdayOf } from '#core/calendar';
import { practisedKey, type PracticePart } from '#core/practice/item';
import type { WeekAsked, WeekItem } from './asked.ts';
import { planWeek } from './plan-week.ts';
import { comesBack, hardnessOf, type ItemStanding } from './standing.ts';
import type { NotPlaced, Placed, ToPractise, WeekChoice } from './week.ts';

/** The facts about everything that is to be practised, by its key. */
export interface KnownOfItems {
  /** The standing in the record. */
  readonly standing: ReadonlyMap<string, ItemStanding>;
  /** The difficulty where it was never tried, 0 to 3. */
  readonly unseen: ReadonlyMap<string, number>;
}

/** Something in its day. */
export interface PlannedItem {
  /** The key of what is practised. */
  readonly key: string;
  /** The reason why it stands there; `again`: it comes back after it stood on an earlier day of the plan. */
  readonly reason: Placed['reason'] | 'again';
  /** Whether it was never practised. */
  readonly isNew: boolean;
}

/** A day of a plan. */
export interface PlannedDay {
  /** The date: "2026-03-09". */
  readonly day: string;
  /** The minutes available; 0 for a day off. */
  readonly minutes: number;
  /** The minutes used; more than available where something was moved there by hand. */
  readonly taken: number;
  /** The things in the order in which they are practised. */
  readonly items: readonly PlannedItem[];
}

/** A plan of days. */
export interface DaysPlanned {
  /** The days from the first to the last, days off too. */
  readonly days: readonly PlannedDay[];
  /** The things that do not fit, and what would make room. */
  readonly left: readonly NotPlaced[];
  /** The things that come back after the last day, and when. */
  readonly later: readonly { readonly key: string; readonly day: string }[];
}

/** The shortest and the longest plan: a week, and a year and a day. */
const [FEWEST_DAYS, MOST_DAYS] = [7, 366] as const;

/** The number of times a thing is placed at most: more than intervals could widen in a year. */
const MOST_ROUNDS = 40;

/** The days of practice after which a thing is taken to be learnt. */
const DAYS_TO_LEARN = 3;

/** The difficulty from which a thing is hard, 0 to 3. */
const HARD = 2;

/** The difficulty of a thing of which nothing is known yet. */
const MIDDLING = 1;

/**
 * Plans the days from a day on: a week, or up to the date where that is further off. Everything is placed once before anything comes back;
 * things that were placed come back at widening intervals, as if each day went well.
 */
export function planDays(asked: WeekAsked, known: KnownOfItems, today: string): DaysPlanned {
  const first = dayNumber(today);
  const choice = choiceFrom(asked, first);
  const last = choice.minutes.length - 1;
  const all = [...new Map(asked.items.map((item) => [practisedKey(item.item.practised), item]))];
  const items = all.map(([key, item]) => toPractise({ key, item, known, asked, first }));
  const near = items.filter(({ due, movedTo }) => (movedTo ?? due) <= last);
  const once = planWeek(near, choice);
  const learnt = new Set(all.flatMap(([key, { item }]) => (isLearnt(known.standing.get(key) ?? { tempo: null }, item) ? [key] : [])));
  const placed = withReturns({ items: near, once: once.placed, choice, known, learnt, first });
  const later = items
    .filter((item) => !near.includes(item))
    .map(({ id, due, movedTo }) => ({ key: id, day: dayOfNumber(first + (movedTo ?? due)) }))
    .toSorted((one, other) => one.day.localeCompare(other.day) || one.key.localeCompare(other.key));
  const days = choice.minutes.map((minutes, day): PlannedDay => {
    const here = inDayOrder(
      placed.filter((standing) => standing.day === day),
      asked,
    );
    return {
      day: dayOfNumber(first + day),
      minutes,
      taken: here.reduce((sum, { item }) => sum + item.minutes, 0),
      items: here.map(({ item: { id }, reason }) => ({
        key: id,
        reason,
        isNew: reason !== 'again' && (known.standing.get(id)?.sittings.length ?? 0) === 0,
      })),
    };
  });
  return { days, left: once.left, later };
}

/** Puts the things of a day in the order of the music where that is asked: piece by piece as in the list, and in each as its notes come. */
function inDayOrder(here: readonly Standing[], { order, items }: WeekAsked): readonly Standing[] {
  if (order !== 'musical') return here;
  const pieces = [...new Set(items.map(({ item }) => item.practised.piece))];
  const ranks = new Map(
    items.map(({ item: { practised } }) => [
      practisedKey(practised),
      [pieces.indexOf(practised.piece), firstNoteOf(practised.part)] as const,
    ]),
  );
  const rankOf = ({ item: { id } }: Standing): readonly [number, number] => ranks.get(id) ?? [pieces.length, 0];
  return here.toSorted((one, other) => {
    const [[piece, note], [otherPiece, otherNote]] = [rankOf(one), rankOf(other)];
    return piece - otherPiece || note - otherNote;
  });
}

/** Gives the line index with which a part begins; a whole piece comes after its passages. */
function firstNoteOf(part: PracticePart): number {
  switch (part.part) {
    case 'whole':
      return Infinity;
    case 'passage':
      return part.from;
    case 'stage':
      return part.note;
  }
}

/** Chooses the minutes of every day from the first on, and the way they are filled. */
function choiceFrom({ minutes, daysOff, goal, order, serves }: WeekAsked, first: number): WeekChoice {
  const toGoal = goal === null ? 0 : dayNumber(goal.day) - first + 1;
  const count = Math.min(MOST_DAYS, Math.max(FEWEST_DAYS, toGoal));
  const off = new Set(daysOff.map(dayNumber));
  return {
    minutes: Array.from({ length: count }, (_, day) => (off.has(first + day) ? 0 : (minutes[weekdayOf(first + day)] ?? 0))),
    order,
    serves,
  };
}

/** Gives the last day of a plan before a date; null where there is none, and for a date that is over, which asks for nothing. */
function lastDayBefore(goal: WeekAsked['goal'], first: number): number | null {
  if (goal === null || dayNumber(goal.day) < first) return null;
  return Math.max(0, dayNumber(goal.day) - 1 - first);
}

interface Source {
  readonly key: string;
  readonly item: WeekItem;
  readonly known: KnownOfItems;
  readonly asked: Pick<WeekAsked, 'goal'>;
  /** The number of the first day. */
  readonly first: number;
}

function toPractise({ key, item: { item, asked: isAsked, movedTo }, known, asked: { goal }, first }: Source): ToPractise {
  const standing = known.standing.get(key) ?? { sittings: [], tempo: null };
  const hard = hardnessOf(standing, known.unseen.get(key) ?? MIDDLING);
  const by = isAsked ? lastDayBefore(goal, first) : null;
  const due = (comesBack(standing.sittings, isLearnt(standing, item)) ?? first) - first;
  return {
    id: key,
    minutes: item.minutes,
    // Things that a date asks for are practised once more before it, however well they are kept.
    due: by === null ? due : Math.min(due, by),
    by,
    hard,
    isNew: standing.sittings.length === 0 && hard >= HARD,
    movedTo: dayMovedTo(movedTo, first),
  };
}

/** Tells whether a thing has been good at the last tempo of its ladder. */
function isLearnt({ tempo }: Pick<ItemStanding, 'tempo'>, { ladder }: WeekItem['item']): boolean {
  return tempo !== null && tempo >= ladder.to;
}

/** Gives the day of a plan to which something was moved; null where it is free, and once that day is over. */
function dayMovedTo(movedTo: WeekItem['movedTo'], first: number): number | null {
  const day = movedTo === null ? -1 : dayNumber(movedTo) - first;
  return day < 0 ? null : day;
}

interface Returning {
  readonly items: readonly ToPractise[];
  readonly once: readonly Placed[];
  readonly choice: WeekChoice;
  readonly known: KnownOfItems;
  /** Whether each thing has been good at its last tempo, by key. */
  readonly learnt: ReadonlySet<string>;
  readonly first: number;
}

/** Something in its day, for the first time or again. */
interface Standing {
  readonly item: ToPractise;
  readonly day: number;
  readonly reason: PlannedItem['reason'];
}

/**
 * Lists everything that was placed once, and the things that come back within the plan, where there is still room; in the order of
 * practice.
 */
function withReturns({ items, once, choice, known, learnt, first }: Returning): readonly Standing[] {
  const byKey = new Map(items.map((item) => [item.id, item]));
  const sat = new Map(items.map(({ id }): [string, Sat[]] => [id, [...(known.standing.get(id)?.sittings ?? [])]]));
  let placed = once.flatMap(({ id, day, reason }): readonly Standing[] => {
    const item = byKey.get(id);
    return item ? [{ item, day, reason }] : [];
  });
  let newly = placed;
  for (let round = 0; round < MOST_ROUNDS && newly.length > 0; round += 1) {
    const again = new Map(
      newly.flatMap(({ item, day }): readonly [string, ToPractise][] => {
        const sittings = sat.get(item.id) ?? [];
        sittings.push({ day: first + day, grade: 'good' });
        const due = (comesBack(sittings, learnt.has(item.id) || round >= DAYS_TO_LEARN) ?? Infinity) - first;
        return due < choice.minutes.length ? [[`again ${item.id}`, { ...item, due, by: null, isNew: false, movedTo: null }]] : [];
      }),
    );
    const stands = new Map(placed.map((standing, order) => [`there ${order}`, standing]));
    const asked = [
      ...[...stands].map(([id, { item, day }]) => ({ ...item, id, movedTo: day })),
      ...[...again].map(([id, item]) => ({ ...item, id })),
    ];
    const plan = planWeek(asked, { ...choice, serves: 'everything' });
    newly = plan.placed.flatMap(({ id, day }): readonly Standing[] => {
      const item = again.get(id);
      return item ? [{ item, day, reason: 'again' }] : [];
    });
    const added = new Map(newly.map((standing) => [`again ${standing.item.id}`, standing]));
    placed = plan.placed.flatMap(({ id }) => stands.get(id) ?? added.get(id) ?? []);
  }
  return placed;
}

type Sat = Pick<ItemStanding['sittings'][number], 'day' | 'grade'>;

import { type Static, type TObject, Type } from '@sinclair/typebox';
import { Day } from '#core/calendar';
import { PracticeItem, practisedKey } from '#core/practice/item';
import { oneOf } from '#core/result';

const closed = { additionalProperties: false };

/** The orders of a day: as in the music, one piece after the other; the hardest first; or the hardest last. */
export const WEEK_ORDERS = ['musical', 'hardest-first', 'hardest-last'] as const;

/** The things that a plan takes up: everything that is to be practised, or only what the date asks for. */
export const WEEK_SERVES = ['everything', 'the-date'] as const;

/** The schema of something a player is to practise in the coming weeks. */
export const WeekItem = Type.Object(
  {
    item: PracticeItem,
    asked: Type.Boolean({ description: 'It must be covered by the date.' }),
    movedTo: Type.Union([Day, Type.Null()], { description: 'The day it was moved to by hand; null where it is free.' }),
  },
  closed,
);

/** Something a player is to practise in the coming weeks. */
export type WeekItem = Static<typeof WeekItem>;

/** The longest practice on a day, minutes. */
export const MOST_MINUTES = 240;

/** The largest number of things that are planned. */
export const MOST_ITEMS = 60;

/** The fields from which weeks are planned: minutes from Monday to Sunday (0 for none), days off, a date, and the things to practise. */
export const WEEK_FIELDS = {
  minutes: Type.Array(Type.Integer({ minimum: 0, maximum: MOST_MINUTES }), { minItems: 7, maxItems: 7 }),
  daysOff: Type.Array(Day, { maxItems: 100 }),
  goal: Type.Union([Type.Object({ name: Type.String({ maxLength: 80 }), day: Day }, closed), Type.Null()]),
  order: oneOf(WEEK_ORDERS),
  serves: oneOf(WEEK_SERVES),
  items: Type.Array(WeekItem, { maxItems: MOST_ITEMS }),
};

/** The wishes from which weeks are planned. */
export type WeekAsked = Static<TObject<typeof WEEK_FIELDS>>;

/** The week with which a teacher begins: half an hour a day and Sunday off. */
export const FIRST_WEEK: WeekAsked = {
  minutes: [30, 30, 30, 30, 30, 30, 0],
  daysOff: [],
  goal: null,
  order: 'musical',
  serves: 'everything',
  items: [],
};

/** Adds to a list, in which each thing stands once; those beyond the largest number are left out. */
export function withItems(items: readonly WeekItem[], more: readonly PracticeItem[]): readonly WeekItem[] {
  const all = [...items, ...more.map((item): WeekItem => ({ item, asked: false, movedTo: null }))];
  const firsts = new Map(all.toReversed().map((asked) => [practisedKey(asked.item.practised), asked]));
  return all.filter((asked) => firsts.get(practisedKey(asked.item.practised)) === asked).slice(0, MOST_ITEMS);
}

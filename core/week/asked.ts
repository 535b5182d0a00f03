import { type Static, type TObject, Type } from '@sinclair/typebox';
import { Day } from '#core/calendar';
import { PracticeItem, practisedKey } from '#core/practice/item';
import { oneOf } from '#core/result';

const closed = { additionalProperties: false };

/** Which comes first on a day. */
export const WEEK_ORDERS = ['hardest-first', 'hardest-last'] as const;

/** What a plan takes up: all that is to be practised, or only what the date asks for. */
export const WEEK_SERVES = ['everything', 'the-date'] as const;

/** Something a player is to practise in the coming weeks. */
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

/** The longest that is practised on a day, minutes. */
export const MOST_MINUTES = 240;

/** So many things are planned at most. */
export const MOST_ITEMS = 60;

/** What a plan of weeks is made from: minutes from Monday to Sunday (0 for none), days off, a date, and what is to be practised. */
export const WEEK_FIELDS = {
  minutes: Type.Array(Type.Integer({ minimum: 0, maximum: MOST_MINUTES }), { minItems: 7, maxItems: 7 }),
  daysOff: Type.Array(Day, { maxItems: 100 }),
  goal: Type.Union([Type.Object({ name: Type.String({ maxLength: 80 }), day: Day }, closed), Type.Null()]),
  order: oneOf(WEEK_ORDERS),
  serves: oneOf(WEEK_SERVES),
  items: Type.Array(WeekItem, { maxItems: MOST_ITEMS }),
};

/** What a plan of weeks is made from. */
export type WeekAsked = Static<TObject<typeof WEEK_FIELDS>>;

/** Half an hour a day and Sunday off: where a teacher begins. */
export const FIRST_WEEK: WeekAsked = {
  minutes: [30, 30, 30, 30, 30, 30, 0],
  daysOff: [],
  goal: null,
  order: 'hardest-first',
  serves: 'everything',
  items: [],
};

/** A list with some more in it, each of which stands in it once; what is beyond the most there can be is left out. */
export function withItems(items: readonly WeekItem[], more: readonly PracticeItem[]): readonly WeekItem[] {
  const all = [...items, ...more.map((item): WeekItem => ({ item, asked: false, movedTo: null }))];
  const firsts = new Map(all.toReversed().map((each) => [practisedKey(each.item.practised), each]));
  return all.filter((each) => firsts.get(practisedKey(each.item.practised)) === each).slice(0, MOST_ITEMS);
}

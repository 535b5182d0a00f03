import { dequal } from 'dequal';
import { type Fields, isFields } from '../reading/index.ts';
import type { Twice } from './twice.ts';

/** A rule by which an item of a list is the same one in two tabs: its place, its value, or something in it. */
type SameBy = 'place' | 'value' | ((item: Fields) => unknown);

/** The lists that are joined item by item, by their fields; in any other list one item only makes sense beside the others. */
export const JOINED_LISTS: Readonly<Record<string, SameBy>> = {
  minutes: 'place',
  tags: 'value',
  daysOff: 'value',
  spoils: 'value',
  tapes: 'value',
  positions: 'value',
  variants: 'value',
  shifts: ({ shift }) => shift,
  states: ({ stage }) => stage,
  // In a session it is the item itself, in a week beside what is asked of it.
  items: ({ practised, item }) => practised ?? (isFields(item) ? item['practised'] : item),
};

/** A function that joins one item that both tabs have. */
type JoinItem = (twice: Twice<unknown>) => unknown;

/** A list with its items by the key that makes each the same one in every tab. */
type Keyed = ReadonlyMap<string, unknown>;

/**
 * Joins a list that two tabs have changed, item by item: an item either has added is in it, one either has removed is not, unless the other
 * has changed just that. Null where the list of this field is not joined in this way.
 */
export function joinList(field: string, { bases, here, there, counts }: Twice<unknown>, joinItem: JoinItem): readonly unknown[] | null {
  const sameBy = JOINED_LISTS[field];
  const lists = [...bases.filter((base) => base !== undefined), here, there];
  if (sameBy === undefined || !lists.every(Array.isArray)) return null;
  const [before, own, others] = [bases.map((base) => keyItems(base, sameBy)), keyItems(here, sameBy), keyItems(there, sameBy)];
  const [first, second] = counts === 'here' ? [own, others] : [others, own];
  const join = (key: string): unknown =>
    joinItem({ bases: before.map((base) => base.get(key)), here: own.get(key), there: others.get(key), counts });
  const stays = (key: string, inList: Keyed, inOther: Keyed): boolean =>
    inOther.has(key) || before.every((base) => !base.has(key) || !dequal(base.get(key), inList.get(key)));
  const keys = [...first.keys()].filter((key) => stays(key, first, second));
  for (const [order, key] of [...second.keys()].entries()) {
    if (first.has(key) || !stays(key, second, first)) continue;
    const earlier = [...second.keys()].slice(0, order).findLast((text) => keys.includes(text));
    keys.splice(earlier === undefined ? 0 : keys.indexOf(earlier) + 1, 0, key);
  }
  return keys.map((key) => (own.has(key) && others.has(key) ? join(key) : (own.get(key) ?? others.get(key))));
}

/** Gives items by their keys, the second of the same kind by its number. */
function keyItems(list: unknown, sameBy: SameBy): Keyed {
  const items = new Map<string, unknown>();
  for (const [place, item] of (Array.isArray(list) ? list : []).entries()) {
    const key = JSON.stringify(sameBy === 'place' ? place : typeof sameBy === 'function' && isFields(item) ? sameBy(item) : item);
    let [next, number] = [key, 1];
    while (items.has(next)) next = `${key} ${(number += 1)}`;
    items.set(next, item);
  }
  return items;
}

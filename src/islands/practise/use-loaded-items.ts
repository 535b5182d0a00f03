import type { PracticeItem } from '#core/practice/item';
import { type Asked, type Asking, useAsked, useAskedAll } from '../../engine/index.ts';
import { type LoadedItem, loadItem } from '../../state/practice/index.ts';

/** Gives an item with its plan; null where its piece is gone or no hand plays it. */
export function useLoadedItem(item: PracticeItem): Asked<LoadedItem | null> {
  return useAsked(askingFor(item));
}

/** Gives items with their plans, in order, each as soon as it is there. */
export function useLoadedItems(items: readonly PracticeItem[]): readonly Asked<LoadedItem | null>[] {
  return useAskedAll(items.map(askingFor));
}

function askingFor(item: PracticeItem): Asking<LoadedItem | null> {
  return { key: ['item', item.practised, item.ladder.from, item.ladder.to], ask: async () => await loadItem(item) };
}

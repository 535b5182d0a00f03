import { notesOfPart } from '#core/practice/session';
import { type PracticeItem, practisedKey } from '#core/practice/item';
import { HARDEST, type ItemStanding, standingsOf, unseenHardness } from '#core/week';
import { NOTHING_KNOWN } from '#core/drill/hot-spots';
import { engine } from '../../engine/index.ts';
import { dayLogged, type LogPage } from '../../records/log-pages.ts';
import { loadPiece } from '../../storage/reading/index.ts';

/** Gives the standing of a player with some items, by key, from the pages of a log. */
export function standingsIn(pages: readonly LogPage[], items: readonly PracticeItem[]): ReadonlyMap<string, ItemStanding> {
  return standingsOf(
    pages.flatMap((page) => page.entries),
    items.map(({ practised }) => practised),
    dayLogged(pages),
  );
}

/** Gives the difficulty in their plans of things that were never tried, by key; those that cannot be planned are left out. */
export async function unseenOf(items: readonly PracticeItem[], signal: AbortSignal): Promise<ReadonlyMap<string, number>> {
  const hard = new Map<string, number>();
  for (const { practised } of items) {
    if (practised.part.part === 'stage') hard.set(practisedKey(practised), HARDEST - 1);
    else {
      const looks = await looksHard(practised, signal);
      if (looks !== null) hard.set(practisedKey(practised), looks);
    }
  }
  return hard;
}

async function looksHard({ piece, part }: PracticeItem['practised'], signal: AbortSignal): Promise<number | null> {
  const record = await loadPiece(piece);
  const outcome = record && (await engine.plan(record.document.brief, { signal }));
  if (!outcome?.ok) return null;
  const plan = outcome.value.best;
  const about = await engine.ask(plan.brief, { kind: 'about-path', mostHotSpots: plan.notes.length, known: NOTHING_KNOWN }, { signal });
  return about && unseenHardness(about.hotSpots, notesOfPart(plan, part));
}

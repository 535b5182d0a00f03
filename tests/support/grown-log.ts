import type { BrowserContext } from '@playwright/test';

/** A number of tries that are added to the log of a player of the demo. */
export interface Grown {
  readonly attempts: number;
  /** The id of the player. */
  readonly player: string;
}

/** The tries of a diligent day. */
const A_DAY = 140;

/** Makes the log of a player of the demo one after years: days of tries before those of the demo. The demo must be there. */
export async function growLog(context: BrowserContext, grown: Grown): Promise<void> {
  const page = await context.newPage();
  await page.goto('/design');
  await page.evaluate(addDays, { ...grown, aDay: A_DAY });
  await page.close();
}

/** Runs in the page: adds days of tries before those of the demo, for one of its players. */
async function addDays({ attempts: count, aDay, player }: Grown & { readonly aDay: number }): Promise<void> {
  const opening = indexedDB.open('dove-path');
  await new Promise((resolve) => (opening.onsuccess = resolve));
  const database = opening.result;
  const reading: IDBRequest<
    { readonly playerId: string; readonly document: { readonly name: string; readonly entries: readonly object[] } }[]
  > = database.transaction('logs').objectStore('logs').getAll();
  await new Promise((resolve) => (reading.onsuccess = resolve));
  const page = reading.result.find(({ playerId }) => playerId === player);
  const like = page?.document.entries.find((entry) => 'kind' in entry && entry.kind === 'attempt');
  if (!page || !like) throw new Error('The demo has no log');
  const writing = database.transaction('logs', 'readwrite');
  for (let day = 0; day * aDay < count; day += 1) {
    const at = Date.now() - (1 + day) * 86_400_000;
    const name = new Date(at).toISOString().slice(0, 10);
    const entries = Array.from({ length: aDay }, (_, order) => ({ ...like, id: `${day}-${order}`, at: at + order * 1000 }));
    writing.objectStore('logs').put({ ...page, id: `grown-${day}`, document: { ...page.document, day: name, entries } });
  }
  await new Promise((resolve) => (writing.oncomplete = resolve));
  database.close();
}

import type { BrowserContext } from '@playwright/test';

/** The number of copies of the demo that are added. */
export interface Grown {
  readonly pieces: number;
  readonly players: number;
}

/** Makes the demo a studio after years: copies of its pieces and players, each under a name of its own. The demo must be there. */
export async function grow(context: BrowserContext, { pieces, players }: Grown): Promise<void> {
  const page = await context.newPage();
  await page.goto('/design');
  await page.evaluate(addCopies, { pieces, players });
  await page.close();
}

/** Runs in the page. */
async function addCopies(counts: Readonly<Record<string, number>>): Promise<void> {
  const opening = indexedDB.open('dove-path');
  await new Promise((resolve) => (opening.onsuccess = resolve));
  const database = opening.result;
  for (const [store, count] of Object.entries(counts)) {
    const reading: IDBRequest<{ readonly document: object }[]> = database.transaction(store).objectStore(store).getAll();
    await new Promise((resolve) => (reading.onsuccess = resolve));
    const writing = database.transaction(store, 'readwrite');
    for (let index = 0; index < count; index += 1) {
      const like = reading.result[index % reading.result.length];
      const document = { ...like?.document, name: `Etude ${index + 1}` };
      writing.objectStore(store).put({ ...like, id: `${store}-${index}`, updatedAt: Date.now() - index * 60_000, document });
    }
    await new Promise((resolve) => (writing.oncomplete = resolve));
  }
  database.close();
}

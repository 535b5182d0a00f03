import type { Page } from '@playwright/test';
import { DOCUMENT_KINDS } from '#core/documents';
import type { Disaster } from './disasters.ts';

/** The names of all tables of records. */
const STORES = Object.values(DOCUMENT_KINDS).map(({ plural }) => plural);

const close = async (page: Page): Promise<void> => await page.close({ runBeforeUnload: false });

/** Presses a button, and the answer to the question that may follow, until the page says that it is done. */
async function press(
  page: Page,
  { button, answer, done }: { readonly button: string | RegExp; readonly answer: RegExp; readonly done: RegExp },
) {
  await page
    .getByRole('button', { name: button, exact: typeof button === 'string' })
    .first()
    .click();
  const said = page.getByText(done).first();
  const question = page.getByRole('alert').getByRole('button', { name: answer }).last();
  await said.or(question).first().waitFor();
  if (await question.isVisible()) await question.click();
  await said.waitFor();
}

/** Brings back everything in the list of what was deleted, the last first. */
async function bringBackAll(page: Page): Promise<void> {
  await page.goto('/backup');
  await page.getByRole('button', { name: 'Save the studio as a file' }).waitFor();
  const rows = page.getByRole('region', { name: 'Deleted' }).getByRole('button', { name: 'Bring back' });
  // The list is read after the rest of the page.
  await rows
    .first()
    .waitFor({ timeout: 3000 })
    .catch(() => undefined);
  for (let left = await rows.count(); left > 0; left -= 1) {
    await rows.first().click();
    await page.waitForFunction((before) => document.querySelectorAll('[aria-label=Deleted] tbody tr').length < before, left);
  }
}

/** Removes the demo. */
async function removeDemo(page: Page): Promise<void> {
  await page.goto('/pieces');
  await press(page, { button: 'Remove the demo', answer: /Remove it all/, done: /The demo is removed/ });
}

/** Saves the studio as a file, clears all that is stored, and brings the file in again. */
async function clearAndBringIn(page: Page): Promise<void> {
  await page.goto('/backup');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the studio as a file' }).click();
  const path = await (await download).path();
  const session = await page.context().newCDPSession(page);
  await page.goto('/icon.svg');
  await session.send('Storage.clearDataForOrigin', { origin: new URL(page.url()).origin, storageTypes: 'all' });
  await page.goto('/backup');
  const bringIn = page.getByRole('region', { name: 'Bring in a studio' });
  await bringIn.getByLabel('Studio saved as a file').setInputFiles(path);
  await bringIn.getByRole('button', { name: /^Bring in \d+ entr/ }).click();
  await page.getByText(/brought in\. What was here before/).waitFor();
}

/** Writes every record again as a newer version of the application would: with a field more, or with a later version of its document. */
async function writeAsNewer(page: Page, by: { readonly fields: boolean; readonly versions: number }): Promise<void> {
  await page.evaluate(rewriteAll, { stores: STORES, ...by });
}

/** Runs in the page. */
async function rewriteAll({
  stores,
  fields,
  versions,
}: {
  readonly stores: readonly string[];
  readonly fields: boolean;
  readonly versions: number;
}): Promise<void> {
  const opening = indexedDB.open('dove-path');
  await new Promise((resolve) => (opening.onsuccess = resolve));
  const writing = opening.result.transaction([...stores], 'readwrite');
  for (const name of stores) {
    const store = writing.objectStore(name);
    const reading = store.getAll();
    await new Promise((resolve) => (reading.onsuccess = resolve));
    for (const record of reading.result) {
      const document = { ...record.document, ...(fields ? { later: 1 } : {}), version: record.document.version + versions };
      // The older page that has it open learns from the revision that another page has written it.
      store.put({ ...record, ...(fields ? { later: 1 } : {}), document, revision: record.revision + 1, writtenBy: 'a newer version' });
    }
  }
  await new Promise((resolve) => (writing.oncomplete = resolve));
  opening.result.close();
}

function hasLater(record: object): boolean {
  return 'later' in record && 'document' in record && Object(record.document).later === 1;
}

/** The disasters in which something is taken away and brought back, or a newer version writes: each keeps the edit of a moment before. */
export const TAKEN_AWAY: readonly Disaster[] = [
  {
    name: 'taken away: the demo removed, and brought back after a reload',
    strike: async (page) => {
      await removeDemo(page);
      await bringBackAll(page);
      await close(page);
    },
  },
  {
    name: 'taken away: the demo restored, and what was there brought back',
    strike: async (page) => {
      await page.goto('/pieces');
      await press(page, { button: 'Restore the demo', answer: /never/, done: /The demo is back as it came/ });
      await bringBackAll(page);
      await close(page);
    },
  },
  {
    name: 'taken away: a player deleted with the pieces, and brought back',
    strike: async (page) => {
      await page.goto('/setup');
      await page.getByRole('region', { name: 'Player', exact: true }).waitFor();
      await press(page, { button: 'Delete', answer: /^Delete the player( and the pieces)?$/, done: /^Deleted / });
      await bringBackAll(page);
      await close(page);
    },
  },
  {
    name: 'taken away: the newest piece deleted, and brought back',
    strike: async (page) => {
      await page.goto('/pieces');
      await press(page, { button: /^Delete /, answer: /never/, done: /^Deleted / });
      await bringBackAll(page);
      await close(page);
    },
  },
  {
    name: 'taken away: the tab closed while the demo is removed',
    strike: async (page) => {
      await page.goto('/pieces');
      await page.getByRole('button', { name: 'Remove the demo' }).click();
      const answer = page.getByRole('button', { name: 'Remove it all' });
      await answer
        .or(page.getByText(/The demo is removed/))
        .first()
        .waitFor();
      if (await answer.isVisible()) await answer.click();
      await close(page);
    },
    mend: bringBackAll,
  },
  {
    name: 'restored: the studio from a file, after everything was cleared',
    strike: async (page) => {
      await clearAndBringIn(page);
      await close(page);
    },
    ofRecords: true,
  },
  {
    name: 'versions: a newer one has added a field to everything',
    before: async (page) => await writeAsNewer(page, { fields: true, versions: 0 }),
    strike: close,
    stays: ({ records }) => Object.values(records).every((all) => all.every((record) => !record.demo || hasLater(record))),
  },
  {
    name: 'versions: a newer one has written everything, and comes back',
    before: async (page) => await writeAsNewer(page, { fields: false, versions: 1 }),
    strike: close,
    mend: async (page) => {
      await page.goto('/icon.svg');
      await writeAsNewer(page, { fields: false, versions: -1 });
    },
  },
];

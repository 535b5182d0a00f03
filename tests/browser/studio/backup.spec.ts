import { readFile, writeFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, test } from '../bench-page.ts';

/** The number of new pieces in the file of a large studio. */
const MANY = 1200;

/** Saves the studio as a file, and gives its text. */
async function savedStudio(page: Page): Promise<string> {
  await page.goto('/backup');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the studio as a file' }).click();
  return await readFile(await (await download).path(), 'utf8');
}

/** Writes a file with many copies of one piece of the studio, each under an id and a name of its own, and a part that does not read. */
async function largeFile(text: string, path: string): Promise<string> {
  const file = JSON.parse(text);
  const piece = file.records.find(({ kind }: { readonly kind: string }) => kind === 'piece');
  const { record } = piece;
  const copies = Array.from({ length: MANY }, (_, index) => ({
    kind: 'piece',
    record: { ...record, id: `copy-${index}`, demo: false, document: { ...record.document, name: `Copy ${index}` } },
  }));
  await writeFile(path, JSON.stringify({ ...file, records: [...copies, { kind: 'piece', record: { id: 'bad', document: 7 } }] }));
  return path;
}

test('a file of 1,200 new pieces is looked through with progress, can be stopped, and a bad part costs only itself', async ({
  page,
}, info) => {
  const path = await largeFile(await savedStudio(page), info.outputPath('studio.json'));
  const bringIn = page.getByRole('region', { name: 'Bring in a studio' });
  const messages = page.getByRole('status', { name: 'Messages' });
  await bringIn.getByLabel('Studio saved as a file').setInputFiles(path);
  await expect(bringIn).toContainText(/Looking through the file: \d+ % read\./);
  await bringIn.getByRole('button', { name: 'Stop' }).click();
  await expect(messages).toContainText('Stopped: nothing was brought in.');
  await bringIn.getByLabel('Studio saved as a file').setInputFiles(path);
  await expect(bringIn).toContainText(`${MANY} entries read: ${MANY} new`);
  await expect(bringIn).toContainText(`1 part of the file does not read (part ${MANY + 1}); the others do.`);
  await bringIn.getByRole('button', { name: `Bring in ${MANY} entries` }).click();
  await expect(messages).toContainText(`${MANY} entries were brought in.`);
});

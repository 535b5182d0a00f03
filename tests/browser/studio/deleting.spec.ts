import type { Page } from '@playwright/test';
import { expect, planDrawn, test, waitUntilSaved } from '../bench-page.ts';

async function choosePlayer(page: Page, name: RegExp): Promise<void> {
  await page.goto('/setup');
  await page.getByRole('complementary', { name: 'Studio' }).getByRole('button', { name }).click();
}

test('deleting a player says what goes along; after a reload all of it comes back under Backup, pieces tied again', async ({ page }) => {
  await choosePlayer(page, /^Merle double/);
  const used = page.getByRole('region', { name: 'Used by' }).getByRole('link');
  await expect(used.first()).toBeVisible();
  const pieces = await used.count();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  const question = page.getByRole('alert');
  await expect(question).toContainText(
    /Deleting Merle also deletes the practice: \d+ days of the log, 1 session and the plan of the weeks\./,
  );
  await question.getByRole('button', { name: 'Keep the player' }).click();
  await expect(question).toBeHidden();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await question.getByRole('button', { name: 'Delete the player and the pieces' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('Deleted “Merle”.');
  await page.goto('/backup');
  const row = page.getByRole('region', { name: 'Deleted' }).getByRole('row', { name: /Merle/ });
  await expect(row).toContainText('player');
  await row.getByRole('button', { name: 'Bring back' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('“Merle” is back, with all that went along.');
  await expect(row).toBeHidden();
  await choosePlayer(page, /^Merle double/);
  await expect(used).toHaveCount(pieces);
});

test('a piece that is deleted can be deleted for good', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByRole('button', { name: 'Delete Evening line' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('can be brought back under Backup for 30 days');
  await page.goto('/backup');
  const deleted = page.getByRole('region', { name: 'Deleted' });
  await deleted.getByRole('button', { name: 'Delete for good' }).click();
  await expect(deleted).toBeHidden();
});

test('the practice of a player who is gone is shown once, and stays under Backup until something is done with it', async ({ page }) => {
  await page.goto('/design');
  await page.evaluate(removePlayers, 'Merle');
  await page.goto('/setup');
  const question = page.getByRole('alert').filter({ hasText: 'Merle' });
  await expect(question).toContainText('There is the practice of Merle, who is not among the players any more:');
  await question.getByRole('button', { name: 'Leave it as it is' }).click();
  await expect(question).toBeHidden();
  await page.reload();
  await expect(page.getByRole('complementary', { name: 'Studio' }).getByRole('button', { name: /^Robin violin/ })).toBeVisible();
  await expect(question).toBeHidden();
  await page.goto('/backup');
  await question.getByRole('button', { name: 'Make the player again' }).click();
  await expect(page.getByText('Merle is among the players again')).toBeVisible();
  await page.goto('/record');
  await page.getByLabel('For whom').selectOption({ label: 'Merle' });
  await expect(page.getByRole('heading', { name: 'Record', level: 1 })).toBeVisible();
});

test('fields that a newer version has written are kept by the bench and by the forms, and opening a form writes nothing', async ({
  page,
}) => {
  await page.goto('/design');
  const id = await page.evaluate(writeLaterFields);
  await page.goto(`/?piece=${id.piece}`);
  await planDrawn(page);
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('Changed by an older version');
  await waitUntilSaved(page);
  const piece = await page.evaluate(readStored, { store: 'pieces', id: id.piece });
  expect(piece).toMatchObject({ later: 1, document: { name: 'Changed by an older version', later: 1, brief: { later: 1 } } });
  const before = await page.evaluate(readStored, { store: 'players', id: id.player });
  await page.goto(`/setup?player=${id.player}`);
  await expect(page.getByRole('region', { name: 'Player', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'New school' }).click();
  await waitUntilSaved(page);
  expect(await page.evaluate(readStored, { store: 'players', id: id.player })).toEqual(before);
  await page.goto(`/setup?player=${id.player}`);
  await page.getByLabel('Name', { exact: true }).fill('Renamed');
  await waitUntilSaved(page);
  const player = await page.evaluate(readStored, { store: 'players', id: id.player });
  expect(player).toMatchObject({ later: 1, document: { name: 'Renamed', later: 1, profile: { later: 1, player: { later: 1 } } } });
});

test('what a newer version has written over is left alone, and the page says that it has to be loaded again', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByRole('link', { name: 'Evening line', exact: true }).click();
  await planDrawn(page);
  const id = new URL(page.url()).searchParams.get('piece') ?? '';
  await page.evaluate(raiseVersion, id);
  const raised = await page.evaluate(readStored, { store: 'pieces', id });
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('From an older tab');
  await expect(page.getByText('A newer version of Dove Path has changed this')).toBeVisible();
  expect(await page.evaluate(readStored, { store: 'pieces', id })).toEqual(raised);
  await page.goto('/pieces');
  await expect(page.getByText('One piece was written by a newer version of Dove Path')).toBeVisible();
  await page.evaluate(() => localStorage.clear());
  await page.goto(`/?piece=${id}`);
  await expect(page.getByText('A newer version of Dove Path has written this piece, and this one leaves it as it is.')).toBeVisible();
  expect(await page.evaluate(readStored, { store: 'pieces', id })).toEqual(raised);
});

/** Runs in the page: takes a player out as an earlier version did, without the practice. */
async function removePlayers(name: string): Promise<void> {
  const opening = indexedDB.open('dove-path');
  await new Promise((resolve) => (opening.onsuccess = resolve));
  const store = opening.result.transaction('players', 'readwrite').objectStore('players');
  const reading = store.getAll();
  await new Promise((resolve) => (reading.onsuccess = resolve));
  for (const { id, document } of reading.result) if (document.name === name) store.delete(id);
  await new Promise((resolve) => (store.transaction.oncomplete = resolve));
  opening.result.close();
}

/** Runs in the page: adds a field of a newer version to every object of one piece and one player; gives their ids. */
async function writeLaterFields(): Promise<{ readonly piece: string; readonly player: string }> {
  const opening = indexedDB.open('dove-path');
  await new Promise((resolve) => (opening.onsuccess = resolve));
  const ids: string[] = [];
  for (const name of ['pieces', 'players']) {
    const store = opening.result.transaction(name, 'readwrite').objectStore(name);
    const reading = store.getAll();
    await new Promise((resolve) => (reading.onsuccess = resolve));
    const grown = JSON.parse(JSON.stringify(reading.result[0]), (_name, value: unknown) =>
      typeof value === 'object' && value !== null && !Array.isArray(value) ? { ...value, later: 1 } : value,
    );
    store.put(grown);
    ids.push(String(grown.id));
    await new Promise((resolve) => (store.transaction.oncomplete = resolve));
  }
  opening.result.close();
  return { piece: ids[0] ?? '', player: ids[1] ?? '' };
}

/** Runs in the page: writes a piece as a newer version would, while an older one has it open. */
async function raiseVersion(id: string): Promise<void> {
  const opening = indexedDB.open('dove-path');
  await new Promise((resolve) => (opening.onsuccess = resolve));
  const store = opening.result.transaction('pieces', 'readwrite').objectStore('pieces');
  const reading = store.get(id);
  await new Promise((resolve) => (reading.onsuccess = resolve));
  const { document, revision, ...record } = reading.result;
  store.put({ ...record, revision: revision + 1, writtenBy: 'a newer tab', document: { ...document, version: 99, mood: 'calm' } });
  await new Promise((resolve) => (store.transaction.oncomplete = resolve));
  opening.result.close();
}

/** Runs in the page: reads a record as it is stored. */
async function readStored({ store, id }: { readonly store: string; readonly id: string }): Promise<unknown> {
  const opening = indexedDB.open('dove-path');
  await new Promise((resolve) => (opening.onsuccess = resolve));
  const reading = opening.result.transaction(store).objectStore(store).get(id);
  await new Promise((resolve) => (reading.onsuccess = resolve));
  opening.result.close();
  return reading.result;
}

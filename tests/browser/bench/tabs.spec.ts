import { beads, expect, openNewPiece, planDrawn, waitUntilSaved, test, typeLine } from '../bench-page.ts';

test('two tabs on one piece stay in step, and undo goes back', async ({ page, context }) => {
  await openNewPiece(page);
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('In step');
  await waitUntilSaved(page);
  await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await planDrawn(other);
  await other.getByLabel('Octaves').selectOption('one octave');
  await expect(beads(page)).toHaveCount(8);
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('changed in another tab');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(beads(page)).toHaveCount(15);
  await expect(beads(other)).toHaveCount(15);
});

test('a page closed in the middle of a change loses nothing', async ({ page, context }) => {
  await openNewPiece(page);
  await typeLine(page, 'A4 B4 C#5');
  await waitUntilSaved(page);
  // The page is gone in the moment of typing: the database has no time to write.
  await page.getByRole('textbox', { name: /^Notes, for example/ }).fill('A4 B4 C#5 D5 E5');
  await page.close();
  const again = await context.newPage();
  await again.goto('/');
  await planDrawn(again);
  await expect(again.getByRole('textbox', { name: /^Notes, for example/ })).toHaveValue('A4 B4 C#5 D5 E5');
});

test('dark paper is chosen, kept, and passes the same checks', async ({ page }) => {
  await openNewPiece(page);
  const ground = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const light = await ground();
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: 'Search commands and pieces' }).fill('dark');
  await page.keyboard.press('Enter');
  await expect.poll(ground).not.toBe(light);
  const dark = await ground();
  await page.reload();
  await planDrawn(page);
  expect(await ground()).toBe(dark);
});

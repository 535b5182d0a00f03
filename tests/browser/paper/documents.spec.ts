import { readFile } from 'node:fs/promises';
import { textsOfPdf } from '../../support/paper/pdf-texts.ts';
import { expect, test } from '../bench-page.ts';

test('the pieces of a list become one document with contents, in its order', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByRole('searchbox', { name: 'Search' }).fill('arpeggio');
  await page.getByRole('link', { name: 'Print these together' }).click();
  await expect(page.getByRole('group', { name: 'Page 1 of 2 of One piece' })).toBeVisible();
  await page.getByLabel('Title').fill('For Tuesday');
  await page.getByLabel('Title').press('Tab');
  await expect(page.getByRole('group', { name: 'Page 1 of 2 of For Tuesday' })).toContainText('D minor arpeggio');
  await page.reload();
  await expect(page.getByRole('group', { name: 'Page 1 of 2 of For Tuesday' })).toBeVisible();
  await page.getByRole('button', { name: 'Page after' }).click();
  await expect(page.getByRole('group', { name: 'Page 2 of 2 of For Tuesday' })).toContainText('for Martin');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  const saved = await download;
  expect(saved.suggestedFilename()).toBe('for-tuesday.pdf');
  expect(await textsOfPdf(new Uint8Array(await readFile(await saved.path())).buffer)).toHaveLength(2);
});

test('a scale book is made key by key for the player, stopped and gone on with, and made again with less to do', async ({ page }) => {
  await page.goto('/sheet/scale-book');
  await page.getByRole('button', { name: 'No key' }).click();
  await expect(page.getByText('Choose at least one key', { exact: false })).toBeVisible();
  for (const key of ['C major', 'G major', 'E minor']) await page.getByLabel(key, { exact: true }).check();
  await page.getByRole('button', { name: 'Make the book' }).click();
  const contents = page.getByRole('navigation', { name: 'Contents' });
  await expect(contents.getByRole('listitem')).toHaveText([/^Contents\s*1$/, /^C major\s*2$/, /^G major\s*3$/, /^E minor\s*4$/]);
  await contents.getByRole('button', { name: /^G major/ }).click();
  await expect(page.getByRole('group', { name: 'Page 3 of 4 of Scale book' })).toContainText('G major, two octaves, up and down');
  await page.getByLabel('Path of the hand under each system').check();
  await page.getByText('Variants: none').click();
  await page.getByRole('checkbox', { name: 'dotted, long and short' }).check();
  await page.getByLabel('Each key begins').selectOption('on a left page, to lie open');
  await page.getByRole('button', { name: 'Make it again with these choices' }).click();
  await expect(contents.getByRole('button', { name: /^G major/ })).toHaveText(/[468]$/);
  await page.getByLabel('Path of the hand under each system').uncheck();
  await page.getByRole('button', { name: 'All keys' }).click();
  await page.getByLabel('three octaves').check();
  await page.getByRole('button', { name: 'Make it again with these choices' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText(/^\d+ of 24 done$/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(contents.getByRole('listitem')).toHaveCount(25);
  await page.reload();
  await expect(page.getByLabel('three octaves')).toBeChecked();
});

test('what is to be practised leads to its pages: from the session, the week, the assignment and the lesson', async ({ page }) => {
  for (const address of ['/practise', '/practise/week', '/practise/assignment', '/record?part=lesson']) {
    await page.goto('/pieces');
    await page.getByRole('combobox', { name: 'For whom' }).first().selectOption('Robin');
    await page.goto(address);
    await page.getByRole('link', { name: 'Print its pieces' }).click();
    await expect(page.getByRole('navigation', { name: 'Contents' }).getByRole('listitem').nth(1)).toBeVisible();
  }
});

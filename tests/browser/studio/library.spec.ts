import { grow } from '../../support/grown-studio.ts';
import { DEMO_ROWS, expect, test, planDrawn, waitUntilSaved } from '../bench-page.ts';

test('pieces are searched, narrowed down, sorted and tagged', async ({ page }) => {
  await page.goto('/pieces');
  const rows = page.getByRole('row');
  await expect(rows).toHaveCount(DEMO_ROWS);
  await page.getByLabel('Search').fill('ab major');
  await expect(rows).toHaveCount(2);
  await expect(page.getByRole('status').filter({ hasText: 'of' })).toContainText('1 of');
  await page.getByLabel('Search').fill('');
  await page.getByLabel('Only instrument').selectOption('double bass');
  await expect(rows).toHaveCount(3);
  await page.getByLabel('Only instrument').selectOption('any instrument');
  await page.getByRole('button', { name: 'Name', exact: true }).click();
  await expect(rows.nth(1)).toContainText('A major in sixths');
  await expect(page.getByRole('columnheader', { name: 'Name' })).toHaveAttribute('aria-sort', 'ascending');
  await page.getByRole('button', { name: 'Tag Evening line' }).click();
  await page.getByRole('textbox', { name: 'Tags, with commas between' }).fill('concert, june');
  await page.keyboard.press('Enter');
  await page.getByLabel('Only tag').selectOption('june');
  await expect(rows).toHaveCount(2);
  await page.getByLabel('Search').fill('nothing like it');
  await expect(page.getByText('No piece matches.')).toBeVisible();
});

test('of many pieces the last changed are listed, more when asked for, and any is found', async ({ page, context }) => {
  await page.goto('/pieces');
  await expect(page.getByRole('row')).toHaveCount(DEMO_ROWS);
  await grow(context, { pieces: 100, players: 0 });
  await page.reload();
  await expect(page.getByRole('row')).toHaveCount(21);
  await expect(page.getByText(`${DEMO_ROWS + 99} pieces`, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Show 20 more' }).click();
  await expect(page.getByRole('row')).toHaveCount(41);
  await page.getByLabel('Search').fill('etude 100');
  await expect(page.getByRole('row')).toHaveCount(2);
});

test('two players are compared note by note, and unlike lines by what they come to', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByRole('link', { name: 'Compare B♭ major, up and down' }).click();
  const notes = page.getByRole('region', { name: 'Note by note' });
  await expect(notes.getByRole('status')).toContainText(/\d+ of 29 notes are fingered differently/);
  await expect(page.locator('[data-ghost]').first()).toBeVisible();
  await page.getByLabel('Fingering, compared with').selectOption('the best fingering');
  await expect(notes.getByRole('status')).toHaveText('Both are fingered alike.');
  await page.getByLabel('Piece, This').selectOption({ label: 'D major for a small hand' });
  await page.getByLabel('Piece, compared with').selectOption({ label: 'D major for a small hand' });
  await page.getByLabel('Player, compared with').selectOption({ label: 'Martin' });
  await expect(page.getByRole('region', { name: 'Totals' })).toContainText('hand not measured');
  await page.getByLabel('Player, compared with').selectOption('its own player');
  await page.getByLabel('Piece, compared with').selectOption({ label: 'Evening line' });
  await expect(page.getByText('These are not the same notes')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Totals' }).getByRole('row')).toHaveCount(10);
});

test('what is compared follows the bench in another tab', async ({ page, context }) => {
  await page.goto('/pieces');
  await page.getByRole('link', { name: 'Compare B♭ major, up and down' }).click();
  const status = page.getByRole('region', { name: 'Note by note' }).getByRole('status');
  await expect(status).toContainText('of 29 notes');
  const bench = await context.newPage();
  await bench.goto(page.url().replace('/compare', '/'));
  await planDrawn(bench);
  await bench.getByLabel('Octaves').selectOption('one octave');
  await waitUntilSaved(bench);
  await expect(status).toContainText('of 15 notes');
});

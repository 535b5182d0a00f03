import { expect, findCommand, openNewPiece, planDrawn, tellWholeBrief, test } from '../bench-page.ts';

test('a line in another rhythm and bowing, found by typing; a practice page of its variants', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  await page.getByLabel('Direction').selectOption({ label: 'up and down' });
  await findCommand(page, 'dotted short', /^Rhythm: dotted, short and long/);
  await expect(page.getByLabel('Rhythm', { exact: true })).toHaveValue('short-long');
  await page.getByLabel('Rhythm', { exact: true }).selectOption({ label: 'in triplets' });
  await expect(page.locator('[data-tuplet="3"]').first()).toBeVisible();
  await page.getByLabel('Bowing').selectOption({ label: 'two slurred, two separate' });
  await page.getByLabel('Accents').selectOption({ label: 'an accent on the first of four' });
  await expect(page.locator('[data-accent]')).toHaveCount(8);
  await page.getByLabel('Beginning').selectOption({ label: 'with a quarter before the first bar line' });
  await planDrawn(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Beginning')).toHaveValue('');
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await page.getByRole('button', { name: 'Variants: none' }).click();
  await page.getByLabel('one long and two short').check();
  await page.getByLabel('one separate, three slurred').check();
  await expect(page.getByRole('region', { name: 'one long and two short' })).toContainText('… and so on.');
  await page.getByLabel('All of each, not its beginning alone').check();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('region', { name: 'one separate, three slurred' })).not.toContainText('… and so on.');
  await page.reload();
  await expect(page.getByRole('region', { name: 'one long and two short' })).toBeVisible();
});

import { expect, openNewPiece, planDrawn, tellWholeBrief, test } from '../bench-page.ts';

test('the bow plan: what is left over, its cure, the bow on the staff, a bowing typed and locked, and all of it printed', async ({
  page,
}) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  await page.getByLabel('Lowest note').selectOption({ label: 'G3' });
  await page.getByLabel('Octaves').selectOption({ label: 'two octaves' });
  await page.getByLabel('Direction').selectOption({ label: 'up and down' });
  await page.getByLabel('Bowing').selectOption({ label: 'four to a bow' });
  await planDrawn(page);
  await page.getByText('Bow plan', { exact: true }).click();
  await expect(page.getByText('29 notes, four to a bow: one left over; 8 bows: the first down, the last up.')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Bow at shifts and crossings' })).toContainText('crossing');
  await page.getByRole('button', { name: 'Put what is left over into the bow before' }).click();
  await expect(page.getByText('29 notes, four to a bow: none left over; 7 bows: the first down, the last down.')).toBeVisible();
  await page.getByRole('button', { name: 'Unlock the bowing' }).click();
  await expect(page.getByText('one left over', { exact: false })).toBeVisible();

  await page.getByLabel('Show it on the staff').check();
  await expect(page.locator('[data-bow-drawn]')).toHaveCount(8);
  await expect(page.locator('[data-bow]')).toHaveCount(8);

  await page.locator('[data-staff-note="0"]').click();
  await page.getByRole('tab', { name: 'Write' }).click();
  const row = page.getByLabel('Type the bowing from here on');
  const lock = page.getByRole('button', { name: 'Lock it as the bowing' });
  await row.fill('u1 4 x');
  await lock.click();
  await expect(row).toHaveAccessibleDescription(/“x” is not a bow\./);
  await expect(row).toHaveValue('u1 4 x');
  await row.fill('u1 d2 2 | 4');
  await lock.click();
  await expect(page.getByText('29 notes, four to a bow: none left over; 9 bows: the first up, the last up.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('[data-bow-drawn]')).toHaveCount(8);

  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await expect(page.getByRole('article').getByText('frog').first()).toBeVisible();
  await expect(page.getByRole('article')).toContainText('29 notes, four to a bow: one left over');
});

import { expect, findings, planDrawn, test } from '../bench-page.ts';

test('the atlas without a piece: from a position, from a note, from the picture of all positions, and on to the bench', async ({
  page,
}) => {
  await page.goto('/atlas');
  await page.getByLabel('Instrument').selectOption({ label: 'any full-size violin' });
  await page.getByLabel('Key', { exact: true }).selectOption({ label: 'D major' });
  const strings = page.getByRole('region', { name: 'String by string' });
  await expect(strings).toContainText('1 F♯5, 2 G5');
  await page.getByLabel('Position', { exact: true }).selectOption({ label: 'third position' });
  await expect(strings).toContainText('1 D5, 2 E5, 3 F♯5, 4 G5');
  await expect(strings).toContainText('1 lies a fourth above the open A; it takes over from 3 in first position');
  await expect(page.getByRole('region', { name: 'From string to string' })).toContainText('a tritone');

  await page.getByLabel('Note', { exact: true }).selectOption({ label: 'D5' });
  const places = page.getByRole('region', { name: 'Every place of D5' });
  await expect(places).toContainText('A string: 1 in third position');
  await expect(places).toContainText('D string:');
  await page.getByLabel('Note', { exact: true }).selectOption({ label: 'F5 (not in the key)' });
  await expect(page.getByRole('heading', { name: 'F5, also E♯' })).toBeVisible();

  await page.locator('[data-place="2 7"]').click();
  const place = page.getByRole('region', { name: 'What lies at the place' });
  await expect(place).toContainText('D string, 7 semitones up, 109 mm: A4');
  await expect(place).toContainText('2 in third position');
  await page.getByLabel('How far up').selectOption({ index: 7 });
  await expect(place).toContainText('D string, 8 semitones up, 121 mm: A♯4, also B♭');
  await page.getByLabel('Kind of scale').selectOption({ label: 'harmonic minor scales' });
  await expect(page.getByRole('region', { name: 'Scales that live here' })).toContainText('minor from');
  await page.getByLabel('Kind of scale').selectOption({ label: 'major scales' });

  await page
    .getByRole('group', { name: 'All positions' })
    .getByRole('button', { name: /^fifth position/ })
    .press('Enter');
  await expect(page.getByLabel('Position', { exact: true })).toHaveValue('5');
  await expect(page).toHaveURL(/position=5/);
  await page.reload();
  await expect(page.getByLabel('Position', { exact: true })).toHaveValue('5');
  expect(await findings(page)).toEqual([]);

  await page.getByLabel('Position', { exact: true }).selectOption({ label: 'first position' });
  await page.getByRole('button', { name: 'Play it G major', exact: true }).click();
  await planDrawn(page);
  await expect(page.getByText(/33 notes · no shift/)).toBeVisible();
});

test('at 390 px the atlas is read without sideways scrolling of the page', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/atlas?instrument=cello+4/4&position=4');
  await expect(page.getByRole('region', { name: 'String by string' })).toContainText('1 E4');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

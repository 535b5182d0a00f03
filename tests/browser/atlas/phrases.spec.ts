import { expect, findings, planDrawn, test } from '../bench-page.ts';

test('a phrase is written in a position: what lies outside is told with the nearest inside; it is played, kept and opened on the bench', async ({
  page,
}) => {
  await page.goto('/atlas/phrases?instrument=violin+4/4&key=D+major&position=3');
  const hand = page.getByRole('region', { name: 'Notes under the hand' });
  const onA = hand.getByRole('group', { name: 'A string' });
  await onA.getByRole('button', { name: '1 D5' }).click();
  await onA.getByRole('button', { name: '3 F♯5' }).click();
  await hand.getByRole('button', { name: 'a rest' }).click();
  await hand.getByRole('group', { name: 'E string' }).getByRole('button', { name: '2 B5' }).click();
  const field = page.getByRole('textbox');
  await expect(field).toHaveValue('D5:1/4 F#5 r B5');
  await expect(page.getByText('Everything lies under the hand.')).toBeVisible();
  expect(await findings(page)).toEqual([]);

  await field.fill('D5:1/4 F5 r B5 F6');
  const outside = page.getByRole('list', { name: 'Outside' });
  await expect(outside).toContainText('Note 2, F5, lies outside. The nearest inside is 2 E5 on the A string.');
  await expect(outside).toContainText('Note 5, F6, lies outside. The nearest inside is 4 D6 on the E string.');
  await page.reload();
  await expect(field).toHaveValue('D5:1/4 F5 r B5 F6');
  await outside.getByRole('button', { name: 'Take the nearest for note 2' }).click();
  await outside.getByRole('button', { name: 'Take the nearest for note 5' }).click();
  await expect(field).toHaveValue('D5:1/4 E5 r B5 D6');
  await page.getByRole('button', { name: 'Play it' }).click();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await page.getByRole('button', { name: 'Keep it and open it on the bench' }).click();
  await planDrawn(page);
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Phrase in third position');
  await expect(page.getByText(/4 notes · no shift|5 notes · no shift/)).toBeVisible();
});

test('at 390 px a phrase on one string shows its pattern and is read without sideways scrolling of the page', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/atlas/phrases?instrument=cello+4/4&key=F+major&string=A3');
  await expect(page.getByText(/The pattern: /)).toBeVisible();
  await page.getByRole('button', { name: '1 B♭3' }).click();
  await expect(page.getByRole('img', { name: 'The beginning of the music' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

import type { Page } from '@playwright/test';
import { expect, openPiece, test } from './bench-page.ts';

const PIECE = 'Martin · B♭ major, up and down';

/** The worst shift of the piece stands taken apart. */
async function takeWorstApart(page: Page): Promise<void> {
  await openPiece(page, PIECE);
  await page.getByRole('link', { name: 'Drills' }).click();
  await expect(page.getByRole('heading', { name: 'G4 with 1 in sixth position to F4 with 4 in third position' })).toBeVisible();
}

test('from a piece to its worst shift, its drill, its sheet, and back by the finder', async ({ page }) => {
  await takeWorstApart(page);
  await expect(page.getByRole('region', { name: 'Both hands in time' })).toContainText(
    'The left elbow stays up beside the neck of the cello.',
  );
  const stages = page.getByRole('region', { name: 'Stages' });
  for (const stage of ['Name it and hear it', 'Slow slide']) {
    await stages.getByRole('button', { name: `Hear it: ${stage}` }).click();
    await stages.getByRole('button', { name: `Stop: ${stage}` }).click();
  }
  await stages.getByLabel('Slow slide: how far').selectOption('clean');
  await page.getByRole('button', { name: 'Write its drill' }).click();
  await expect(page.getByRole('heading', { name: 'Shift study 1–4 down 3 positions, A string, B♭ major' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').first()).toBeVisible();
  await page.getByRole('button', { name: 'Keep it as a piece' }).click();
  await page.getByRole('link', { name: 'Its sheet' }).click();
  await expect(page.getByRole('button', { name: 'Print it' })).toBeEnabled();
  await expect(page.getByText('Shift study 1–4 down 3 positions').first()).toBeVisible();
  await takeWorstApart(page);
  // What was set is still there.
  await expect(page.getByRole('region', { name: 'Stages' }).getByLabel('Slow slide: how far')).toHaveValue('clean');
  await page.getByRole('button', { name: 'Find drills like it' }).click();
  const found = page.getByRole('region', { name: 'Drills found' });
  await found.getByRole('listitem').filter({ hasText: 'kept as a piece' }).getByRole('link', { name: 'Open' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue(/^Shift study 1–4/);
});

test('the same by keyboard alone', async ({ page }) => {
  await takeWorstApart(page);
  await press(page, 'Hear it: Name it and hear it');
  await press(page, 'Stop: Name it and hear it');
  await press(page, 'Write its drill');
  await press(page, 'Keep it as a piece');
  await expect(page.getByText('Kept as a piece.')).toBeVisible();
  await press(page, 'Find a drill');
  await expect(page.getByRole('region', { name: 'Drills found' })).toContainText('kept as a piece');
});

/** Goes to a button with Tab and presses it. */
async function press(page: Page, name: string): Promise<void> {
  const button = page.getByRole('button', { name, exact: true });
  await expect(button).toBeEnabled();
  await page.locator('h1').first().click();
  for (let tabs = 0; tabs < 60 && !(await button.evaluate((element) => element === document.activeElement)); tabs += 1)
    await page.keyboard.press('Tab');
  await expect(button).toBeFocused();
  await page.keyboard.press('Enter');
}

test('the drill writer: another family, a variant, what is altered, and what no hand plays', async ({ page }) => {
  await openPiece(page, PIECE);
  await page.getByRole('link', { name: 'Drills' }).click();
  await page.getByRole('navigation', { name: 'Drills' }).getByRole('button', { name: 'Write a drill' }).click();
  await page.getByLabel('Drill', { exact: true }).selectOption('Inside a position');
  await page.getByLabel('Position', { exact: true }).selectOption('fourth position');
  await expect(page.getByRole('list', { name: 'What is altered' })).toContainText('The position does not hold');
  await page.getByLabel('Bowing').selectOption({ value: '4' });
  await expect(page.getByText(/notes at 4 to a bow/)).toBeVisible();
  await page.getByLabel('Drill', { exact: true }).selectOption('Double stops');
  await page.getByLabel('Interval').selectOption('octaves');
  await expect(page.getByText(/No hand plays this drill in B♭ major/)).toBeVisible();
  await page.getByLabel('Hand', { exact: true }).selectOption('from the thumb');
  await expect(page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').first()).toContainText('T');
});

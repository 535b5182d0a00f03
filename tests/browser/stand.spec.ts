import type { Page } from '@playwright/test';
import { expect, test } from './bench-page.ts';
import { openSessions, pedalUntil } from './stand-page.ts';

test('by thumb on a telephone a run is judged: its voice, its note in the last system, and what sounds along is told', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSessions(page, 'Robin');
  await page.getByRole('button', { name: 'New session' }).click();
  await page.getByLabel('Piece or drill').selectOption('A major in sixths');
  await page.getByRole('button', { name: 'Put it in', exact: true }).click();
  await expect(page.getByText('The whole ladder takes')).toHaveCount(1);
  await page.getByText('Set, ladder and sound').click();
  await page.getByLabel('Drone').selectOption('drone on the tonic');
  await page.getByRole('checkbox', { name: 'noise' }).uncheck();
  await expectForThumb(page, 'main select, main input:not([type=checkbox])', 28);
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await pedalUntil(page, 'PageDown', page.getByLabel('Good so far'));
  await expect(page.getByText(/You hear .*; a drone on the tonic\./)).toBeVisible();
  await expectForThumb(page, 'main button', 44);
  await page.getByRole('button', { name: 'Missed' }).click();
  await page.getByRole('button', { name: 'the upper voice' }).click();
  await page.locator('[data-staff-note]').last().click();
  await page.getByRole('button', { name: 'noise' }).click();
  // A noise does not spoil the run, as the teacher has set it; what it was is in the record.
  await expect(page.getByLabel('Good so far')).toHaveText(/^1 of/);
  // A note that was pointed at is not lost where the pedal, or the button at the foot, says no more.
  await page.getByRole('button', { name: 'Missed' }).click();
  await page.locator('[data-staff-note]').first().click();
  await page.getByRole('button', { name: 'Just missed' }).click();
  await expect(page.getByLabel('Good so far')).toBeVisible();
  await page.getByRole('button', { name: 'Leave' }).click();
  await page.getByRole('link', { name: 'What was done' }).click();
  await page.getByText('Try by try').first().click();
  await expect(page.getByText(/: noise at measure 4, beat 3 \(.*\), in the upper voice/)).toBeVisible();
  await expect(page.getByText(/missed, not said how at measure 1, beat 1 /)).toBeVisible();
});

/** Checks that what is pressed is tall enough, px, and that nothing lies outside the window. */
async function expectForThumb(page: Page, pressed: string, least: number): Promise<void> {
  const low = await page
    .locator(pressed)
    .evaluateAll(
      (all, least) => all.filter((one) => one.getBoundingClientRect().height < least).map((one) => one.outerHTML.slice(0, 80)),
      least,
    );
  expect(low).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
}

test('a newer version waits until the stand is left', async ({ page }) => {
  await openSessions(page, 'Robin');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText(/^Today’s aim/)).toBeVisible();
  await page.evaluate(() => dispatchEvent(new Event('vite:preloadError')));
  const bar = page.locator('#newer-version');
  await expect(bar).toBeAttached();
  await expect(bar).toBeHidden();
  await page.getByRole('button', { name: 'Leave' }).click();
  await expect(bar).toBeVisible();
});

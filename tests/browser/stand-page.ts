import { expect, type Locator, type Page } from '@playwright/test';

/** Presses a pedal until something is on the stand. */
export async function pedalUntil(page: Page, key: 'PageDown' | 'PageUp', there: Locator): Promise<void> {
  for (let presses = 0; presses < 12 && !(await there.isVisible()); presses += 1) {
    const before = await page.locator('main').innerText();
    await page.keyboard.press(key);
    await expect.poll(() => page.locator('main').innerText()).not.toBe(before);
  }
  await expect(there).toBeVisible();
}

/** Opens the sessions of a pupil of the demo. */
export async function openSessions(page: Page, player: string): Promise<void> {
  await page.goto('/practise');
  await page.getByLabel('For whom').selectOption({ label: player });
  await expect(page.getByText('The whole ladder takes').first()).toBeVisible();
}

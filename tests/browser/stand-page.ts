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

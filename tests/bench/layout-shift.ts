import type { Browser } from '@playwright/test';

/** The views, by address; the bench as it greets the first visit too. */
const VIEWS = ['/', '/pieces', '/setup', '/tapes', '/costs', '/measure', '/measure?part=reach', '/compare', '/tuner'] as const;

const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
] as const;

/**
 * Measures how much of each view moves while it comes, as browsers sum it up: 0 for nothing, and noticeable to a reader from about 0.1 on.
 * Every view is opened in a browser of its own, with nothing stored.
 */
export async function printLayoutShifts(browser: Browser, address: string): Promise<void> {
  const told: string[] = [];
  for (const viewport of SIZES) {
    for (const view of VIEWS) {
      const context = await browser.newContext({ viewport, serviceWorkers: 'block' });
      const page = await context.newPage();
      await page.addInitScript(() => {
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries()) {
            const { dataset } = document.documentElement;
            if ('value' in entry) dataset['shift'] = String(Number(dataset['shift'] ?? 0) + Number(entry.value));
          }
        }).observe({ type: 'layout-shift', buffered: true });
      });
      await page.goto(`${address}${view}`);
      await page.waitForLoadState('networkidle');
      const shift = await page.evaluate(() => document.documentElement.dataset['shift'] ?? '0');
      told.push(`${view} ${Number(shift).toFixed(3)}`);
      await context.close();
    }
    console.log(`layout shift at ${viewport.width} px: ${told.splice(0).join(', ')}`);
  }
}

import type { BrowserContext, Page } from '@playwright/test';

/**
 * Lets every page of a context note when the first element of each selector is drawn: a test that asks from outside asks now and then only,
 * and would measure that.
 */
export async function noteFirstShown(context: BrowserContext, selectors: readonly string[]): Promise<void> {
  await context.addInitScript((watched: readonly string[]) => {
    const left = new Set(watched);
    const watch = new MutationObserver(() => {
      for (const selector of left) {
        if (!document.querySelector(selector)) continue;
        left.delete(selector);
        // The moment is after the frame that shows it.
        requestAnimationFrame(() => setTimeout(() => performance.mark(`shown ${selector}`)));
      }
      if (left.size === 0) watch.disconnect();
    });
    watch.observe(document, { childList: true, subtree: true });
  }, selectors);
}

/** Gives the time at which the first element of a selector was drawn, ms after its page was asked for. Waits for it. */
export async function firstShown(page: Page, selector: string): Promise<number> {
  await page.locator(selector).first().waitFor();
  await page.waitForFunction((name) => performance.getEntriesByName(name).length > 0, `shown ${selector}`);
  return await page.evaluate((name) => performance.getEntriesByName(name)[0]?.startTime ?? Number.NaN, `shown ${selector}`);
}

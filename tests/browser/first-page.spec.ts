import { expect, test } from '@playwright/test';
import { allBytes, firstVisit, VISITORS } from '../support/first-page.ts';

/**
 * The bytes that may be sent until the staff stands on a first visit. The number does not grow: new code is made lighter, or comes later.
 */
const MOST_BYTES = 350 * 1024;
const MOST_SCRIPT = 215 * 1024;

test('a first visit to the bench brings no more than is set before the staff stands', async ({ browser, baseURL }) => {
  const [here] = VISITORS;
  if (!here) throw new Error('There is no visitor');
  const { bytes } = await firstVisit(browser, baseURL ?? '', here);
  expect(bytes.fonts).toBeGreaterThan(0);
  expect(bytes.scripts).toBeGreaterThan(0);
  expect(bytes.scripts + bytes.worker).toBeLessThanOrEqual(MOST_SCRIPT);
  expect(allBytes(bytes)).toBeLessThanOrEqual(MOST_BYTES);
});

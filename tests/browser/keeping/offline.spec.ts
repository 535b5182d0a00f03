import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { saveAs } from '../bench-page.ts';

test.use({ serviceWorkers: 'allow' });

test('with the network cut everything is there: plan, sheet, drawing, sound', async ({ page, context }) => {
  await page.goto('/?new');
  await page.locator('[data-bead]').first().waitFor();
  await page.evaluate(async () => {
    const { active, installing, waiting } = await navigator.serviceWorker.ready;
    const worker = active ?? waiting ?? installing;
    await new Promise<void>((resolve) => {
      if (worker?.state === 'activated') resolve();
      else worker?.addEventListener('statechange', () => worker.state === 'activated' && resolve());
    });
  });
  await context.setOffline(true);
  await page.reload();
  await page.locator('[data-bead]').first().waitFor();
  await page.getByLabel('Octaves').selectOption('one octave');
  await expect(page.locator('[data-bead]')).toHaveCount(8);
  await expect(page.locator('[data-saving="saved"]')).toBeVisible();
  expect((await readFile(await (await saveAs(page, 'SVG')).path())).toString()).toContain('@font-face');
  await page.getByRole('button', { name: 'Play', exact: true }).click();
  await expect(page.locator('[data-playing]')).toBeAttached();
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByRole('group', { name: /^Page 1 of 1/ })).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  expect((await readFile(await (await saved).path())).subarray(0, 4).toString()).toBe('%PDF');
  expect((await page.pdf()).subarray(0, 4).toString()).toBe('%PDF');
  for (const name of ['Compare', 'Measurements']) {
    await page.getByRole('navigation', { name: 'This piece' }).getByRole('link', { name }).click();
    await expect(page.getByRole('navigation', { name: 'This piece' }).getByRole('link', { name })).toHaveAttribute('aria-current', 'page');
  }
  for (const name of ['Studio', 'Practise', 'Atlas']) {
    await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name }).click();
    await expect(page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name })).toHaveAttribute('aria-current', 'true');
  }
  const names = page.getByRole('navigation', { name: 'Atlas' }).getByRole('link', { name: 'Names' });
  await names.click();
  await expect(names).toHaveAttribute('aria-current', 'page');
});

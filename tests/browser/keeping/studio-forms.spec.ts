import type { BrowserContext, Page } from '@playwright/test';
import { expect, test } from '../bench-page.ts';

test('a player’s fields are kept at every key, also what does not read yet', async ({ page, context }) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'New instrument' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Loft viola');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.getByLabel('String length').fill('35x');
  await page.getByRole('textbox', { name: 'Name' }).press('End');
  await page.getByRole('textbox', { name: 'Name' }).pressSequentially(', the old one');
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await again.goto('/setup');
  await again.getByRole('button', { name: /^Loft viola/ }).click();
  await expect(again.getByRole('textbox', { name: 'Name' })).toHaveValue('Loft viola, the old one');
  await expect(again.getByLabel('String length')).toHaveValue('35x');
});

test('two tabs on one instrument: both changes survive, and each form shows them', async ({ page, context }) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'New instrument' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Shared viola');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole('textbox', { name: 'Name' })).toHaveValue('Shared viola');
  await other.getByLabel('String length').fill('333');
  await expect(page.getByLabel('String length')).toHaveValue('333');
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('This was changed in another tab');
  await page.getByRole('textbox', { name: 'Name' }).fill('Shared viola, renamed');
  await expect(other.getByRole('textbox', { name: 'Name' })).toHaveValue('Shared viola, renamed');
  await expect(other.getByLabel('String length')).toHaveValue('333');
});

test('a name stays where it is typed while another tab changes the string length', async ({ page, context }) => {
  const name = page.getByRole('textbox', { name: 'Name' });
  await page.goto('/setup');
  await page.getByRole('button', { name: 'New instrument' }).click();
  await name.fill('Shared');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await name.focus();
  await page.keyboard.press('End');
  for (const [order, letter] of [' ', 'v', 'i', 'o'].entries()) {
    await page.keyboard.insertText(letter);
    await other.getByLabel('String length').fill(String(331 + order));
    await expect(page.getByRole('status', { name: 'Messages' })).toContainText('This was changed in another tab');
  }
  // At a pause the form shows the change of the other tab, and the name goes on where it was.
  await expect(page.getByLabel('String length')).toHaveValue('334');
  await expect(name).toBeFocused();
  await page.keyboard.insertText('la');
  await expect(name).toHaveValue('Shared viola');
  // A space or a decimal point before the pause is not kept in the record, and stays in the field.
  await page.keyboard.insertText(' ');
  await other.getByLabel('String length').fill('340');
  await expect(page.getByLabel('String length')).toHaveValue('340');
  await page.keyboard.insertText('II');
  await expect(name).toHaveValue('Shared viola II');
  await page.getByLabel('Outer strings at the nut').pressSequentially('17.');
  await other.getByLabel('String length').fill('341');
  await expect(page.getByLabel('String length')).toHaveValue('341');
  await page.keyboard.insertText('5');
  await expect(page.getByLabel('Outer strings at the nut')).toHaveValue('17.5');
});

declare global {
  interface Window {
    atPause?: () => void;
  }
}

/** Lets the page call `window.atPause` when the pause after the last letter is over and the fields have not begun again yet. */
async function watchPause(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const wait = window.setTimeout.bind(window);
    Object.assign(window, {
      setTimeout: (work: () => void, ms = 0) =>
        wait(() => {
          work();
          const { atPause } = window;
          if (ms !== 1200 || !atPause) return;
          delete window.atPause;
          atPause();
        }, ms),
    });
  });
}

/** Opens a new instrument, called "Shared", in two tabs; gives the second. */
async function openInTwoTabs(page: Page, context: BrowserContext): Promise<Page> {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'New instrument' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Shared');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  return other;
}

test('a letter that is typed just as the pause ends is not lost', async ({ page, context }) => {
  await watchPause(page);
  const other = await openInTwoTabs(page, context);
  await page.getByLabel('String length').fill('340');
  await expect(other.getByLabel('String length')).toHaveValue('340');
  await page.evaluate(() => {
    window.atPause = () => {
      const field = document.querySelector<HTMLInputElement>('input[name="length"]');
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, '341');
      field?.dispatchEvent(new Event('input', { bubbles: true }));
    };
  });
  await page.getByLabel('String length').pressSequentially('.');
  await other.getByRole('textbox', { name: 'Name' }).fill('Shared viola');
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Shared viola');
  await expect(page.getByLabel('String length')).toHaveValue('341');
  await expect(other.getByLabel('String length')).toHaveValue('341');
});

test('a text that is selected just as the pause ends is typed over', async ({ page, context }) => {
  await watchPause(page);
  const other = await openInTwoTabs(page, context);
  const length = page.getByLabel('String length');
  await length.fill('340');
  await expect(other.getByLabel('String length')).toHaveValue('340');
  await page.evaluate(() => {
    window.atPause = () => {
      // The browser tells of a selection in a later task, and the fields have begun again by then.
      const select = (): void => document.querySelector<HTMLInputElement>('input[name="length"]')?.select();
      void Promise.resolve().then(select);
    };
  });
  await length.press('End');
  await length.pressSequentially('.');
  await other.getByRole('textbox', { name: 'Name' }).fill('Shared viola');
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Shared viola');
  await page.keyboard.insertText('341');
  await expect(length).toHaveValue('341');
});

import type { Page } from '@playwright/test';
import { PIECE_PAGES, ROOMS } from '../../../src/islands/frame/rooms.ts';
import { expect, test } from '../bench-page.ts';

/** Runs in a page before anything of it: the browser refuses to keep texts beside the database. */
function shutLocalStorage(): void {
  Object.defineProperty(window, 'localStorage', {
    get: () => {
      throw new DOMException('Access is denied for this document.', 'SecurityError');
    },
  });
}

/** Runs in a page before anything of it: neither the database nor the place beside it takes anything. */
function refuseEverything(): void {
  IDBObjectStore.prototype.put = () => {
    throw new DOMException('The disk is full', 'QuotaExceededError');
  };
  Storage.prototype.setItem = () => {
    throw new DOMException('The disk is full', 'QuotaExceededError');
  };
}

/** Tells whether the page warns when it is left; it stays open. */
async function warnsOnLeaving(page: Page): Promise<boolean> {
  const asked = page.waitForEvent('dialog', { timeout: 5000 }).then(
    async (dialog) => {
      await dialog.dismiss();
      return dialog.type() === 'beforeunload';
    },
    () => false,
  );
  // A page that nobody has touched is not asked whether it may go.
  await page.mouse.click(5, 400);
  await page.evaluate(() => setTimeout(() => location.assign('/design')));
  return await asked;
}

/** A page, the record opened there, and its change. */
interface Change {
  readonly path: string;
  readonly open: (page: Page) => Promise<void>;
  readonly make: (page: Page) => Promise<void>;
}

const shift = (page: Page) => page.getByLabel('Shift in this school', { exact: true });
const monday = (page: Page) => page.getByLabel('Mon', { exact: true });
const remark = (page: Page) => page.getByRole('textbox', { name: 'Remark' });
const playerName = (page: Page) => page.getByRole('textbox', { name: 'Name' });

const CHANGES: readonly Change[] = [
  {
    path: '/costs',
    open: async (page) => {
      await page.getByLabel('Costs of').selectOption({ index: 1 });
      await shift(page).waitFor();
    },
    make: async (page) => await shift(page).fill('1.9'),
  },
  { path: '/practise/week', open: async (page) => await monday(page).waitFor(), make: async (page) => await monday(page).fill('17') },
  { path: '/setup', open: async (page) => await playerName(page).waitFor(), make: async (page) => await playerName(page).fill('Nobody') },
  {
    path: '/record?part=lesson',
    open: async (page) => await remark(page).waitFor(),
    make: async (page) => await remark(page).fill('Typed'),
  },
];

for (const { path, open, make } of CHANGES) {
  test(`where nothing can be kept, ${path} warns before it is left`, async ({ page }) => {
    await page.goto(path);
    await open(page);
    await page.evaluate(refuseEverything);
    await make(page);
    expect(await warnsOnLeaving(page)).toBe(true);
  });
}

test('what is not saved is said at the head of the page, goes out as a file, and stays as it was typed', async ({ page }) => {
  await page.goto('/practise/week');
  await monday(page).waitFor();
  await page.evaluate(refuseEverything);
  await monday(page).fill('17');
  const notice = page.getByRole('status', { name: 'Not saved' });
  await expect(notice).toContainText('The browser’s storage is full');
  await expect(page.getByText('Not saved', { exact: true })).toBeVisible();
  await expect(monday(page)).toBeFocused();
  await expect(monday(page)).toHaveValue('17');
  const download = page.waitForEvent('download');
  await notice.getByRole('button', { name: 'Save it as a file' }).click();
  expect((await download).suggestedFilename()).toBe('not-saved.json');
});

test('with local storage shut every page works from the database alone', async ({ page }) => {
  test.setTimeout(180_000);
  await page.addInitScript(shutLocalStorage);
  const pages = [...ROOMS.flatMap((room) => [...room.pages]), ...PIECE_PAGES];
  for (const { href, name } of pages) {
    await page.goto(href);
    await expect(page.getByRole('navigation', { name: 'Rooms' }), name).toBeVisible();
    await expect(page.getByText(/Access is denied|storage cannot be opened|This part cannot be shown/), name).toHaveCount(0);
  }
  await page.goto('/costs');
  await page.getByLabel('Costs of').selectOption({ index: 1 });
  await shift(page).fill('1.9');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await page.getByLabel('Costs of').selectOption({ index: 1 });
  await expect(shift(page)).toHaveValue('1.9');
});

test('what is typed stays where it is typed while another tab changes something beside it', async ({ page, context }) => {
  const aim = (of: typeof page) => of.getByLabel('Aim', { exact: true });
  const check = (of: typeof page) => of.getByLabel('Check at the end', { exact: true });
  await page.goto('/practise');
  await aim(page).fill('Calm');
  const other = await context.newPage();
  await other.goto('/practise');
  await expect(aim(other)).toHaveValue('Calm');
  await aim(page).focus();
  await page.keyboard.press('End');
  for (const letter of [' ', 'h', 'a', 'n']) {
    await page.keyboard.insertText(letter);
    await check(other).fill(`Check${letter}`);
    await expect(page.getByRole('status', { name: 'Messages' })).not.toBeEmpty();
  }
  await page.keyboard.insertText('ds');
  await expect(aim(page)).toHaveValue('Calm hands');
  await expect(aim(page)).toBeFocused();
  await expect(check(page)).toHaveValue('Checkn');
  await page.reload();
  await expect(aim(page)).toHaveValue('Calm hands');
  await expect(check(page)).toHaveValue('Checkn');
});

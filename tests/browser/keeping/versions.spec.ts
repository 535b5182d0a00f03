import type { Page } from '@playwright/test';
import { expect, test } from '../bench-page.ts';

const waitUntilSaved = (page: Page) => expect(page.getByRole('banner').getByText('Saved', { exact: true })).toBeVisible();
const monday = (page: Page) => page.getByLabel('Mon', { exact: true });
const aim = (page: Page) => page.getByLabel('Aim', { exact: true });
const shift = (page: Page) => page.getByLabel('Shift in this school', { exact: true });

/** A page on which something of a kind is changed: a field, and two texts for it. */
interface Changed {
  readonly path: string;
  readonly open: (page: Page) => Promise<unknown>;
  readonly field: (page: Page) => ReturnType<Page['getByLabel']>;
  readonly texts: readonly [first: string, second: string];
  /** The words about the version with the first text. */
  readonly told: RegExp;
}

const CHANGED: readonly Changed[] = [
  { path: '/practise/week', open: async (page) => await monday(page).waitFor(), field: monday, texts: ['17', '23'], told: /Mon 17 min/ },
  { path: '/practise', open: async (page) => await aim(page).waitFor(), field: aim, texts: ['Calm hands', 'Loud'], told: /“Calm hands”/ },
  {
    path: '/costs',
    open: async (page) => await page.getByLabel('Costs of').selectOption({ index: 1 }),
    field: shift,
    texts: ['1.9', '2.1'],
    told: /goes back to/,
  },
];

for (const { path, open, field, texts, told } of CHANGED) {
  test(`on ${path} an earlier version is brought back where it stands`, async ({ page, context }) => {
    const [first, second] = texts;
    await page.goto(path);
    await open(page);
    await field(page).fill(first);
    await waitUntilSaved(page);
    // Another tab changes the very same field: the text before is a version in any case.
    const other = await context.newPage();
    await other.goto(page.url());
    await open(other);
    await expect(field(other)).toHaveValue(first);
    await field(other).fill(second);
    await waitUntilSaved(other);
    await expect(field(page)).toHaveValue(second);
    await expect(page.getByText('This was changed in another tab')).toBeVisible();
    await page.getByText('Earlier versions', { exact: true }).click();
    const version = page
      .getByRole('listitem')
      .filter({ hasText: told })
      .filter({ has: page.getByRole('button', { name: 'Bring back' }) });
    await version.first().getByRole('button', { name: 'Bring back' }).click();
    await expect(field(page)).toHaveValue(first);
    await expect(page.getByText('The earlier version is back')).toBeVisible();
    await expect(field(other)).toHaveValue(first);
  });
}

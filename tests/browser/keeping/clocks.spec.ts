import type { BrowserContext, Page } from '@playwright/test';
import { expect, test } from '../bench-page.ts';

// The clock of a browser is that of all its pages.
test.use({ newBrowser: true });

const NOON = new Date('2026-03-09T12:00:00Z');
const BEFORE = new Date('2026-03-09T11:00:00Z');

const aim = (page: Page) => page.getByRole('combobox', { name: 'Next aim' });
const monday = (page: Page) => page.getByLabel('Mon', { exact: true });

/** Moves a page to a time zone from now on, as on a journey. */
async function goTo(context: BrowserContext, page: Page, timezoneId: string): Promise<void> {
  await (await context.newCDPSession(page)).send('Emulation.setTimezoneOverride', { timezoneId });
}

async function setAim(page: Page, text: string): Promise<void> {
  await page.goto('/record?part=lesson');
  await aim(page).fill(text);
  await aim(page).press('Enter');
  await page.keyboard.press('Tab');
  await expect(page.getByText(`“${text}”: open.`)).toBeVisible();
}

test('an aim that is set after the clock was put back counts, and one after it was put forward', async ({ page }) => {
  await page.clock.setFixedTime(NOON);
  await setAim(page, 'Calm hands');
  await page.clock.setFixedTime(BEFORE);
  await setAim(page, 'A light thumb');
  await page.reload();
  await expect(page.getByText('“A light thumb”: open.')).toBeVisible();
  await page.clock.setFixedTime(new Date('2026-03-09T15:00:00Z'));
  await setAim(page, 'An even tempo');
  await page.reload();
  await expect(page.getByText('“An even tempo”: open.')).toBeVisible();
});

test('a week that is changed after the clock was put back is changed, in both tabs', async ({ page, context }) => {
  await page.clock.setFixedTime(NOON);
  await page.goto('/practise/week');
  await monday(page).fill('17');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.clock.setFixedTime(BEFORE);
  const other = await context.newPage();
  await other.goto('/practise/week');
  await expect(monday(other)).toHaveValue('17');
  await monday(other).fill('23');
  await expect(other.getByText('Saved', { exact: true })).toBeVisible();
  await expect(monday(page)).toHaveValue('23');
  await monday(page).fill('29');
  await expect(monday(other)).toHaveValue('29');
  await other.reload();
  await expect(monday(other)).toHaveValue('29');
});

test('what was noted late in the evening stays on its day, in whatever time zone it is read', async ({ page, context }) => {
  await page.clock.setFixedTime(new Date('2026-03-09T22:30:00Z'));
  await goTo(context, page, 'Europe/Berlin');
  await page.goto('/record?part=lesson');
  await page.getByRole('textbox', { name: 'Remark' }).fill('Before bed');
  await page.getByRole('textbox', { name: 'Remark' }).press('Enter');
  await expect(page.getByRole('listitem').filter({ hasText: 'Before bed' })).toBeVisible();
  for (const zone of ['Asia/Tokyo', 'America/Los_Angeles']) {
    const away = await context.newPage();
    await goTo(context, away, zone);
    await away.goto('/record?part=days');
    await expect(away.getByRole('article', { name: 'Monday 9 March 2026' })).toContainText('Before bed');
  }
});

for (const [name, evening] of [
  ['summer time begins', '2026-03-28T22:30:00Z'],
  ['summer time ends', '2026-10-24T21:30:00Z'],
] as const) {
  test(`the week in which ${name} has every day once`, async ({ page, context }) => {
    await page.clock.setFixedTime(new Date(evening));
    await goTo(context, page, 'Europe/Berlin');
    await page.goto('/practise/week');
    const days = page.getByRole('heading', { level: 2, name: /^(Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day \d+ / });
    await expect(days.first()).toBeVisible();
    const told = await days.allTextContents();
    const first = new Date(evening).getUTCDate();
    expect(told.slice(0, 3).map((day) => Number(/\d+/.exec(day)?.[0]))).toEqual([first, first + 1, first + 2]);
    expect(new Set(told).size).toBe(told.length);
  });
}

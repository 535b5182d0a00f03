import type { Locator, Page } from '@playwright/test';
import { expect, test, waitUntilSaved } from '../bench-page.ts';
import { openSessions } from '../stand-page.ts';

const line = (page: Page): Locator => page.getByRole('region', { name: 'Items in time' });
const titles = (page: Page): Locator => page.getByRole('region', { name: 'The session', exact: true }).locator('ol > li strong');

/** Drags something by a distance, px, as a hand does: pressed, moved in steps, released. */
async function drag(page: Page, from: Locator, x: number, y = 0): Promise<void> {
  const box = await from.boundingBox();
  if (!box) throw new Error('There is nothing to drag');
  const [startX, startY] = [box.x + Math.min(20, box.width / 2), box.y + Math.min(14, box.height / 2)];
  await page.mouse.move(startX, startY);
  await page.mouse.down();
  await page.mouse.move(startX + x / 2, startY + y / 2, { steps: 4 });
  await page.mouse.move(startX + x, startY + y, { steps: 6 });
  await page.mouse.up();
}

/** Presses a key, and waits for what a screen reader says then. */
async function pressAndHear(page: Page, key: string, said: string): Promise<void> {
  await page.keyboard.press(key);
  await expect(page.getByRole('status').filter({ hasText: said })).toBeAttached();
}

test('a session lies in time: items are moved by pointer and by keys, their ends are pulled, and each step is undone', async ({ page }) => {
  await openSessions(page, 'Martin');
  await expect(line(page).locator('svg rect').first()).toBeAttached();
  const first = line(page).getByRole('button', { name: 'Move 1. B♭ major, up and down' });
  const width = (await first.boundingBox())?.width ?? 0;
  const second = await line(page)
    .getByRole('button', { name: /^Move 2/ })
    .boundingBox();
  expect(Math.abs((second?.width ?? 0) - width)).toBeLessThan(2);
  await drag(page, first, width + 40);
  await expect(titles(page)).toContainText(['1. D minor arpeggio', '2. B♭ major, up and down']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(titles(page)).toContainText(['1. B♭ major, up and down', '2. D minor arpeggio']);
  await first.focus();
  await pressAndHear(page, 'Space', 'Over place 1.');
  await pressAndHear(page, 'ArrowRight', 'Over place 2.');
  await page.keyboard.press('Space');
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('B♭ major, up and down is item 2 now.');
  await expect(titles(page)).toContainText(['1. D minor arpeggio', '2. B♭ major, up and down']);
  const end = line(page).getByRole('slider', { name: 'Minutes of 1. D minor arpeggio' });
  await end.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(end).toHaveAttribute('aria-valuenow', '4');
  await expect(page.getByLabel('Minutes', { exact: true }).first()).toHaveValue('4');
  await expect(line(page)).toContainText('9 minutes');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Minutes', { exact: true }).first()).toHaveValue('5');
  const box = await end.boundingBox();
  await page.mouse.move((box?.x ?? 0) + 12, (box?.y ?? 0) + 60);
  await page.mouse.down();
  await page.mouse.move((box?.x ?? 0) + 12 - 2 * (width / 5), (box?.y ?? 0) + 60, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByLabel('Minutes', { exact: true }).first()).toHaveValue('3');
  await waitUntilSaved(page);
  await page.reload();
  await expect(end).toHaveAttribute('aria-valuenow', '3');
});

test('a step is no longer undone once another tab has changed what it did', async ({ page, context }) => {
  await openSessions(page, 'Martin');
  const end = line(page).getByRole('slider').first();
  await end.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
  await waitUntilSaved(page);
  const other = await context.newPage();
  await openSessions(other, 'Martin');
  await expect(line(other).getByRole('slider').first()).toHaveAttribute('aria-valuenow', '6');
  await line(other).getByRole('slider').nth(1).focus();
  await other.keyboard.press('ArrowRight');
  await expect(line(page).getByRole('slider').nth(1)).toHaveAttribute('aria-valuenow', '6');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
});

test('the week stands in columns: a block goes to another day by pointer and by keys, says why it stands there, and comes back', async ({
  page,
}) => {
  await page.goto('/practise/week');
  await page.getByLabel('For whom').selectOption({ label: 'Robin' });
  const week = page.getByRole('region', { name: 'The week in columns' });
  const columns = week.locator('ol > li');
  await expect(columns).toHaveCount(7);
  await expect(week).toContainText(/Studio recital: \w+day \d+ \w+, in \d+ days/);
  const blocks = columns.first().getByRole('button');
  await expect(blocks.first()).toBeVisible();
  const [count, name] = [await blocks.count(), (await blocks.first().getAttribute('aria-label')) ?? ''];
  const [what = ''] = name.split(', 5 min');
  const there = (column: number): Locator =>
    columns.nth(column).getByRole('button', { name: new RegExp(`^${what.replace(/[()]/g, '.')}, 5 min`) });
  const step = ((await columns.nth(1).boundingBox())?.x ?? 0) - ((await columns.first().boundingBox())?.x ?? 0);
  await drag(page, blocks.first(), 2 * step, 30);
  await expect(there(2)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(blocks).toHaveCount(count);
  await there(0).focus();
  await pressAndHear(page, 'Space', `Over ${await columns.first().getAttribute('aria-label')}.`);
  for (const column of [1, 2]) await pressAndHear(page, 'ArrowRight', `Over ${await columns.nth(column).getAttribute('aria-label')}.`);
  await page.keyboard.press('Space');
  await expect(there(2)).toBeVisible();
  await there(2).press('Enter');
  const why = page.getByRole('dialog', { name: 'Why it stands here' });
  await expect(why).toContainText('5 min, moved here by hand');
  await why.getByLabel(/^Day of/).selectOption('where it fits');
  await expect(blocks).toHaveCount(count);
});

test('eight weeks are seen day by day; a week that is pressed shows its days', async ({ page }) => {
  await page.goto('/record');
  await page.getByLabel('For whom').selectOption({ label: 'Martin' });
  const weeks = page.getByRole('region', { name: 'Eight weeks, day by day' }).getByRole('button');
  await expect(weeks).toHaveCount(8);
  const days = page.getByRole('article');
  await expect(days).toHaveCount(7);
  await weeks.first().click();
  const [, told = ''] = /: (\d+) days/.exec((await weeks.first().getAttribute('aria-label')) ?? '') ?? [];
  await expect(days).toHaveCount(Number(told));
  await page.getByRole('button', { name: 'All weeks' }).click();
  await expect(days).toHaveCount(7);
  await expect(page.getByRole('region', { name: 'Tempos of each piece' }).locator('figure')).toHaveCount(3);
});

test('where it was missed stands on staff, path and fingerboard, with the same counts in the tables', async ({ page }) => {
  await page.goto('/record?part=trends');
  await page.getByLabel('For whom').selectOption({ label: 'Robin' });
  const onLine = page.getByRole('region', { name: 'Where it was missed', exact: true });
  await expect(onLine.locator('[data-missed]').first()).toBeAttached();
  const drawn = await onLine.locator('[data-missed] text').allTextContents();
  await onLine.getByText('Table of the misses').click();
  const rows = onLine.getByRole('table').locator('tbody tr');
  await expect(rows).toHaveCount(drawn.length);
  const counted = await rows.locator('td:nth-child(2)').allTextContents();
  expect(counted.map((text) => text.split(' ')[0]).toSorted()).toEqual(drawn.toSorted());
  const board = page.getByRole('region', { name: 'On the fingerboard' });
  await board.getByText('Table of the places').click();
  await expect(board.getByRole('table')).toContainText(/\d+ of \d+: .*\d+ sharp/);
  await expect(page.getByRole('region', { name: 'What has become sure' })).toContainText(/times good\.|Nothing yet/);
});

test('the lesson is on one page: music of what was missed, points of posture to begin with, the next session; printed on one sheet', async ({
  page,
}) => {
  await page.goto('/record?part=lesson');
  await page.getByLabel('For whom').selectOption({ label: 'Martin' });
  const missed = page.getByRole('region', { name: 'Missed most' });
  await expect(missed.locator('.vf-notehead').first()).toBeVisible();
  await expect(missed.getByRole('listitem')).toHaveCount(3);
  await expect(page.getByRole('region', { name: 'Next session' })).toContainText('D minor arpeggio, 5 min');
  const pdf = await page.pdf({ format: 'A4' });
  expect(pdf.toString('latin1').match(/\/Type \/Page\b(?!s)/g)).toHaveLength(1);
  await page.goto('/setup');
  await page.getByRole('button', { name: 'New player' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Sparrow');
  await waitUntilSaved(page);
  await page.goto('/record?part=lesson');
  await page.getByLabel('For whom').selectOption({ label: 'Sparrow' });
  const posture = page.getByRole('region', { name: 'Posture' });
  await posture.getByRole('button', { name: /^Begin with the usual points for the violin/ }).click();
  await expect(posture.getByRole('listitem').filter({ hasText: 'Left thumb loose · It can tap the neck' })).toBeVisible();
});

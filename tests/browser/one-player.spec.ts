import type { Page } from '@playwright/test';
import { expect, openNewPiece, openPiece, test } from './bench-page.ts';

const MARTIN = 'demo-player-martin';

function forWhom(page: Page) {
  return page.getByLabel('For whom');
}

/** Gives the items of the session that is shown. */
function itemsOf(page: Page) {
  return page.getByRole('region', { name: 'The session' }).locator('ol > li');
}

test('the player is chosen once: every room opens for that player and on that player’s instrument', async ({ page }) => {
  await page.goto('/record');
  await forWhom(page).selectOption({ label: 'Martin' });
  await expect(page).toHaveURL(new RegExp(`player=${MARTIN}`));
  const rooms = page.getByRole('navigation', { name: 'Rooms' });
  for (const room of ['Practise', 'Record', 'Studio', 'Atlas']) {
    await rooms.getByRole('link', { name: room, exact: true }).click();
    await expect(forWhom(page)).toHaveValue(MARTIN);
    await expect(page).toHaveURL(new RegExp(`player=${MARTIN}`));
  }
  await expect(page.getByLabel('Instrument')).toHaveText(/Martin’s cello/);
  await page.getByRole('link', { name: 'Names', exact: true }).click();
  await expect(page.getByText(/^Ask Martin on/)).toBeVisible();
  for (const [path, label] of [
    ['/tuner', 'Instrument to tune'],
    ['/tapes', 'Instrument'],
  ] as const) {
    await page.goto(path);
    await expect(page.getByLabel(label)).toHaveText(/Martin’s cello/);
  }
});

test('a piece that is opened brings its player along, and another player’s last piece comes with that player', async ({ page }) => {
  await openPiece(page, 'B♭ major, up and down');
  await expect(forWhom(page)).toHaveValue(MARTIN);
  await forWhom(page).selectOption({ label: 'Robin' });
  await expect(page.getByLabel('Player')).toHaveValue('Robin');
  await page.getByRole('link', { name: 'Practise', exact: true }).click();
  await expect(forWhom(page)).toHaveValue('demo-player-robin');
});

test('a new piece is for the player who is taught; one for nobody is given with one press, and stands marked in the lists', async ({
  page,
}) => {
  await openNewPiece(page);
  await expect(page.getByLabel('Player')).toHaveValue('');
  await page.getByLabel('Name of the piece').fill('For anybody');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto(`/practise?player=${MARTIN}`);
  await expect(page.getByLabel('Piece or drill').getByRole('option', { name: 'For anybody (for nobody yet)' })).toHaveCount(1);
  await openPiece(page, 'For anybody');
  await page.getByRole('button', { name: 'Give it to Martin' }).click();
  await expect(page.getByLabel('Player')).toHaveValue('Martin');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await openNewPiece(page);
  await expect(page.getByLabel('Player')).toHaveValue('Martin');
});

test('the map’s scale is played for the player and on the instrument of the map', async ({ page }) => {
  await page.goto(`/atlas?player=${MARTIN}`);
  await page
    .getByRole('button', { name: /^Play it/ })
    .first()
    .click();
  await expect(page.getByLabel('Player')).toHaveValue('Martin');
  await expect(page.getByLabel('Studio instrument')).toHaveText(/Martin’s cello/);
});

test('from the bench the whole piece, a hot spot, a shift and a selection go into the right player’s session, each once', async ({
  page,
}) => {
  await openPiece(page, 'B♭ major, up and down');
  const messages = page.getByRole('status', { name: 'Messages' });
  const next = page.getByRole('complementary', { name: 'Selected note' });
  for (const said of ['in Martin’s session for today', 'already in Martin’s session for today']) {
    await next.getByRole('button', { name: 'Put it in today’s session' }).click();
    await expect(messages).toContainText(said);
  }
  await next
    .getByRole('region', { name: 'Hot spots' })
    .getByRole('button', { name: /in today’s session$/ })
    .first()
    .click();
  await expect(messages).toContainText(/^Measure \d+, .*: (already )?in Martin’s session for today/);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await next.getByRole('region', { name: 'Selected passage' }).getByRole('button', { name: 'Put it in today’s session' }).click();
  await expect(messages).toContainText(/^Measure 1, beat 1 to /);
  await next.getByRole('region', { name: 'Selected passage' }).getByRole('button', { name: 'Put it in the week' }).click();
  await expect(messages).toContainText('in Martin’s week');
  await messages.getByRole('link', { name: 'Open the week' }).click();
  await expect(forWhom(page)).toHaveValue(MARTIN);
  await expect(page.getByRole('region', { name: 'To be practised' })).toContainText(/B♭ major, up and down, measure 1, beat 1 to /);
  await page.getByRole('link', { name: 'Session', exact: true }).click();
  await expect(itemsOf(page).filter({ hasText: 'B♭ major, up and down, all of it' })).toHaveCount(1);
  await expect(itemsOf(page).filter({ hasText: 'measure 1, beat 1 to ' })).toHaveCount(1);
});

test('a session takes a hot spot, a shift, a measure, and notes that are marked on the staff', async ({ page }) => {
  await page.goto('/practise?player=demo-player-wren');
  const part = page.getByLabel('What of it');
  await expect(part.getByRole('option', { name: /^hot spot, measure 2, / })).toHaveCount(2);
  const before = await itemsOf(page).count();
  for (const name of [/^shift to measure 3, beat 2 \(E♭6\)/, /^measure 2$/]) {
    await part.selectOption(await part.getByRole('option', { name }).textContent());
    await page.getByRole('button', { name: 'Put it in', exact: true }).click();
  }
  await part.selectOption('notes marked on the staff');
  await expect(page.getByRole('button', { name: 'Put it in', exact: true })).toBeDisabled();
  const heads = page.getByRole('group', { name: 'The notes' }).locator('[data-staff-note]');
  await heads.nth(1).click();
  await heads.nth(3).click();
  await page.getByRole('button', { name: 'Put it in', exact: true }).click();
  await expect(itemsOf(page)).toHaveCount(before + 3);
  await expect(itemsOf(page).last()).toContainText('measure 1, after beat 1 to after beat 2 (B♭3 to D♭4)');
});

test('another page of a new piece that nobody has changed yet is of that piece, and not of the last', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await page.goto(`/pieces?player=${MARTIN}`);
  await openNewPiece(page);
  await page.getByRole('navigation', { name: 'This piece' }).getByRole('link', { name: 'Drills' }).click();
  await expect(page.getByText(/^G major, two octaves, up, for Martin/)).toBeVisible();
  await expect(forWhom(page)).toHaveValue(MARTIN);
});

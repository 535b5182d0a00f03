import type { Page } from '@playwright/test';
import { expect, openNewPiece, openPiece, planDrawn, waitUntilSaved, test } from '../bench-page.ts';

async function openSetup(page: Page, name: string): Promise<void> {
  await page.goto('/');
  await planDrawn(page);
  await page.getByRole('link', { name: 'Studio' }).click();
  await page.getByRole('link', { name: 'Players, instruments, schools' }).click();
  await page.getByRole('complementary', { name: 'Studio' }).getByRole('button', { name }).click();
}

test('a measured string moves every piece that uses the instrument, and the piece tells what changed', async ({ page }) => {
  await openSetup(page, 'Wren’s ¾ violin');
  await page.getByLabel('String length').fill('320');
  const used = page.getByRole('region', { name: 'Used by' });
  await expect(used).toContainText('String length: 320 mm (was: typical for the size).');
  await expect(used).toContainText('The widest reach is 76 mm, before 73 mm.');
  await used.getByRole('link', { name: 'A♭ major in three octaves', exact: true }).click();
  await planDrawn(page);
  const notice = page.getByRole('region', { name: 'Changed in the Studio' });
  await expect(notice).toContainText('String length: 320 mm (was: typical for the size).');
  await expect(page.getByRole('img', { name: 'Fingerboard of the ¾ violin, string 320 mm' })).toBeVisible();
  await notice.getByRole('button', { name: 'Keep this piece as it was' }).click();
  await expect(page.getByRole('img', { name: 'Fingerboard of the ¾ violin, string 307 mm' })).toBeVisible();
  await expect(notice).toBeHidden();
});

test('a change that is good is settled and does not come back', async ({ page }) => {
  await openSetup(page, 'Martin cello');
  await page.getByLabel('Hand', { exact: true }).selectOption('an average hand (estimate)');
  await expect(page.getByRole('region', { name: 'Used by' })).toContainText('Hand: an average hand (was: not measured)');
  await page.getByRole('link', { name: 'B♭ major, up and down', exact: true }).click();
  await page.getByRole('button', { name: 'OK' }).click();
  await waitUntilSaved(page);
  await page.reload();
  await planDrawn(page);
  await expect(page.getByRole('region', { name: 'Changed in the Studio' })).toBeHidden();
  await expect(page.getByLabel('Hand', { exact: true })).toHaveValue('average');
});

test('a player is brought back as in an earlier version, and how it was until then is one too', async ({ page }) => {
  await openSetup(page, 'Robin violin');
  await page.getByLabel('Name', { exact: true }).fill('Robin Redbreast');
  const versions = page.getByRole('group').filter({ hasText: 'Earlier versions' });
  await versions.getByText('Earlier versions').click();
  await expect(versions.getByRole('listitem')).toContainText(['goes back to: the name “Robin”']);
  await versions.getByRole('button', { name: 'Bring back' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('The earlier version is back.');
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Robin');
  await expect(versions.getByRole('listitem').first()).toContainText('goes back to: the name “Robin Redbreast”');
});

test('what cannot be is named with its sane range, and what was typed stays', async ({ page }) => {
  await openSetup(page, 'Robin’s violin');
  const length = page.getByLabel('String length');
  for (const wrong of ['2000', '0', '-5']) {
    await length.fill(wrong);
    await expect(page.getByText(/from 160 to 370|between 160 and 370|160 to 370/)).toBeVisible();
    await expect(length).toHaveValue(wrong);
  }
  await length.fill('326,5');
  await expect(page.getByText('326.5 mm from nut to bridge, measured')).toBeVisible();
  await page.getByLabel('String 1, sounding pitch').fill('C4');
  await expect(page.getByRole('group', { name: 'Strings, highest first' })).toContainText('A4');
  await expect(page.getByLabel('String 1, sounding pitch')).toHaveValue('C4');
});

test('a hand of 3 mm is refused, and one that is measured judges the home frame', async ({ page }) => {
  await openSetup(page, 'Robin violin');
  await page.getByLabel('Hand', { exact: true }).selectOption('measured with the ruler');
  await page.getByLabel('First to fourth, comfortable, mm').fill('3');
  await page.getByLabel('First to fourth, at most, mm').fill('3');
  await expect(page.getByText(/20 to 350 mm/)).toBeVisible();
  await page.getByLabel('First to fourth, comfortable, mm').fill('60');
  await page.getByLabel('First to fourth, at most, mm').fill('70');
  await expect(page.getByText(/First position at rest asks for 73 mm/)).toContainText('out of reach');
});

test('a new player and instrument are made, found on the bench by name, and deleted with undo', async ({ page }) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'New instrument' }).click();
  await expect(page.getByRole('heading', { name: 'New instrument', exact: true })).toBeVisible();
  await page.getByLabel('Name').fill('Wagtail’s viola');
  await page.getByRole('combobox', { name: 'Instrument' }).selectOption('viola');
  await page.getByLabel('String length').fill('362');
  await page.getByRole('button', { name: 'New player' }).click();
  await expect(page.getByRole('heading', { name: 'New player', exact: true })).toBeVisible();
  await page.getByLabel('Name').fill('Wagtail');
  await page.getByLabel('Plays').selectOption('viola');
  await page.getByLabel('On', { exact: true }).selectOption('Wagtail’s viola');
  await expect(page.getByRole('heading', { name: 'Wagtail', exact: true })).toBeVisible();
  await waitUntilSaved(page);
  await openNewPiece(page);
  await expect(page.getByLabel('Player')).toHaveValue('Wagtail');
  await page.getByLabel('Player').fill('');
  await page.getByLabel('Player').fill('Wagtail');
  await expect(page.getByLabel('Studio instrument')).toHaveValue(/^[\w-]{21}$/);
  await expect(page.getByRole('img', { name: /^Fingerboard of the .* viola, string 362 mm$/ })).toBeVisible();
  await page.goto('/setup');
  await page.getByRole('button', { name: /^Wagtail viola/ }).click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('alert')).toContainText('There is 1 piece for Wagtail: delete it too, or keep it without a player.');
  await page.getByRole('button', { name: 'Delete the player, keep the pieces' }).click();
  await expect(page.getByRole('button', { name: /^Wagtail viola/ })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Wagtail', exact: true })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Used by' }).getByRole('link')).toHaveCount(1);
});

test('a player of whom only the kind of instrument is changed is kept with the new one', async ({ page }) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'New player' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Wagtail');
  await waitUntilSaved(page);
  await page.reload();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Wagtail');
  await page.getByLabel('Plays').selectOption('viola');
  await waitUntilSaved(page);
  await page.reload();
  await expect(page.getByLabel('Plays')).toHaveValue('viola');
});

test('an instrument of the studio is taken in the sentence, and left for one described', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await page.getByLabel('Studio instrument').selectOption('Robin’s violin');
  await expect(page.getByRole('img', { name: 'Fingerboard of the full-size violin, string 328 mm' })).toBeVisible();
  await page.getByLabel('Studio instrument').selectOption('a');
  await page.getByLabel('Size', { exact: true }).selectOption('½');
  await expect(page.getByRole('img', { name: 'Fingerboard of the ½ violin, string 283 mm' })).toBeVisible();
});

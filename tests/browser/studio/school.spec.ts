import type { Page } from '@playwright/test';
import {
  beads,
  expect,
  findings,
  fingers,
  openNewPiece,
  openPiece,
  planDrawn,
  waitUntilSaved,
  test,
  tellWholeBrief,
} from '../bench-page.ts';

async function openSchool(page: Page): Promise<void> {
  await page.goto('/setup');
  await page.getByRole('complementary', { name: 'Studio' }).getByRole('button', { name: 'Dovecote studio' }).click();
}

async function pressKeys(page: Page, keys: readonly string[]): Promise<void> {
  for (const key of keys) await page.keyboard.press(key);
}

test('a school tells both sides of a question, and its pieces follow the one that is taken', async ({ page }) => {
  await openSchool(page);
  expect(await findings(page)).toEqual([]);
  const question = page.getByRole('group', { name: 'Open strings above first position' });
  await expect(question).toContainText('no open strings above first position · The colour stays even, and the hand keeps its place.');
  await page
    .getByRole('group', { name: 'The way down' })
    .getByLabel(/^one fingering up and down/)
    .check();
  const used = page.getByRole('region', { name: 'Used by' });
  await expect(used).toContainText('One fingering up and down (was: a separate fingering going down).');
  await page.getByText('Saved', { exact: true }).waitFor();
  await openPiece(page, 'B♭ major, up and down');
  await expect(page.getByRole('region', { name: 'Changed in the Studio' })).toContainText('One fingering up and down');
  await expect(page.getByRole('region', { name: 'Brief' })).toContainText('fingered the same both ways');
});

test('a piece is taught differently from its school, and only that is told in the sentence', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  const wishes = page.getByRole('button', { name: /^Preferences:/ });
  await expect(wishes).toHaveText(/no preferences/);
  await wishes.click();
  const popover = page.getByRole('dialog', { name: 'Preferences' });
  await popover.getByText('Taught differently here').click();
  await popover.getByLabel(/^Open string or fourth finger, going up/).selectOption('the fourth finger going up');
  await page.keyboard.press('Escape');
  await expect(wishes).toHaveText(/the fourth finger going up/);
  await expect.poll(() => fingers(page)).toBe('0 1 2 3 4 1 2 3 4 1 2 3 4 1 2');
});

test('a player may be taught differently, and the pieces of this player follow', async ({ page }) => {
  await page.goto('/setup');
  await page.getByRole('complementary', { name: 'Studio' }).getByRole('button', { name: 'Wren violin', exact: true }).click();
  await page.getByText('Taught as the school teaches').click();
  await page.getByLabel('Open string or fourth finger, coming down').selectOption('the fourth finger coming down');
  await expect(page.getByRole('region', { name: 'Used by' })).toContainText(
    'The fourth finger coming down (was: whichever suits, coming down).',
  );
});

test('the costs of a school are edited beside what they do to a piece, and what cannot be is told', async ({ page }) => {
  await page.goto('/costs');
  await page.getByLabel('Costs of').selectOption('Dovecote studio');
  const field = page.getByLabel('Shift in this school', { exact: true });
  await field.fill('-9');
  await expect(page.getByRole('row', { name: /A shift interrupts the line, whatever its size/ })).toContainText(/-9|−9|from −?2|between/);
  await expect(field).toHaveValue('-9');
  await page.getByLabel('What it does to').selectOption('A♭ major in three octaves');
  await field.fill('9');
  await expect(page.getByRole('region', { name: 'What it does' })).toContainText('Costs of the school changed.');
  await expect(page.getByRole('region', { name: 'What it does' })).toContainText(/fingered differently|stays as it is/);
});

test('notes may be asked to stay on a string, from here to there', async ({ page }) => {
  await openNewPiece(page);
  await page.locator('[data-staff-note="4"]').click();
  await page.locator('[data-staff-note="6"]').click({ modifiers: ['Shift'] });
  const passage = page.getByRole('region', { name: 'Selected passage' });
  await passage.getByText('Only for these notes').click();
  await passage.getByRole('button', { name: 'only G' }).click();
  await expect(page.getByRole('button', { name: /^Preferences:/ })).toHaveText(/only the G string from measure 1, beat 3 to beat 4/);
  await expect(page.getByText('For these notes', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /^Preferences:/ }).click();
  await page.getByRole('dialog', { name: 'Preferences' }).getByRole('button', { name: 'Delete' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Preferences:/ })).toHaveText(/no preferences/);
});

test('what the fingers do and the steps of the scale stand under the staff, in words, and on the sheet', async ({ page }) => {
  await openNewPiece(page);
  await page.locator('[data-staff-note="2"]').click();
  await pressKeys(page, ['f', 'd']);
  await expect(page.locator('[data-finger-does="plays"]').first()).toBeAttached();
  await expect(page.locator('[data-finger-does="stays"]').first()).toBeAttached();
  await expect(page.locator('[data-steps] path').first()).toBeAttached();
  await page.getByText('What the fingers do').click();
  await expect(page.getByText(/stays? down\.|has anything to do here/)).toBeVisible();
  await page.getByLabel('Name of the piece').fill('Lanes');
  await waitUntilSaved(page);
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByText('a bracket for a tone')).toBeVisible();
  await expect(page.getByText('Fingers, a lane for each', { exact: false })).toBeVisible();
  await page.getByLabel('Fingers down and lifted').uncheck();
  await expect(page.getByText('Fingers, a lane for each', { exact: false })).toHaveCount(0);
});

test('a pattern gets the teacher’s own name, kept with the school', async ({ page }) => {
  await openNewPiece(page);
  await page.getByText('Finger patterns, landmarks, fingers set down together').click();
  const name = page.getByLabel(/^Your name for/).first();
  await name.fill('the low pattern');
  await name.press('Tab');
  await waitUntilSaved(page);
  await page.goto('/setup');
  await page.getByRole('complementary', { name: 'Studio' }).getByRole('button', { name: 'Dovecote studio' }).click();
  await page.getByText('Your names for finger patterns').click();
  await expect(page.getByRole('listitem').getByRole('textbox').first()).toHaveValue('the low pattern');
});

test('a name for a pattern that was being typed is there again, and kept, when its page is opened again', async ({ page, context }) => {
  await openNewPiece(page);
  await waitUntilSaved(page);
  const address = page.url();
  await page.getByText('Finger patterns, landmarks, fingers set down together').click();
  await page.getByLabel('Your name for 2 and 3 close').first().fill('half typed');
  await page.goto('about:blank');
  const again = await context.newPage();
  await again.goto(address);
  await again.getByText('Finger patterns, landmarks, fingers set down together').click();
  await expect(again.getByLabel('Your name for 2 and 3 close').first()).toHaveValue('half typed');
  await openSchool(page);
  await page.getByText('Your names for finger patterns').click();
  await expect(page.getByRole('listitem').getByRole('textbox').first()).toHaveValue('half typed');
});

test('a limit tells how far the key goes within it, and takes the scale to its last note there', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await tellWholeBrief(page);
  await page.getByRole('button', { name: /^Positions:/ }).click();
  await page.getByRole('button', { name: 'only first position' }).click();
  await expect(page.getByText('A♭ major goes from A♭3 to A♭5 here, 2 octaves')).toBeVisible();
  await page.getByRole('button', { name: 'Play the scale from A♭3 to B♭5' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Further')).toHaveValue('1');
  await planDrawn(page);
  await expect(page.getByText('16 notes · no shift')).toBeVisible();
});

test('the third correction of a kind is offered as a rule, once, and can be taken back', async ({ page }) => {
  await openPiece(page, 'Evening line');
  const offer = page.getByRole('region', { name: 'A rule of the school' });
  const line = async (text: string): Promise<void> => {
    await page.goto('/?new');
    await planDrawn(page);
    await page.getByLabel('Material').selectOption('line of my own');
    await page.getByRole('textbox', { name: /^Notes, for example/ }).fill(text);
    await expect(beads(page)).toHaveCount(text.split(' ').length);
  };
  const coverSecond = async (): Promise<void> => {
    await page.locator('[data-staff-note="1"]').click();
    await page.keyboard.press('4');
    await expect.poll(async () => (await fingers(page)).split(' ')[1]).toBe('4');
  };
  for (const text of ['G4 A4 B4', 'F#4 A4 B4']) {
    await line(text);
    await coverSecond();
    await waitUntilSaved(page);
    await expect(offer).toBeHidden();
  }
  await line('E4 A4 C5');
  await coverSecond();
  await expect(offer).toContainText('You have chosen the fourth finger going up 3 times.');
  await expect(offer).toContainText('As a rule of Dovecote studio it would change');
  await offer.getByRole('button', { name: 'Make it a rule' }).click();
  await expect(offer).toContainText('Dovecote studio now teaches the fourth finger going up.');
  await offer.getByRole('button', { name: 'Undo' }).click();
  await expect(offer).toBeHidden();
  await openSchool(page);
  await expect(
    page.getByRole('group', { name: 'Open string or fourth finger, going up' }).getByLabel('whichever suits, going up'),
  ).toBeChecked();
});

test('where teachers differ is told at a shift, and nowhere else', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('complementary', { name: 'Selected note' })).not.toContainText('Where teachers differ');
  await page.keyboard.press('s');
  await page.getByText('Where teachers differ').click();
  await expect(page.getByText('The thumb going ahead: coming down, the neck is free before the left hand moves.')).toBeVisible();
  await expect(page.getByText('No vibrato until the place is sure: the pitch can be judged.')).toBeVisible();
});

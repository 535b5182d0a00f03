import { expect, findCommand, openNewPiece, planDrawn, tellWholeBrief, test, waitUntilSaved } from '../bench-page.ts';

test('a line in another rhythm and bowing, found by typing; a practice page of its variants', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  await page.getByLabel('Direction').selectOption({ label: 'up and down' });
  await findCommand(page, 'dotted short', /^Rhythm: dotted, short and long/);
  await expect(page.getByLabel('Rhythm', { exact: true })).toHaveValue('short-long');
  await page.getByLabel('Rhythm', { exact: true }).selectOption({ label: 'in triplets' });
  await expect(page.locator('[data-tuplet="3"]').first()).toBeVisible();
  await page.getByLabel('Bowing').selectOption({ label: 'two slurred, two separate' });
  await page.getByLabel('Accents').selectOption({ label: 'an accent on the first of four' });
  await expect(page.locator('[data-accent]')).toHaveCount(8);
  await page.getByLabel('Beginning').selectOption({ label: 'with a quarter before the first bar line' });
  await planDrawn(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Beginning')).toHaveValue('');
  await page.getByLabel('Octaves').selectOption({ label: 'three octaves' });
  await planDrawn(page);
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await page.getByRole('button', { name: 'Variants: none' }).click();
  await page.getByLabel('one long and two short').check();
  await page.getByLabel('one separate, three slurred').check();
  const pages = page.getByRole('article', { name: 'Pages' });
  await expect(pages).toContainText('1. One long and two short');
  await expect(pages).toContainText('… and so on.');
  await page.getByLabel('All of each, not its beginning alone').check();
  await page.keyboard.press('Escape');
  await expect(pages).not.toContainText('… and so on.');
  // The bow of each variant is drawn under it.
  await page.getByLabel('Bow', { exact: true }).check();
  await expect(pages.getByText('frog').nth(2)).toBeVisible();
  await expect(pages.getByText(/bows: the first down/)).toHaveCount(3);
  await waitUntilSaved(page);
  await page.reload();
  await expect(pages).toContainText('1. One long and two short');
});

test('a scale from another degree, its top note twice and a turn at the bottom; the arpeggios of a scale book in one line', async ({
  page,
}) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  await page.getByLabel('Direction').selectOption({ label: 'up and down' });
  await page.getByLabel('Lowest note').selectOption({ label: 'G4' });
  await page.getByLabel('Octaves').selectOption({ label: 'one octave' });
  await expect(page.getByText('15 notes')).toBeVisible();
  await page.getByLabel('Top note').selectOption({ label: 'the top note twice' });
  await expect(page.getByText('16 notes')).toBeVisible();
  // Two ways that are no mirror of each other cannot have the same fingers.
  await expect(page.getByLabel('Way down')).toHaveCount(0);
  await page.getByLabel('Bottom').selectOption({ label: 'with a turn at the bottom' });
  await expect(page.getByText('18 notes')).toBeVisible();
  await page.getByLabel('Bottom').selectOption({ label: 'ending on the tonic' });
  await page.getByLabel('First degree').selectOption({ label: 'from its third degree' });
  await expect(page.getByText('16 notes')).toBeVisible();
  await page.getByLabel('Material').selectOption({ label: 'arpeggio cycle' });
  await expect(page.getByText('47 notes')).toBeVisible();
  await page.getByLabel('Material').selectOption({ label: 'broken scale' });
  await page.getByLabel('Figure').selectOption({ label: 'turns around each note' });
  await expect(page.getByText(/notes · /)).toBeVisible();
});

test('three-note chords of the key are found by typing, written as a line for the hand, and undone', async ({ page }) => {
  await openNewPiece(page);
  await findCommand(page, 'three-note held', /^Material: line of three-note chords, held/);
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText(
    'The three-note chords of G major take the place of the line, in first position.',
  );
  await planDrawn(page);
  await expect(page.getByRole('textbox', { name: /^Notes, for example/ })).toHaveValue(/^\(G3\+D4:1\/4 D4\+B4 G3\+D4 D4\+B4\)/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Material')).toHaveValue('scale');
});

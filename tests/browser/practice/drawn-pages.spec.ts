import { beads, expect, openPiece, planDrawn, test } from '../bench-page.ts';

test('drills that the piece asks of its player come first, with the reason and the path; one of each family follows', async ({ page }) => {
  await openPiece(page, 'Evening line');
  await page.getByRole('link', { name: 'Drills', exact: true }).click();
  await page.getByRole('button', { name: 'Find a drill' }).click();
  const found = page.getByRole('region', { name: 'Drills found' });
  await expect(found.getByRole('heading', { name: 'What this piece asks of this player' })).toBeVisible();
  const needed = found.getByRole('list').first().getByRole('listitem');
  await expect(needed.first()).toContainText(/For measure \d+, .* missed \d+ times\./);
  await expect(needed.first().locator('circle').first()).toBeAttached();
  const families = await found.getByRole('list').nth(1).getByRole('listitem').allTextContents();
  expect(new Set(families.map((text) => text.replace(/[0-9–].*/, '').slice(0, 14))).size).toBeGreaterThan(6);
  await needed
    .first()
    .getByRole('button', { name: /^Write: / })
    .click();
  await expect(page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').first()).toBeVisible();
});

test('the drill writer is a sentence that offers only what this hand plays', async ({ page }) => {
  await openPiece(page, 'Evening line');
  await page.getByRole('link', { name: 'Drills', exact: true }).click();
  await page.getByRole('button', { name: 'Write a drill' }).click();
  await page.getByLabel('Drill', { exact: true }).selectOption('Match it');
  await expect(page.getByRole('heading', { name: /^Match it from first position to/ })).toBeVisible();
  const to = page.getByLabel('To', { exact: true });
  // Positions far apart have no note in common that two fingers could match.
  await expect(to.getByRole('option', { name: 'tenth position' })).toHaveCount(0);
  for (const name of await to.getByRole('option').allTextContents()) {
    await to.selectOption(name);
    await expect(page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').first()).toBeVisible();
  }
});

test('what will be in the file is seen before it is saved', async ({ page }) => {
  await page.goto('/practise/assignment');
  await page.getByLabel('For whom').first().selectOption({ label: 'Martin' });
  const inFile = page.getByRole('region', { name: 'In the file' });
  await expect(inFile).toContainText('In the file, for Martin');
  await expect(inFile.getByRole('listitem').filter({ hasText: 'D minor arpeggio' }).locator('circle').first()).toBeAttached();
  await expect(inFile).toContainText('The week: 9 things to practise');
  await page.getByLabel(/^Session: The shift clean and silent/).check();
  await expect(inFile).toContainText('Session “The shift clean and silent”: 10 min');
  await page.getByLabel('Martin, cello').uncheck();
  await expect(inFile).toBeHidden();
});

test('a bead of the map sounds when it is pressed, and keeps its finger', async ({ page }) => {
  await page.goto('/atlas?instrument=violin+4/4&key=D+major&position=3');
  const board = page.getByRole('img', { name: 'D major in third position' });
  await expect(board.getByText('F♯', { exact: true }).first()).toBeVisible();
  const fingers = await board.locator('text').allTextContents();
  await board.locator('[data-place="1 5"]').click();
  await expect(page.getByRole('region', { name: 'What lies at the place' })).toContainText('A string, 5 semitones up');
  expect(await board.locator('text').allTextContents()).toEqual(fingers);
  await expect(page.getByRole('table', { name: 'What lies under the hand' })).toContainText('tone, tone, semitone to D');
});

test('the note says what bow and hand need high up, and where its finger is against the tapes', async ({ page }) => {
  await openPiece(page, 'C major in four octaves, thumb position');
  const panel = page.getByRole('complementary', { name: 'Selected note' });
  await beads(page).nth(2).click();
  await expect(panel.getByText('Play it with')).toBeVisible();
  await expect(panel).not.toContainText('Hands and bow here');
  await expect(panel).not.toContainText('tape');
  await beads(page).last().click();
  await expect(panel.getByRole('region', { name: 'Hands and bow here' })).toContainText(
    /The bow \d+\.\d mm from the bridge; in first position/,
  );
  await openPiece(page, 'D major for a small hand');
  await planDrawn(page);
  await beads(page).nth(1).click();
  await expect(panel).toContainText(/(on|just above|just below) the (first|second|third|fourth) tape/);
});

test('rows under the staff are shown and hidden beside the place where they stand', async ({ page }) => {
  await openPiece(page, 'Evening line');
  const bow = page.getByRole('button', { name: 'Show Bow' });
  await bow.click();
  await expect(bow).toHaveAttribute('aria-pressed', 'true');
  await expect(page.locator('[data-bow-lane]').first()).toBeAttached();
  await bow.click();
  await expect(page.locator('[data-bow-lane]')).toHaveCount(0);
});

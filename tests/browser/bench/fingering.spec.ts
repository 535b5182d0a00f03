import { beads, expect, fingers, openNewPiece, openPiece, test } from '../bench-page.ts';

test('arrows go from note to note, and a finger pressed is fixed with the rest planned around it', async ({ page }) => {
  await openNewPiece(page);
  for (let count = 0; count < 5; count += 1) await page.keyboard.press('ArrowRight');
  const note = page.getByRole('complementary', { name: 'Selected note' });
  await expect(note.getByRole('heading', { name: 'D4' })).toBeVisible();
  await expect(note).toContainText('open III (D)');
  await page.keyboard.press('4');
  await expect(note).toContainText('finger 4 on IV (G)');
  await expect(note.getByRole('button', { name: 'Unlock this note' })).toBeVisible();
  await expect.poll(() => fingers(page)).toMatch(/^0 1 2 3 4 /);
  await page.keyboard.press('z');
  await expect(note).toContainText('open III (D)');
  await page.keyboard.press('Shift+Z');
  await expect(note).toContainText('finger 4 on IV (G)');
  await page.keyboard.press('l');
  await expect(note).toContainText('open III (D)');
});

test('a bead can be clicked, and another string taken with the arrows', async ({ page }) => {
  await openNewPiece(page);
  await beads(page).nth(8).click();
  const note = page.getByRole('complementary', { name: 'Selected note' });
  await expect(note).toContainText('open II (A)');
  await page.keyboard.press('ArrowDown');
  await expect(note).toContainText('on III (D)');
  await page.keyboard.press('ArrowUp');
  await expect(note).toContainText('open II (A)');
});

test('every way to play a note is offered and can be taken', async ({ page }) => {
  await openNewPiece(page);
  await beads(page).nth(8).click();
  await page.getByRole('button', { name: 'finger 1 on III, fourth position' }).click();
  await expect(page.getByRole('complementary', { name: 'Selected note' })).toContainText('finger 1 on III (D)');
  await expect(page.getByRole('region', { name: 'Shifts' })).toContainText('fourth position');
});

test('a wish no hand can play is answered in words, and the plan stays', async ({ page }) => {
  await openNewPiece(page);
  const before = await fingers(page);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('3');
  const messages = page.getByRole('status', { name: 'Messages' });
  await expect(messages).toContainText('With finger 3 on G3 on any string, the first finger would stand behind the nut.');
  expect(await fingers(page)).toBe(before);
  await page.getByRole('button', { name: 'Dismiss the message' }).click();
  await expect(messages).toBeEmpty();
});

test('each shift is listed with the hand’s way and the notes’ way, and S goes to it', async ({ page }) => {
  await openPiece(page, 'B♭ major, up and down');
  const rows = page.getByRole('region', { name: 'Shifts' }).getByRole('row');
  await expect(rows).toHaveCount(5);
  await expect(rows.nth(1)).toContainText('2 on I, first position');
  await expect(rows.nth(1)).toContainText('1 on I, third position');
  await expect(rows.nth(1)).toContainText('up 4 semitones, 135 mm');
  await expect(rows.nth(1)).toContainText('up 2 semitones');
  await page.keyboard.press('s');
  await expect(page.getByRole('complementary', { name: 'Selected note' })).toContainText('The hand moves 4 semitones, 135 mm');
});

test('a locked finger that no longer fits is removed, and that is said', async ({ page }) => {
  await openNewPiece(page);
  await beads(page).nth(4).click();
  await page.keyboard.press('4');
  await expect(page.getByRole('button', { name: 'Unlock this note' })).toBeVisible();
  await page.getByLabel('Tonic').selectOption('A♭');
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('One locked finger no longer fits its note and was removed.');
});

test('the table tells the same as staff and path', async ({ page }) => {
  await openNewPiece(page);
  await page.getByText('Table of the notes').click();
  const table = page.getByRole('table', { name: 'Notes of the line with string, finger, position and place' });
  await expect(table.getByRole('row')).toHaveCount(16);
  await expect(table.getByRole('row').nth(2)).toContainText(/2A3IV \(G\)1first position36 mm2/);
  await expect(table.getByRole('row').nth(5)).toContainText('0first position0 mm0');
});

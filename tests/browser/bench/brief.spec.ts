import { beads, expect, fingers, openNewPiece, test, typeLine, tellWholeBrief } from '../bench-page.ts';

test('every part of the sentence can be changed, and the plan follows', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  expect(await fingers(page)).toBe('0 1 2 3 0 1 2 3 0 1 2 3 0 1 2');
  await page.getByLabel('Octaves').selectOption('one octave');
  await expect(beads(page)).toHaveCount(8);
  await page.getByLabel('Direction').selectOption('up and down');
  await expect(beads(page)).toHaveCount(15);
  await page.getByRole('combobox', { name: 'Open strings' }).selectOption('avoided');
  await expect.poll(() => fingers(page)).toBe('0 1 2 3 4 1 2 3 2 1 4 3 2 1 0');
  await page.getByLabel('Instrument', { exact: true }).selectOption('cello');
  await page.getByRole('combobox', { name: 'Open strings' }).selectOption('allowed');
  await page.getByLabel('Tonic').selectOption('B♭');
  await page.getByLabel('Lowest note').selectOption('B♭2');
  await page.getByLabel('Direction').selectOption('up');
  await expect.poll(() => fingers(page)).toBe('2 4 0 1 2 4 0 1');
  await page.getByLabel('Scale', { exact: true }).selectOption('melodic minor');
  await page.getByLabel('Note value').selectOption('quarters');
  await page.getByLabel('Meter').selectOption('3/4');
  await page.getByLabel('Bowing').selectOption('three to a bow');
  await page.getByLabel('Size', { exact: true }).selectOption('¾');
  await page.getByLabel('Material').selectOption('arpeggio');
  await expect(beads(page)).toHaveCount(4);
});

test('the sentence needs no mouse', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  await page.getByLabel('Instrument', { exact: true }).focus();
  await page.keyboard.type('viola');
  await expect(page.getByLabel('Lowest note')).toHaveValue('G3');
  await page.getByLabel('Tempo, quarters a minute').focus();
  await page.keyboard.type('66');
  await page.getByLabel('Player').focus();
  await page.keyboard.type('Linnet');
  const positions = page.getByRole('button', { name: /^Positions/ });
  await positions.focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'only seventh position' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(positions).toBeFocused();
  await expect(positions).toHaveText('seventh position');
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('which this brief leaves out (positions allowed)');
});

test('positions, strings and fingers allowed bind the plan', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  await page.getByLabel('Lowest note').selectOption('G4');
  await page.getByLabel('Octaves').selectOption('one octave');
  await page.getByRole('button', { name: /^Positions/ }).click();
  await page.getByRole('button', { name: 'only third position' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('combobox', { name: 'Open strings' }).selectOption('not used');
  await expect.poll(() => fingers(page)).toBe('1 2 3 4 1 2 3 4');
  await page.getByRole('button', { name: /^Fingers/ }).click();
  await page.getByRole('checkbox', { name: 'finger 4' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('C5 needs ');
  await page.getByRole('button', { name: 'any finger' }).last().click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('status', { name: 'Messages' })).toBeEmpty();
});

test('a line of one’s own is typed with any spelling, rests and bows', async ({ page }) => {
  await openNewPiece(page);
  await typeLine(page, 'Eb4 F4 (G4:1/4 Ab4) r B##4 Cb5');
  await expect(beads(page)).toHaveCount(6);
  await page.getByLabel('Tonic').selectOption('E♭');
  await page.getByText('Table of the notes').click();
  await expect(page.getByRole('table', { name: /^Notes of the line/ }).getByRole('row', { name: /rest/ })).toHaveCount(1);
  await expect(page.getByRole('table', { name: /^Notes of the line/ }).getByRole('row', { name: /B𝄪4/ })).toHaveCount(1);
});

test('the double bass is typed and read an octave above what sounds', async ({ page }) => {
  await openNewPiece(page);
  await page.getByLabel('Instrument', { exact: true }).selectOption('double bass');
  await typeLine(page, 'E2 A2 D3 G3');
  await expect.poll(() => fingers(page)).toBe('0 0 0 0');
});

test('bad input gets a clear sentence, and the last plan stays', async ({ page }) => {
  await openNewPiece(page);
  await typeLine(page, 'A4 B4');
  await expect(beads(page)).toHaveCount(2);
  const messages = page.getByRole('status', { name: 'Messages' });
  const notes = page.getByRole('textbox', { name: /^Notes, for example/ });
  await notes.fill('A4 H4');
  await expect(messages).toContainText('“H4” is not a note.');
  await expect(page.locator('[data-wrong-word]')).toHaveText('H4');
  await page.getByRole('button', { name: 'Write B4 instead' }).click();
  await expect(page.getByRole('textbox', { name: /^Notes, for example/ })).toHaveValue('A4 B4');
  await expect(page.locator('[data-wrong-word]')).toHaveCount(0);
  await page.getByRole('button', { name: 'How notes are typed' }).click();
  await expect(page.getByRole('dialog', { name: 'How notes are typed' })).toContainText('one of a triplet');
  await page.keyboard.press('Escape');
  await page.getByRole('textbox', { name: /^Notes, for example/ }).fill('A4 H4');
  await expect(messages).toContainText('“H4” is not a note.');
  await notes.fill('A4 C2');
  await expect(messages).toContainText('C2 lies below the lowest string of this violin, G3.');
  await notes.fill('');
  await expect(messages).toContainText('The line has no notes yet.');
  await expect(messages).toContainText('Below is the last fingering that could be planned.');
  await expect(beads(page)).toHaveCount(2);
});

test('ten thousand notes are planned and drawn where one looks, one more is refused', async ({ page }) => {
  await openNewPiece(page);
  const notes = Array.from({ length: 10_000 }, (_, index) => ['A4', 'B4', 'C5', 'D5'][index % 4] ?? 'A4');
  await typeLine(page, notes.join(' '));
  const scroller = page.getByRole('group', { name: /^Staff and path of the hand/ });
  await expect.poll(() => scroller.evaluate((element) => element.scrollWidth)).toBeGreaterThan(200_000);
  await scroller.evaluate((element) => element.scrollTo({ left: element.scrollWidth }));
  await expect(page.locator('[data-bead="9999"]')).toBeVisible();
  await page.getByRole('textbox', { name: /^Notes, for example/ }).fill([...notes, 'A4'].join(' '));
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('10,001 notes; at most 10,000');
});

test('undo takes back what could not be planned, and its message goes with it', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  const messages = page.getByRole('status', { name: 'Messages' });
  await page.getByRole('button', { name: /^Positions/ }).click();
  await page.getByRole('button', { name: 'only seventh position' }).click();
  await page.keyboard.press('Escape');
  await expect(messages).toContainText('positions allowed');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(messages).toBeEmpty();
  await typeLine(page, 'A4 B4');
  await expect(beads(page)).toHaveCount(2);
  await page.getByRole('textbox', { name: /^Notes, for example/ }).fill('A4 H4');
  await expect(messages).toContainText('“H4” is not a note.');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(messages).toBeEmpty();
});

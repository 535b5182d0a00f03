import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { beads, expect, fingers, openNewPiece, planDrawn, saveAs, test, typeLine } from '../bench-page.ts';

const FOLDER = 'tests/src/files/foreign';
const OPEN = 'Pieces as JSON, MusicXML or MIDI';

test('a score is dropped, part and measures are chosen, it is fingered, changed, and goes out and in again', async ({ page }) => {
  await page.goto('/pieces');
  const text = readFileSync(`${FOLDER}/timewise.musicxml`, 'utf8');
  const dropped = await page.evaluateHandle((content) => {
    const files = new DataTransfer();
    files.items.add(new File([content], 'Duo.musicxml', { type: 'application/xml' }));
    return files;
  }, text);
  await page.getByRole('main').dispatchEvent('drop', { dataTransfer: dropped });
  const dialog = page.getByRole('dialog', { name: 'Bring in a score' });
  await expect(dialog.getByRole('img', { name: 'The beginning of the music' })).toBeVisible();
  await expect(dialog.getByRole('region', { name: 'Left out' })).toContainText('1 other part');
  await dialog.getByLabel('Part').selectOption('Violoncello');
  await dialog.getByLabel('First measure').fill('2');
  await dialog.getByLabel('First measure').blur();
  await expect(dialog.getByRole('region', { name: 'Left out' })).toContainText('1 measure that was not chosen');
  await dialog.getByLabel('Part').selectOption('Violin');
  await dialog.getByLabel('Name').fill('Upper part');
  await dialog.getByRole('button', { name: 'Bring it in' }).click();
  await planDrawn(page);
  await expect(beads(page)).toHaveCount(5);
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Upper part');

  await page.locator('[data-staff-note="1"]').click();
  await page.keyboard.press('4');
  await expect.poll(() => fingers(page)).toMatch(/^\S+ 4/);
  const changed = await fingers(page);
  const file = await (await saveAs(page, 'MusicXML')).path();
  await page.goto('/pieces');
  await page.getByLabel(OPEN).setInputFiles(file);
  await expect(page.getByRole('dialog')).toContainText('locked, note by note');
  await page.getByRole('button', { name: 'Bring it in' }).click();
  await planDrawn(page);
  expect(await fingers(page)).toBe(changed);
});

test('the clefs of a file are kept, and another is chosen at a note', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByLabel(OPEN).setInputFiles(`${FOLDER}/clefs-at-the-bar.musicxml`);
  await page.getByRole('button', { name: 'Bring it in' }).click();
  await planDrawn(page);
  await page.locator('[data-staff-note="2"]').click();
  await page.getByRole('tab', { name: 'Write' }).click();
  const clef = page.getByLabel('Clef from this note on');
  await expect(clef.locator('option:checked')).toHaveText('treble clef from here');
  await clef.selectOption('tenor clef from here');
  const xml = readFileSync(await (await saveAs(page, 'MusicXML')).path(), 'utf8');
  expect(xml.match(/<sign>.<\/sign>\s*<line>.<\/line>/g)?.map((text) => text.replace(/\D/g, ''))).toEqual(['4', '4']);
  expect(xml.match(/(?<=<sign>)./g)).toEqual(['F', 'C']);
});

test('music that does not lie on an instrument is offered the nearest that does; many files come in at once', async ({ page }) => {
  await page.goto('/pieces');
  await page
    .getByLabel(OPEN)
    .setInputFiles(['two-staves', 'repeats-with-endings', 'key-and-meter-change'].map((name) => `${FOLDER}/${name}.musicxml`));
  const dialog = page.getByRole('dialog', { name: 'Bring in 3 scores' });
  await dialog.getByLabel('Voice').selectOption({ index: 1 });
  await expect(dialog.getByRole('alert')).toContainText('It goes from C3 to G3, outside the range of the violin.');
  await dialog.getByRole('button', { name: 'On the cello, at pitch' }).click();
  await expect(dialog.getByRole('alert')).toHaveCount(0);
  await dialog.getByRole('button', { name: 'repeats-with-endings' }).click();
  await dialog.getByLabel('Write the repeats out').check();
  await dialog.getByRole('button', { name: 'Bring in 3 pieces' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('3 pieces were brought in.');
  await expect(page.getByRole('link', { name: 'repeats-with-endings', exact: true })).toBeVisible();
});

test('a file that is no score, and one too large, are refused in words beside one that comes in', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByLabel(OPEN).setInputFiles([
    { name: 'page.xml', mimeType: 'text/xml', buffer: Buffer.from('<html></html>') },
    {
      name: 'huge.xml',
      mimeType: 'text/xml',
      buffer: Buffer.from(`<score-partwise><part>${'<measure/>'.repeat(60_000)}</part></score-partwise>`),
    },
    { name: 'good.xml', mimeType: 'text/xml', buffer: readFileSync(`${FOLDER}/chords.musicxml`) },
  ]);
  const dialog = page.getByRole('dialog', { name: 'Bring in 3 scores' });
  await expect(dialog).toContainText('page: This file is not a MusicXML score.');
  await expect(dialog).toContainText('huge: This score is too large to be read.');
  await dialog.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('1 piece was brought in.');
});

/** Pastes text onto the focused element, as the browser does. */
async function paste(page: Page, text: string): Promise<void> {
  await page.evaluate((pasted) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', pasted);
    const event = new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true });
    (document.activeElement ?? document.body).dispatchEvent(event);
  }, text);
}

test('a score is pasted: on the page it is brought in, in the typed line it takes its place, and undo brings that back', async ({
  page,
}) => {
  const score = readFileSync(`${FOLDER}/key-and-meter-change.musicxml`, 'utf8');
  await openNewPiece(page);
  await typeLine(page, 'G4 A4 B4');
  await page.getByRole('textbox', { name: /^Notes/ }).focus();
  await paste(page, score.replace('<?xml version="1.0" encoding="UTF-8"?>', '<?xml version="1.0" encoding="UTF-16"?>'));
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('The score takes the place of the line. Nothing is left out.');
  await expect(page.getByRole('textbox', { name: /^Notes/ })).toHaveValue('C4:1/4 D4 Eb4 F4 G4 A4 B4 C5:3/4');
  await expect(page.getByLabel('Meter from measure 2')).toHaveValue('3/4');
  await planDrawn(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: /^Notes/ })).toHaveValue('G4 A4 B4');
  await page.getByRole('textbox', { name: /^Notes/ }).focus();
  await paste(page, '<html></html>');
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('This file is not a MusicXML score.');

  await page.goto('/pieces');
  await expect(page.getByRole('button', { name: 'Open files' })).toBeVisible();
  await paste(page, score);
  await expect(page.getByRole('dialog', { name: 'Bring in a score' })).toContainText('Nothing is left out.');
});

test('a line goes out as MIDI, CSV and PDF, and the MIDI comes in again on another grid', async ({ page }) => {
  await page.goto('/?new');
  await planDrawn(page);
  const before = await beads(page).count();
  const csv = readFileSync(await (await saveAs(page, 'CSV')).path(), 'utf8');
  expect(csv.split('\n')[0]).toContain('finger,position,mm from nut');
  expect(csv.split('\n')).toHaveLength(before + 1);
  expect(
    readFileSync(await (await saveAs(page, 'PDF')).path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  const midi = await (await saveAs(page, 'MIDI')).path();
  await page.goto('/pieces');
  await page.getByLabel(OPEN).setInputFiles({ name: 'played.mid', mimeType: 'audio/midi', buffer: readFileSync(midi) });
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('Every note fits exactly.')).toBeVisible();
  await dialog.getByLabel('Shortest note value').selectOption('triplet eighths');
  await expect(dialog.getByText(/Notes were \d+ ms off on average/)).toBeVisible();
  await dialog.getByLabel('Shortest note value').selectOption('eighths');
  await expect(dialog.getByText('Every note fits exactly.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Bring it in' }).click();
  await planDrawn(page);
  await expect(beads(page)).toHaveCount(before);
});

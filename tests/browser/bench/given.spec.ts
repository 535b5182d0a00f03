import { readFileSync } from 'node:fs';
import { expect, fingers, openPiece, planDrawn, saveAs, test } from '../bench-page.ts';

/** The title of the part of the bench that shows a given fingering. */
const TITLE = 'This fingering, read and compared with ours';

test('the fingering of a copy is drawn over ours, judged passage by passage, locked, and compared again', async ({ page }) => {
  await openPiece(page, 'Evening line');
  const ours = await fingers(page);
  await page.getByText(TITLE).click();
  const given = page.getByRole('region', { name: 'This fingering', exact: true });
  await expect(given).toContainText('11 of 26 notes are fingered; the other 15 are completed by us, in brackets.');
  await expect(given).toContainText('It differs from ours at 11 of 26 notes.');
  await expect(given.getByRole('region', { name: 'This fingering, and ours where it differs' })).toContainText('(↓2)');
  const beside = given.getByRole('region', { name: 'Beside ours' });
  await expect(beside.getByRole('row').nth(1)).toContainText('A: 4 3 4');
  await beside.getByRole('button', { name: /^measure 2/ }).click();
  await expect(page.getByRole('heading', { name: /E♭5/ })).toBeVisible();

  await given.getByRole('button', { name: 'Lock every note as it is given' }).click();
  const bench = page.getByRole('region', { name: 'Staff and path', exact: true }).locator('[data-bead] text');
  await expect.poll(async () => (await bench.allTextContents()).join(' ')).not.toBe(ours);
  await expect(given.getByRole('button', { name: 'Compare it only' })).toBeVisible();
  await given.getByRole('button', { name: 'Compare it only' }).click();
  await expect.poll(async () => (await bench.allTextContents()).join(' ')).toBe(ours);
  await given.getByRole('button', { name: 'Remove it' }).click();
  await expect(page.getByText(TITLE)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(TITLE)).toBeVisible();
});

test('scores come in with their fingerings in a table, and a likely misprint is told on the bench', async ({ page }) => {
  await openPiece(page, 'Evening line');
  const text = readFileSync(await (await saveAs(page, 'MusicXML')).path(), 'utf8');
  const buffer = (content: string): { readonly mimeType: string; readonly buffer: Buffer } => ({
    mimeType: 'application/xml',
    buffer: Buffer.from(content),
  });
  // F5 on the E string has no fourth finger.
  const misprint = text.replace('<fingering>1</fingering><string>1</string>', '<fingering>4</fingering><string>1</string>');
  await page.goto('/pieces');
  await page.getByLabel('Pieces as JSON, MusicXML or MIDI').setInputFiles([
    { name: 'right.musicxml', ...buffer(text) },
    { name: 'misprint.musicxml', ...buffer(misprint.replaceAll('Evening line', 'Evening line, another copy')) },
  ]);
  const dialog = page.getByRole('dialog', { name: 'Bring in 2 scores' });
  await dialog.getByText('Their fingerings, read and compared with ours').click();
  await expect(dialog.getByRole('row', { name: /^Evening line 26 of 26 0 0/ })).toBeVisible();
  await expect(dialog.getByRole('row', { name: /^Evening line, another copy 26 of 26 1 0/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'misprint' }).click();
  await dialog.getByLabel('Its fingering').selectOption('compared with ours, not locked');
  await dialog.getByRole('button', { name: 'Bring in 2 pieces' }).click();
  await page.getByRole('link', { name: 'Evening line, another copy', exact: true }).click();
  await planDrawn(page);
  await page.getByText(TITLE).click();
  await expect(page.getByRole('region', { name: 'Likely misprints' })).toContainText('Measure 1, after beat 2 (F5)');
});

import { readFile } from 'node:fs/promises';
import { readMusicXmlParts } from '../../support/read-musicxml.ts';
import { textsOfPdf } from '../../support/paper/pdf-texts.ts';
import { readSong } from '../../../src/files/foreign/midi-file.ts';
import { expect, test } from '../bench-page.ts';

test('a class on four instruments plays one key: a score, a sheet each, MusicXML and MIDI', async ({ page }) => {
  await page.goto('/sheet/class');
  await expect(page.getByText('Choose at least two players', { exact: false })).toBeVisible();
  for (const name of ['Robin', 'Linnet', 'Martin', 'Any double bass']) await page.getByRole('checkbox', { name }).check();
  await page.getByLabel('Key').selectOption('D major');
  await page.getByLabel('Martin plays').selectOption('first notes of measures, and open strings');
  await page.getByRole('button', { name: 'Make the score' }).click();
  const score = page.getByRole('group', { name: 'Page 1 of 5 of D major, one octave, up and down' });
  await expect(score).toContainText(/Violin:\s*Robin/);
  await expect(score).toContainText(/Double\s*bass/);
  await expect(page.getByRole('row', { name: /^Martin/ }).last()).toContainText('rests between');

  const save = async (button: string): Promise<{ readonly name: string; readonly file: Buffer }> => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    const saved = await download;
    return { name: saved.suggestedFilename(), file: await readFile(await saved.path()) };
  };
  const sheet = await save('Save the sheet of Robin as PDF');
  expect(sheet.name).toBe('d-major-one-octave-up-and-down-robin.pdf');
  const words = (await textsOfPdf(new Uint8Array(sheet.file).buffer)).flatMap((texts) => texts.map(({ text }) => text)).join(' ');
  expect(words).toContain('D major');
  for (const other of ['Linnet', 'Martin']) expect(words + sheet.file.toString('latin1')).not.toContain(other);

  const parts = await readMusicXmlParts((await save('Save as MusicXML')).file.toString());
  expect(parts.length).toBe(4);
  expect(new Set(parts.map((notes) => notes.reduce((sum, { length }) => sum + length, 0))).size).toBe(1);
  const song = readSong(new Uint8Array((await save('Save as MIDI')).file));
  expect(song.ok && song.value.tracks.map(({ name }) => name)).toEqual(['Violin: Robin', 'Viola: Linnet', 'Cello: Martin', 'Double bass']);

  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'Linnet' })).toBeChecked();
  await page.getByLabel('Together').selectOption('in unison');
  await page.getByRole('button', { name: 'Make the score' }).click();
  await expect(page.getByRole('row', { name: /^Linnet/ }).last()).toContainText('beginning on');
});

test('a class plays a piece', async ({ page }) => {
  await page.goto('/sheet/class');
  for (const name of ['Any violin', 'Any cello']) await page.getByRole('checkbox', { name }).check();
  await page.getByRole('radio', { name: 'A piece' }).check();
  await page.getByRole('combobox', { name: 'Piece', exact: true }).selectOption({ label: 'D minor arpeggio' });
  await page.getByRole('button', { name: 'Make the score' }).click();
  await expect(page.getByRole('group', { name: /^Page 1 of \d+ of D minor arpeggio$/ })).toBeVisible();
});

import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { lengthMm, linesOfPdf } from '../support/pdf-lines.ts';
import { beads, expect, openPiece, test } from './bench-page.ts';

async function openMeasures(page: Page, name: string, part: string): Promise<void> {
  await openPiece(page, name);
  await page.getByRole('link', { name: 'Measurements' }).click();
  await page.getByRole('navigation', { name: 'Measurements' }).getByRole('button', { name: part }).click();
  await page.getByRole('region', { name: part }).waitFor();
}

test('the selected note says where it aims, how it is checked, and how each number came about', async ({ page }) => {
  await openPiece(page, 'Evening line');
  // The first G5 lies an octave and more above open G.
  await page.locator('[data-bead="3"]').click();
  await page.getByRole('tab', { name: 'In tune' }).click();
  const note = page.getByRole('complementary', { name: 'Selected note' });
  await expect(note).toContainText('double octave with open G');
  await expect(note).toContainText('one after the other');
  await page.getByLabel('Intonation').selectOption('linear, with open fifths');
  await note.getByRole('button', { name: '−3.9 cents' }).click();
  await expect(page.getByRole('dialog', { name: 'How this is calculated' })).toContainText('each fifth counted from A is pure');
  await page.keyboard.press('Escape');
  await note.getByLabel('Contact point, share of the sounding length').fill('0.12');
  await expect(note).toContainText('at 12 % of it');
});

test('beats are told for a chosen error, and a note without a check says so', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await page.locator('[data-bead="6"]').click();
  await page.getByRole('tab', { name: 'In tune' }).click();
  const note = page.getByRole('complementary', { name: 'Selected note' });
  await expect(note).toContainText('octave with open G, bowed together');
  await note.getByLabel('Beats for an error of').selectOption('20 cents');
  // The value follows from the pure octave: f·(2^(20/1200) − 1) with f = 391 Hz.
  await expect(note).toContainText(/4\.5 beats a second/);
  await page.locator('[data-bead="3"]').click();
  await expect(note).toContainText(/No open string or harmonic answers this note: find the .* first, then this\./);
});

test('ringing notes wear a ring on the path, and stretches their millimetres', async ({ page }) => {
  await openPiece(page, 'D major for a small hand');
  await expect(beads(page).filter({ hasText: 'rings with an open string' }).first()).toBeVisible();
  await expect(page.getByTestId('overlay').getByText('60 mm').first()).toBeVisible();
});

test('the fingerboard shows a hand, a note, a key, and two systems against each other', async ({ page }) => {
  await openMeasures(page, 'A♭ major in three octaves', 'Fingerboard');
  await expect(page.getByRole('img', { name: /measure 1, beat 1 to measure 2, beat 4 \(A♭3 to A♭5\), first position$/ })).toBeVisible();
  await expect(page.getByRole('table', { name: 'Fingers of the hand, string by string' })).toContainText('3 and 4 close');
  await page.getByLabel('What to show').selectOption('the selected note and its hand');
  await page.getByLabel('Note', { exact: true }).selectOption({ index: 6 });
  await expect(page.getByRole('img', { name: /finger 3 on III \(D\)$/ })).toBeVisible();
  await page.getByLabel('What to show').selectOption('all notes of a key');
  await page.getByLabel('Key', { exact: true }).selectOption('D major');
  await page.getByLabel('Other system').selectOption('pure to the tonic');
  await page.getByText('Table of the notes of the key').click();
  const row = page.getByRole('row', { name: /^A C♯5/ });
  // Four fifths above A: pure, it is the third of A = −13.7 cents … of D the seventh: 15 : 8 over the chain's D.
  await expect(row).toContainText('−13.7 cents');
  const board = page.getByRole('img', { name: /the notes of D major$/ });
  const before = (await board.boundingBox())?.width ?? 0;
  await page.getByRole('button', { name: 'Nearer' }).click();
  await expect.poll(async () => (await board.boundingBox())?.width ?? 0).toBeGreaterThan(1.8 * before);
});

test('intonation lists targets, checkpoints and the comma between two open strings', async ({ page }) => {
  await openMeasures(page, 'A♭ major in three octaves', 'Intonation');
  const stops = page.getByRole('region', { name: 'Checkpoints' });
  await expect(stops).toContainText('Note 16, B♭5 (a shift arrives): find the octave on A at 17 mm first');
  await page.getByLabel('Compared with').selectOption('quarter-comma');
  await expect(page.getByRole('row', { name: /^2 B♭3/ })).toContainText('+17.1 cents');
  await openMeasures(page, 'A major in sixths', 'Intonation');
  await expect(page.getByRole('region', { name: 'One place, two open strings' })).toContainText('21.5 cents');
});

test('reach is compared with another size and a grown hand, side by side', async ({ page }) => {
  await openMeasures(page, 'A♭ major in three octaves', 'Reach');
  const first = page.getByRole('row', { name: /^1–15/ });
  await expect(first).toContainText('73 mm, comfortable');
  await page.getByLabel('Growth').selectOption('0 mm');
  await page.getByLabel('Other size').selectOption('full-size instrument');
  await expect(first).toContainText('78 mm, a stretch');
  await page.getByLabel('Growth').selectOption('5 mm');
  await expect(first).toContainText('78 mm, comfortable');
  await expect(page.getByRole('region', { name: 'On every size' })).toContainText(
    'Fingered for each size, it is comfortable up to ¾, a few notes left out.',
  );
});

test('tapes are chosen for an instrument, and come as a strip in true millimetres', async ({ page }) => {
  await openMeasures(page, 'F major, first shifts', 'Fingerboard');
  await page.getByRole('link', { name: 'Print tapes' }).click();
  await expect(page.getByLabel('Instrument', { exact: true })).toHaveValue(/./);
  await page.getByLabel('12 semitones').check();
  await page.getByLabel('Paper').selectOption('Letter');
  await expect(page.getByRole('group', { name: /of the strip, made smaller$/ })).toHaveCount(3);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: /^Save the strip/ }).click()]);
  const file = await readFile(await download.path());
  const lines = linesOfPdf(new Uint8Array(file).buffer);
  expect(lines.filter((line) => Math.abs(lengthMm(line) - 100) < 0.1)).toHaveLength(6);
});

test('tapes for a key, and for the places of a piece; the old address leads there', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  const piece = new URL(page.url()).searchParams.get('piece') ?? '';
  await page.goto(`/measure?piece=${piece}&part=tapes`);
  await expect(page.getByLabel('Instrument', { exact: true })).toHaveText(/Wren’s ¾ violin/);
  await page.getByLabel('Tapes for').selectOption('the places used in');
  await expect(page.getByLabel('Piece')).toHaveValue(piece);
  await expect(page.getByLabel('15 semitones')).toBeChecked();
  await page.getByLabel('Tapes for').selectOption('the notes, up to the octave, of');
  await page.getByLabel('Key').selectOption('D major');
  await expect(page.getByLabel('4 semitones', { exact: true })).toBeChecked();
  await expect(page.getByLabel('15 semitones')).not.toBeChecked();
});

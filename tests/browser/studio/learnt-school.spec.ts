import { musicXmlText } from '../../../src/files/musicxml.ts';
import { planBest } from '../../support/briefs.ts';
import { expect, fingers, openNewPiece, openPiece, test, waitUntilSaved } from '../bench-page.ts';

/** Writes a scale as a score, fingered by a teacher who goes up with the fourth finger. */
function fingeredScale(tonic: string): { readonly name: string; readonly mimeType: string; readonly buffer: Buffer } {
  const plan = planBest({
    instrument: { kind: 'violin' },
    material: { kind: 'scale', type: 'major', tonic, octaves: 2, direction: 'up-down' },
    ways: { openUp: 'fourth' },
  });
  return { name: `${tonic}.musicxml`, mimeType: 'application/xml', buffer: Buffer.from(musicXmlText(`Scale on ${tonic}`, plan)) };
}

test('a school is learnt from fingered scores: files in, sentences with their places, adopted, the bench follows, taken back', async ({
  page,
}) => {
  await openNewPiece(page);
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('First scale');
  await waitUntilSaved(page);
  const before = await fingers(page);
  await page.goto('/pieces');
  const tonics = ['A3', 'Bb3', 'B3', 'C4', 'G3', 'Ab3', 'D4', 'Eb4', 'E4', 'F4'];
  await page.getByLabel('Pieces as JSON, MusicXML or MIDI').setInputFiles(tonics.map(fingeredScale));
  await page.getByRole('button', { name: 'Bring in 10 pieces' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('10 pieces were brought in.');

  await page.goto('/setup');
  await page.getByRole('complementary', { name: 'Studio' }).getByRole('button', { name: 'Dovecote studio' }).click();
  await page.getByText('Learn it from fingered pieces').click();
  await expect(page.getByText('11 pieces of the studio carry a fingering.')).toBeVisible();
  await page.getByRole('button', { name: 'Read the fingerings' }).click();
  const learnt = page.getByRole('region', { name: 'Learn it from fingered pieces' });
  await expect(learnt.getByRole('status')).toContainText(/In lines that were kept back, \d+ % of the notes/);
  const row = learnt.getByRole('row', { name: /^the fourth finger going up at \d+ of \d+ places where it matters/ });
  await expect(row).toContainText(/Scale on \S+, measure \d/);
  await row.getByRole('button', { name: 'Adopt: the fourth finger going up' }).click();
  await expect(row.getByRole('button', { name: 'Take it back' })).toBeVisible();
  await page.getByText('Saved', { exact: true }).waitFor();

  await openPiece(page, 'First scale');
  await expect.poll(() => fingers(page)).not.toBe(before);
  await page.goto('/setup');
  await page.getByRole('complementary', { name: 'Studio' }).getByRole('button', { name: 'Dovecote studio' }).click();
  await expect(page.getByRole('group', { name: 'Open string or fourth finger, going up' }).getByLabel(/^the fourth finger/)).toBeChecked();
  await page.getByText('Learn it from fingered pieces').click();
  await page.getByRole('button', { name: 'Read the fingerings' }).click();
  await row.getByRole('button', { name: 'Take it back' }).click();
  await page.getByText('Saved', { exact: true }).waitFor();
  await openPiece(page, 'First scale');
  await expect.poll(() => fingers(page)).toBe(before);
});

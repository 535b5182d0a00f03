import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM } from '../../support/served.ts';
import { waveFile } from '../../support/listening/wave-file.ts';
import { expect, openPiece, test } from '../bench-page.ts';

const LINE = 'F major, first shifts';

/** The sound that the browser’s own fake microphone hears, once. */
const heard = join(mkdtempSync(join(tmpdir(), 'dove-path-')), 'take.wav');
writeFileSync(heard, waveFile('take.wav', { play: LINE, sampleRate: 48_000 }).buffer);

test.use({
  launchOptions: {
    ...CHROMIUM,
    args: [
      ...CHROMIUM.args,
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-audio-capture=${heard}%noloop`,
    ],
  },
});

test('a take is recorded through the browser’s own microphone, and read', async ({ page }) => {
  await openPiece(page, LINE);
  await page.getByRole('link', { name: 'Take', exact: true }).click();
  await page.getByRole('button', { name: 'Record' }).click();
  const message = page.getByRole('status', { name: 'The take' });
  await expect(message).toContainText('The level is good.');
  await expect(message).toContainText('Recording, 13 s', { timeout: 40_000 });
  await page.getByRole('button', { name: 'Stop and read it' }).click();
  await expect(page.getByRole('region', { name: 'What was heard' }).getByText(/^1[345] of 15 notes were heard\.$/)).toBeVisible();
});

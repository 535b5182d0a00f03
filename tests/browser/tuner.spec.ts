import type { Page } from '@playwright/test';
import { expect, test } from './bench-page.ts';

async function openTuner(page: Page, instrument: string): Promise<void> {
  await page.goto('/tuner');
  await page.getByLabel('Instrument to tune').selectOption(instrument);
}

/** Puts a microphone of the page's own making in place of the browser's: its sound, or the error it fails with. */
async function withMicrophone(page: Page, kind: 'denied' | 'absent' | 'silent' | 'clipped' | 'sounding' | 'two strings'): Promise<void> {
  await page.addInitScript((what) => {
    navigator.mediaDevices.getUserMedia = async () => {
      if (what === 'denied') throw new DOMException('no', 'NotAllowedError');
      if (what === 'absent') throw new DOMException('no', 'NotFoundError');
      const context = new AudioContext();
      const destination = context.createMediaStreamDestination();
      const tone = new OscillatorNode(context, { type: 'sawtooth', frequency: 220 * 2 ** (6 / 1200) });
      const level = new GainNode(context, { gain: what === 'silent' ? 0 : what === 'clipped' ? 40 : 0.4 });
      tone.connect(level).connect(destination);
      tone.start();
      if (what === 'two strings') {
        // The A of a violin and a D that makes a fifth with it which is 4 cents too wide.
        tone.frequency.value = 440;
        const other = new OscillatorNode(context, { type: 'sawtooth', frequency: (440 / 1.5) * 2 ** (-4 / 1200) });
        other.connect(level);
        other.start();
      }
      return destination.stream;
    };
  }, kind);
}

test('strings are tuned in players’ order, the simulated one until nothing beats', async ({ page }) => {
  await openTuner(page, 'Robin’s violin');
  const order = page.getByRole('navigation', { name: 'Strings in the order of tuning' }).getByRole('button');
  await expect(order).toHaveText(['1. A by the reference', '2. D with A', '3. G with D', '4. E with A']);
  const heard = page.getByRole('status', { name: 'Heard' });
  await expect(heard).toContainText('14.0 cents flat');
  await page.getByLabel('Error of the A string, cents').fill('0');
  await expect(heard).toContainText('in tune (0 cents)');
  await expect(heard).toContainText('440.0 Hz; it should sound 440.0 Hz');
  await page.getByRole('button', { name: 'Next string' }).click();
  await expect(page.getByText('Bow D together with A, which is tuned already: the fifth, until nothing beats.')).toBeVisible();
  await page.getByRole('button', { name: 'Lower' }).click();
  await expect(heard).toContainText('13.0 cents sharp');
  await expect(page.getByText(/^6\.\d beats a second\./)).toBeVisible();
  await page.getByLabel('Error of the D string, cents').fill('0');
  await expect(page.getByText(/^Nothing beats\./)).toBeVisible();
});

test('cello and bass may match harmonics, fourths apart on the bass', async ({ page }) => {
  await openTuner(page, 'Merle’s bass');
  await page.getByRole('button', { name: '2. E with A' }).click();
  await expect(
    page.getByText(/Or by harmonics: touch E 263 mm from the nut \(its fourth partial\) and A 350 mm from the nut \(its third partial\)/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Hear both harmonics' }).click();
  await openTuner(page, 'Martin’s cello');
  await page.getByRole('button', { name: '2. D with A' }).click();
  await expect(page.getByText(/Or by harmonics/)).toBeVisible();
});

for (const [kind, words] of [
  ['denied', 'The browser was not allowed to listen.'],
  ['absent', 'There is no microphone here.'],
  ['silent', 'Nothing sounds.'],
  ['clipped', 'Too loud: the sound is cut off.'],
  ['sounding', '6.0 cents sharp'],
] as const) {
  test(`a microphone that is ${kind} says so`, async ({ page }) => {
    await withMicrophone(page, kind);
    await openTuner(page, 'Martin’s cello');
    await page.getByLabel('Listen to').selectOption('the microphone');
    await expect(page.getByText(words)).toBeVisible();
    await page.getByLabel('Listen to').selectOption('a simulated instrument');
    await expect(page.getByRole('status', { name: 'Heard' })).toContainText('cents');
  });
}

test('two strings bowed together tell how far they are from pure', async ({ page }) => {
  await withMicrophone(page, 'two strings');
  await openTuner(page, 'Robin’s violin');
  await page.getByLabel('Listen to').selectOption('microphone');
  await page.getByRole('button', { name: '2. D with A' }).click();
  await expect(page.getByRole('status', { name: 'Both strings together' })).toHaveText(
    /^D with A: [345] cents wide of pure, \d\.\d beats a second$/,
  );
  await expect(page.getByRole('status', { name: 'Heard' })).toContainText(/[345]\.\d cents flat/);
});

test('a tuning is kept with the day', async ({ page }) => {
  await withMicrophone(page, 'sounding');
  await openTuner(page, 'Martin’s cello');
  await page.getByLabel('Listen to').selectOption('microphone');
  await expect(page.getByText(/^Tuned: A \+[56]\.\d cents$/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep this tuning with the day' }).click();
  await expect(page.getByText('It is in the record of today.')).toBeVisible();
});

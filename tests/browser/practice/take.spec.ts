import { mkdtempSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import type { StudyFile } from '../../support/plans/study-files.ts';
import { beads, expect, openPiece, test } from '../bench-page.ts';
import { waveFile } from '../../support/listening/wave-file.ts';
import { microphoneState, withMicrophone } from './microphone-page.ts';

const LINE = 'B♭ major, up and down';

/** The shortest line of the demo. */
const SHORT = 'F major, first shifts';

test.beforeEach(async ({ page }) => {
  await openPiece(page, LINE);
  await page.getByRole('link', { name: 'Take', exact: true }).click();
});

test('a simulated player is read: the finger that lies flat is named, note by note and under the path', async ({ page }) => {
  await page.getByLabel('The finger that is out').selectOption('2');
  await page.getByLabel('In tune within').selectOption('5');
  await page.getByRole('button', { name: 'Play and read it' }).click();
  const heard = page.getByRole('region', { name: 'What was heard' });
  await expect(heard.getByText(/^Finger 2 lies flat: \d+ cents below the other notes, in \d+ of \d+ notes\.$/)).toBeVisible();
  await expect(heard.getByText(/^(\d+) of \1 notes were heard\.$/)).toBeVisible();
  const rows = heard.getByRole('row').filter({ hasText: 'finger 2 on' });
  await expect(rows.filter({ hasText: 'flat' })).toHaveCount(await rows.count());
  await expect(heard.getByRole('table', { name: 'Note by note' }).getByRole('row')).toHaveCount((await beads(page).count()) + 1);
  await page.getByLabel('In tune within').selectOption('30');
  await expect(rows.filter({ hasText: 'flat' })).toHaveCount(0);
});

test('slips are told: another note, one left out, one played again', async ({ page }) => {
  await page.getByLabel('The simulated player').selectOption('slips');
  await page.getByRole('button', { name: 'Play and read it' }).click();
  const heard = page.getByRole('region', { name: 'What was heard' });
  await expect(heard.getByText(/^Another note at measure \d/)).toBeVisible();
  await expect(heard.getByText(/^Left out: measure \d/)).toBeVisible();
  await expect(heard.getByText(/^Played again: measure \d/)).toBeVisible();
  await heard
    .getByRole('button', { name: /^Hear .* beside its target$/ })
    .first()
    .click();
});

test('a recording is opened and read, in any rate and with a silent side; what is no take is said', async ({ page }) => {
  const open = page.getByLabel('A recording of the line');
  const message = page.getByRole('status', { name: 'The take' });
  await open.setInputFiles({ name: 'talk.txt', mimeType: 'text/plain', buffer: Buffer.from('no sound at all') });
  await expect(message).toContainText('does not read the file as sound');
  await open.setInputFiles(waveFile('silence.wav', { seconds: 2, sampleRate: 8000 }));
  await expect(message).toContainText('Nothing is heard in this recording');
  await open.setInputFiles(waveFile('long.wav', { seconds: 601, sampleRate: 8000 }));
  await expect(message).toContainText('longer than ten minutes');
  await open.setInputFiles(twoHours(Buffer.from('RIFF')));
  await expect(message).toContainText('too large for a take of ten minutes');
  await open.setInputFiles(twoHours(waveFile('head.wav', { seconds: 0, sampleRate: 44_100 }).buffer));
  await expect(message).toContainText('longer than ten minutes');
  const heard = page.getByRole('region', { name: 'What was heard' });
  await open.setInputFiles(waveFile('talk.wav', { talks: 8, sampleRate: 8000 }));
  await expect(heard.getByText(/^Little of this line was heard\./)).toBeVisible();
  await expect(heard.getByText('A take in which little of the line was heard does not go into the record.')).toBeVisible();
  for (const [sampleRate, offset] of [
    [48_000, 0.2],
    [192_000, 0],
  ] as const) {
    await open.setInputFiles(waveFile('take.wav', { play: LINE, sampleRate, offset }));
    await expect(heard.getByText(/^(\d+) of \1 notes were heard\.$/)).toBeVisible();
  }
});

/** Makes a file as long as two hours of sound, of which nothing but the beginning is written. */
function twoHours(beginning: Buffer): string {
  const path = join(mkdtempSync(join(tmpdir(), 'dove-path-')), 'long.wav');
  writeFileSync(path, beginning);
  truncateSync(path, 2 * 3600 * 44_100 * 4);
  return path;
}

test('a compressed recording is opened too, which tells no length in its head', async ({ page }) => {
  await openPiece(page, SHORT);
  await page.getByRole('link', { name: 'Take', exact: true }).click();
  const open = page.getByLabel('A recording of the line');
  await open.setInputFiles(await recordCompressed(page, waveFile('take.wav', { play: SHORT, sampleRate: 44_100, pace: 2.5 })));
  const heard = page.getByRole('region', { name: 'What was heard' });
  await expect(heard.getByText(/^1[345] of 15 notes were heard\.$/)).toBeVisible();
});

/** Lets the browser’s own recorder compress a sound while it plays, as a phone does. */
async function recordCompressed(page: Page, { buffer }: StudyFile): Promise<StudyFile> {
  const compressed = await page.evaluate(async (wave) => {
    const context = new AudioContext();
    const bytes = Uint8Array.from(atob(wave), (letter) => letter.charCodeAt(0));
    const source = new AudioBufferSourceNode(context, { buffer: await context.decodeAudioData(bytes.buffer) });
    const destination = context.createMediaStreamDestination();
    source.connect(destination);
    const recorder = new MediaRecorder(destination.stream);
    const parts: Blob[] = [];
    recorder.ondataavailable = ({ data }) => parts.push(data);
    const stopped = new Promise((resolve) => recorder.addEventListener('stop', resolve));
    source.onended = () => recorder.stop();
    recorder.start();
    source.start();
    await stopped;
    const whole = new Uint8Array(await new Blob(parts).arrayBuffer());
    return btoa(whole.reduce((text, byte) => text + String.fromCharCode(byte), ''));
  }, buffer.toString('base64'));
  return { name: 'take.webm', mimeType: 'audio/webm', buffer: Buffer.from(compressed, 'base64') };
}

test('of a double stop both voices are read, and how pure they are together', async ({ page }) => {
  await openPiece(page, 'A major in sixths');
  await page.getByRole('link', { name: 'Take', exact: true }).click();
  await page.getByRole('button', { name: 'Play and read it' }).click();
  const heard = page.getByRole('region', { name: 'What was heard' });
  await expect(heard.getByText(/^Finger 3 lies flat: \d+ cents below the other notes/)).toBeVisible();
  const [first, second] = [heard.getByRole('row').nth(1), heard.getByRole('row').nth(2)];
  await expect(first).toContainText(/finger 1 on IV \(G\).*cents wide, \d+\.\d beats a second/);
  await expect(second).toContainText('finger 2 on III (D)');
});

test('shifts within one bow tell where they landed, and the notes are summed up', async ({ page }) => {
  await page.getByLabel('The simulated player').selectOption('landing');
  await page.getByLabel('What sounds along').selectOption('metronome');
  await page.getByRole('button', { name: 'Play and read it' }).click();
  const heard = page.getByRole('region', { name: 'What was heard' });
  await expect(heard.getByText(/^2 of 2 shifts within one bow land beyond their place at first\.$/)).toBeVisible();
  await expect(
    heard
      .getByRole('row')
      .filter({ hasText: /\d mm beyond, corrected in 0\.\d s/ })
      .first(),
  ).toBeVisible();
  await heard.getByText('By finger, string, position and shift').click();
  await expect(heard.getByRole('table').filter({ hasText: 'By arriving shift' })).toContainText('after a shift downward');
  await expect(heard.getByText('A simulated player’s take does not go into the record.')).toBeVisible();
});

test('a take goes into the record, with its sound, and a later one is compared with it', async ({ page }) => {
  await openPiece(page, SHORT);
  await page.getByRole('link', { name: 'Take', exact: true }).click();
  await page.getByLabel('A recording of the line').setInputFiles(waveFile('take.wav', { play: SHORT, sampleRate: 44_100 }));
  const heard = page.getByRole('region', { name: 'What was heard' });
  await heard.getByLabel(/^with its sound, \d+ kB$/).check();
  await heard.getByRole('button', { name: 'Keep it in the record' }).click();
  await expect(heard.getByText(/^Kept in the record of Merle: 15 notes/)).toBeVisible();
  await heard.getByLabel('The earlier take it is compared with').selectOption({ index: 1 });
  await expect(heard.getByText('in dashed outline: the earlier take')).toBeVisible();
  const saved = page.waitForEvent('download');
  await heard.getByRole('button', { name: /^Save the sound as WAV/ }).click();
  expect((await saved).suggestedFilename()).toMatch(/\.wav$/);
  await page.getByRole('link', { name: 'Record', exact: true }).click();
  await expect(page.getByText(`${SHORT}, recorded: 15 of 15 notes within 10 cents`)).toBeVisible();
  await expect.poll(() => page.locator('audio').evaluate((sound: HTMLAudioElement) => sound.duration)).toBeGreaterThan(10);
});

test('the line is recorded and read, and the microphone is released', async ({ page }) => {
  await openPiece(page, SHORT);
  await page.getByRole('link', { name: 'Take', exact: true }).click();
  await page.getByRole('button', { name: 'Record' }).waitFor();
  await withMicrophone(page, { file: waveFile('take.wav', { play: SHORT, sampleRate: 44_100 }) });
  await page.getByRole('button', { name: 'Record' }).click();
  const message = page.getByRole('status', { name: 'The take' });
  await expect(message).toContainText('The level is good.');
  await expect(message).toContainText('Recording, 13 s', { timeout: 40_000 });
  await page.getByRole('button', { name: 'Stop and read it' }).click();
  await expect(page.getByRole('region', { name: 'What was heard' }).getByText(/^(\d+) of \1 notes were heard\.$/)).toBeVisible();
  expect(await microphoneState(page)).toBe('ended');
});

test('a microphone that is refused or absent is said, and one that is taken away ends the take', async ({ page }) => {
  await page.getByRole('button', { name: 'Record' }).waitFor();
  await withMicrophone(page, { file: null });
  await page.getByRole('button', { name: 'Record' }).click();
  await expect(page.getByText('The browser was not allowed to listen.')).toBeVisible();
  await withMicrophone(page, { file: null, error: 'NotFoundError' });
  await page.getByRole('button', { name: 'Record' }).click();
  await expect(page.getByText('There is no microphone here.')).toBeVisible();
  await withMicrophone(page, { file: waveFile('take.wav', { play: LINE, sampleRate: 44_100 }), goneAfter: 3000 });
  await page.getByRole('button', { name: 'Record' }).click();
  await expect(page.getByRole('region', { name: 'What was heard' }).getByText(/^Played as far as measure/)).toBeVisible();
});

test('while the line is played each note is shown; the ear judges first where that is wanted', async ({ page }) => {
  await openPiece(page, SHORT);
  await page.getByRole('link', { name: 'Take', exact: true }).click();
  await page.getByRole('button', { name: 'Listen live' }).waitFor();
  await withMicrophone(page, { file: waveFile('take.wav', { play: SHORT, sampleRate: 44_100 }) });
  const live = page.getByRole('region', { name: 'Listening while you play' });
  await live.getByRole('button', { name: 'Listen live' }).click();
  await expect(live.getByText('measure 1, beat 2 (G2)')).toBeVisible();
  await expect(live.getByText('measure 1, beat 4 (B♭2)')).toBeVisible();
  await live.getByLabel('While you play').selectOption('ear');
  await live.getByRole('group', { name: 'Flat, in tune or sharp?' }).getByRole('button', { name: 'in tune' }).click();
  // On a machine that stutters the sound itself is not in tune, so that the answer may be wrong.
  await expect(live.getByText(/^It was (in tune\. The ear was right|\d+ cents (flat|sharp)\. The ear was wrong)\.$/)).toBeVisible();
  await expect(live.getByText(/^The ear was right (0 times|1 time) of 1\.$/)).toBeVisible();
  await live.getByRole('button', { name: 'Stop listening' }).click();
  expect(await microphoneState(page)).toBe('ended');
});

test('a shift of the line is heard right and wrong, and asked', async ({ page }) => {
  await page.getByText('Hear it right and wrong').click();
  await page.getByLabel('Of this line').selectOption({ label: 'the shift to measure 4, beat 2 (C4)' });
  await page.getByRole('button', { name: 'Hear it right' }).click();
  await page.getByLabel('The flaw').selectOption('late');
  await page.getByRole('button', { name: 'Hear it wrong' }).click();
  await page.getByRole('button', { name: 'Ask me' }).click();
  const asked = page.getByRole('group', { name: 'Ask me' });
  await asked.getByRole('button', { name: 'the first' }).click();
  await asked.getByRole('button', { name: 'late', exact: true }).click();
  await expect(page.getByRole('status', { name: 'Hear it right and wrong' })).toHaveText(/^(Right|No): the (first|second) was /);
});

import type { Page } from '@playwright/test';
import { expect, openPiece, test } from '../bench-page.ts';
import { openSessions, pedalUntil } from '../stand-page.ts';
import { waveFile } from '../../support/listening/wave-file.ts';
import { microphoneState, NOTHING_YET, playToMicrophone, takeMicrophoneAway, withMicrophone } from './microphone-page.ts';

/** The shortest line of the demo, and the pupil who plays it. */
const SHORT = 'F major, first shifts';
const PUPIL = 'Merle';

const RATE = 44_100;

/** Begins a session of the short line alone, without anything that sounds along, two good ones to a set, and goes on to its first set. */
async function beginSet(page: Page): Promise<void> {
  await openSessions(page, PUPIL);
  await page.getByRole('button', { name: 'New session' }).click();
  await page.getByLabel('Piece or drill').selectOption({ label: SHORT });
  await page.getByRole('button', { name: 'Put it in' }).click();
  await page.getByText('Set, ladder and sound').click();
  await page.getByLabel('Good ones to a set').fill('2');
  await page.getByLabel('Model', { exact: true }).selectOption('no model');
  await page.getByLabel('Metronome').uncheck();
  await page.getByRole('button', { name: 'Begin' }).click();
  await pedalUntil(page, 'PageDown', page.getByLabel('Good so far'));
}

test('tries are counted by ear on the stand, one is taken back, and two claps go on', async ({ page }) => {
  await beginSet(page);
  await withMicrophone(page, { file: NOTHING_YET });
  await page.getByRole('button', { name: 'Listen', exact: true }).click();
  const listening = page.getByRole('status', { name: 'Listening' });
  await expect(listening).toContainText('Play it, then rest a moment');
  const flat = { misses: { fingers: {}, strings: {}, shiftUp: 0, shiftDown: 0, notes: { 4: -40 } } };
  await playToMicrophone(page, waveFile('flat.wav', { play: SHORT, sampleRate: RATE, pace: 2, player: flat }));
  await expect(listening).toContainText('You are playing');
  await expect(listening).toContainText(/Heard: measure \d, beat \d \(.*\), [34]\d cents flat\./);
  await expect(page.getByLabel('Good so far')).toHaveText('0 of 2');
  await listening.getByRole('button', { name: 'Take it back' }).click();
  await expect(listening).not.toContainText('Heard:');
  await playToMicrophone(page, waveFile('clean.wav', { play: SHORT, sampleRate: RATE, pace: 2 }));
  await expect(listening).toContainText('Heard: clean.');
  await expect(page.getByLabel('Good so far')).toHaveText('1 of 2');
  await playToMicrophone(page, waveFile('claps.wav', { claps: 2, sampleRate: RATE }));
  await expect(page.getByRole('heading', { name: 'A clean set' })).toBeVisible();
  await expect(listening).toContainText('clap twice to go on');
  await takeMicrophoneAway(page);
  await expect(listening).toContainText('The microphone was taken away.');
  await page.getByRole('button', { name: 'Leave' }).click();
  expect(await microphoneState(page)).toBe('ended');
  await page.getByRole('link', { name: 'What was done' }).click();
  await expect(page.getByRole('article').first()).toContainText('2 of 2 good');
});

test('a stage of a shift is recorded, and says whether it was passed', async ({ page }) => {
  await openPiece(page, SHORT);
  await page.getByRole('link', { name: 'Drills', exact: true }).click();
  const stages = page.getByRole('region', { name: 'Stages' });
  await stages.getByRole('button', { name: 'Record it: With its neighbours' }).click();
  const stage = stages.getByRole('group', { name: 'Record this stage' });
  await stage.getByRole('button', { name: 'Let the simulated player play it' }).click();
  await expect(stage.getByText(/^Passed: every note is in tune within \d+ cents\.$/)).toBeVisible();
  await withMicrophone(page, { file: waveFile('talk.wav', { talks: 6, sampleRate: RATE }) });
  await stage.getByRole('button', { name: 'Record' }).click();
  await expect(stage).toContainText('Recording, 3 s');
  await stage.getByRole('button', { name: 'Stop and judge it' }).click();
  await expect(stage.getByText('Too little of the line was heard to judge it. Say yourself how it went.')).toBeVisible();
});

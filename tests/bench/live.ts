import type { Browser } from '@playwright/test';
import { dueNotes } from '#core/listening';
import { FAULTLESS, playNotes } from '#core/listening/simulated';
import { DEMO_PIECES } from '../../src/demo/pieces.ts';
import { planBest } from '../support/briefs.ts';
import { waveFile } from '../support/listening/wave-file.ts';

/** The line that is played: a bass from F2 up. */
const LINE = 'F major, first shifts';

/** A note as it was shown: its index in the line, and the time since the sound began, ms. */
interface Shown {
  readonly note: number;
  readonly at: number;
}

/** Measures how long after its beginning each note of a line is shown while it is played, without and with the time of the device. */
export async function printLiveLatency(browser: Browser, address: string): Promise<void> {
  const page = await browser.newPage();
  // The functions passed to the page are compiled with a helper that the page does not have.
  await page.addInitScript({ content: 'globalThis.__name = (named) => named' });
  await page.goto(`${address}/pieces`);
  await page.getByRole('link', { name: LINE }).first().click();
  await page.getByRole('link', { name: 'Take', exact: true }).click();
  await page.getByRole('button', { name: 'Listen live' }).waitFor();
  const wave = waveFile('take.wav', { play: LINE, sampleRate: 44_100 }).buffer.toString('base64');
  await page.evaluate(hearFile, wave);
  await page.getByRole('button', { name: 'Listen live' }).click();
  const last = DEMO_PIECES.find(({ name }) => name === LINE);
  if (!last) throw new Error(`There is no demo piece ${LINE}`);
  const played = playNotes(dueNotes(planBest(last.brief)), FAULTLESS);
  await page.locator(`[data-live-note="${played.at(-1)?.order ?? 0}"]`).waitFor({ timeout: 60_000 });
  const { shown, deviceMs } = await page.evaluate((): { shown: readonly Shown[]; deviceMs: number } => Reflect.get(globalThis, 'live'));
  const late = played.flatMap(({ order, at }) => {
    const one = shown.find(({ note }) => note === order);
    return one ? [one.at - 1000 * at] : [];
  });
  const sorted = late.toSorted((one, other) => one - other);
  const [middle = 0, most = 0] = [sorted[Math.floor(sorted.length / 2)], sorted.at(-1)];
  console.log(
    `a note is shown while it is played (F2 to A3, ${late.length} notes) after ${middle.toFixed(0)} ms, at most ${most.toFixed(0)}; with the device ${(middle + deviceMs).toFixed(0)} ms`,
  );
  await page.close();
}

/** Puts a microphone in place of the browser’s that hears a file, and notes when each note is shown. */
function hearFile(wave: string): void {
  navigator.mediaDevices.getUserMedia = async () => {
    const context = new AudioContext();
    const bytes = Uint8Array.from(atob(wave), (letter) => letter.charCodeAt(0));
    const source = new AudioBufferSourceNode(context, { buffer: await context.decodeAudioData(bytes.buffer) });
    const destination = context.createMediaStreamDestination();
    source.connect(destination);
    const begins = context.currentTime + 0.5;
    const beginsAt = performance.now() + 500;
    source.start(begins);
    const live = { shown: [] as Shown[], deviceMs: 1000 * (context.baseLatency + context.outputLatency) };
    Object.assign(globalThis, { live });
    new MutationObserver(() => {
      const note = Number(document.querySelector('[data-live-note]')?.getAttribute('data-live-note') ?? NaN);
      if (!Number.isNaN(note) && live.shown.at(-1)?.note !== note) live.shown.push({ note, at: performance.now() - beginsAt });
    }).observe(document.body, { subtree: true, attributes: true, childList: true, attributeFilter: ['data-live-note'] });
    return destination.stream;
  };
}

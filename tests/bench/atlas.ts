/**
 * Measures how soon the atlas is drawn in another key, and how soon a quiz shows the right answer on the fingerboard, on this machine, for
 * the built application: `npm run build` first, then `npm run bench:atlas`.
 */
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM, startServer } from '../support/served.ts';

const PORT = 4396;
const ROUNDS = 15;

const KEYS = ['C major', 'D major', 'E major', 'F major', 'G major', 'A major', 'B major', 'Bb major', 'Eb major', 'Ab major'];

const server = await startServer({ port: PORT, env: { DOVE_PATH_DEMO: '1' } });
const browser = await chromium.launch(CHROMIUM);
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  // The functions passed to the page are compiled with a helper that the page does not have.
  await page.addInitScript({ content: 'globalThis.__name = (named) => named' });
  console.log(`atlas of all positions, another key chosen to drawn: ${timesText(await atlas(page))} (at most 150 ms)`);
  console.log(`quiz, answer given to shown on the fingerboard: ${timesText(await quiz(page))} (at most 50 ms)`);
} finally {
  await browser.close();
  await server.stop();
}

async function atlas(page: Page): Promise<readonly number[]> {
  await page.goto(`${server.address}/atlas?instrument=violin+4/4&key=F%23+major`);
  const key = page.getByLabel('Key', { exact: true });
  await key.waitFor();
  const all: number[] = [];
  for (const value of KEYS) {
    all.push(
      await page.evaluate(async (wanted) => {
        const select = document.querySelector<HTMLSelectElement>('select[aria-label="Key"]');
        const label = (): string => document.querySelector('svg[role="img"]')?.getAttribute('aria-label') ?? '';
        const before = label();
        const began = performance.now();
        if (select) select.value = wanted;
        select?.dispatchEvent(new Event('change', { bubbles: true }));
        while (label() === before || label() === '') await new Promise((next) => requestAnimationFrame(next));
        return performance.now() - began;
      }, value),
    );
  }
  return all;
}

async function quiz(page: Page): Promise<readonly number[]> {
  await page.goto(`${server.address}/atlas/names?about=chosen&ask=places&key=D+major&position=3&instrument=violin+4/4`);
  const form = page.getByRole('form', { name: 'Question' });
  await form.waitFor();
  const all: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    if (!(await form.isVisible())) break;
    const typed = form.getByRole('textbox');
    await typed.fill((await typed.getAttribute('aria-label')) === 'Strings and fingers' ? 'A2' : 'c');
    all.push(
      await page.evaluate(async () => {
        const began = performance.now();
        document.querySelector<HTMLFormElement>('form[aria-label="Question"]')?.requestSubmit();
        while (!document.querySelector('svg[aria-label="The right answer on the fingerboard"]'))
          await new Promise((next) => requestAnimationFrame(next));
        return performance.now() - began;
      }),
    );
    await form.getByRole('button', { name: 'Next question' }).click();
  }
  return all;
}

function timesText(all: readonly number[]): string {
  const sorted = all.toSorted((one, other) => one - other);
  const at = (share: number): string => (sorted[Math.floor(share * (sorted.length - 1))] ?? NaN).toFixed(0);
  return `median ${at(0.5)} ms, slowest ${at(1)} ms of ${all.length}`;
}

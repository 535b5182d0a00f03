/**
 * Measures a log after years: 100,000 tries of one player. How soon Record is open, day by day and all of it, and how long it takes to add
 * an entry, against the same with the demo alone. For the built application: `npm run bench:log -- --attempts 100000`.
 */
import { type BrowserContext, chromium, type Page } from '@playwright/test';
import { firstShown, noteFirstShown } from '../support/first-shown.ts';
import { growLog } from '../support/grown-log.ts';
import { CHROMIUM, numberGiven, startServer } from '../support/served.ts';

const PORT = 4394;
const ROUNDS = 9;

/** A day of the log. */
const DAY = 'article';
const ADDED = 20;

/** The player of the demo whose log grows. */
const PLAYER = 'demo-player-martin';

const attempts = numberGiven('attempts', 100_000);

const server = await startServer({ port: PORT, env: { DOVE_PATH_DEMO: '1' } });
const browser = await chromium.launch(CHROMIUM);
try {
  const context = await browser.newContext({ baseURL: server.address, serviceWorkers: 'block', viewport: { width: 1280, height: 800 } });
  // The functions passed to the page are compiled with a helper that the page does not have.
  await context.addInitScript({ content: 'globalThis.__name = (named) => named' });
  await noteFirstShown(context, [DAY]);
  const first = await context.newPage();
  await first.goto(`/record?player=${PLAYER}`);
  await first.getByRole('article').first().waitFor();
  const few = await figures(context);
  await first.close();
  await growLog(context, { attempts, player: PLAYER });
  const many = await figures(context);
  for (const [name, ms] of Object.entries(many))
    console.log(`${name}: ${ms.toFixed(0)} ms with ${attempts} tries, ${(few[name] ?? 0).toFixed(0)} ms with the demo alone`);
} finally {
  await browser.close();
  await server.stop();
}

/** The medians, ms. */
async function figures(context: BrowserContext): Promise<Readonly<Record<string, number>>> {
  const open: number[] = [];
  const all: number[] = [];
  const add: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const page = await context.newPage();
    await page.goto(`/record?player=${PLAYER}`, { waitUntil: 'commit' });
    open.push(await firstShown(page, DAY));
    all.push(await untilAll(page));
    await page.close();
  }
  const page = await context.newPage();
  await page.goto(`/record?player=${PLAYER}&part=lesson`);
  await page.getByRole('heading', { name: 'Next aim' }).waitFor();
  for (let order = 0; order < ADDED; order += 1) add.push(await page.evaluate(remark, `Remark ${order} of ${Date.now()}`));
  await page.close();
  return { 'the record open': median(open), 'all of it shown': median(all), 'an entry added and kept': median(add) };
}

async function untilAll(page: Page): Promise<number> {
  await page.evaluate(() => performance.mark('asked'));
  await page.getByRole('button', { name: 'Everything that was ever logged' }).click();
  await page.getByText(/^All of it: /).waitFor();
  return await page.evaluate(() => performance.measure('shown', 'asked').duration);
}

/** Runs in the page: types a remark, and waits until nothing of the log is on its way to the database. */
async function remark(text: string): Promise<number> {
  const field = document.querySelector<HTMLInputElement>('input[aria-label="Remark"]');
  if (!field) throw new Error('There is no field for a remark');
  field.focus();
  document.execCommand('insertText', false, text);
  const since = performance.now();
  field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
  while (field.value !== '') await new Promise((resolve) => setTimeout(resolve));
  return performance.now() - since;
}

function median(times: readonly number[]): number {
  return times.toSorted((one, other) => one - other)[Math.floor(times.length / 2)] ?? 0;
}

/**
 * Measures a studio after years: 5,000 pieces and 200 players. How soon the library and the bench are open and a search has its answer,
 * against the same with the demo alone; and how much memory many edits leave in use. For the built application (`npm run build` first):
 * `npm run bench:long-life -- --pieces 5000 --players 200 --edits 20000`.
 */
import { type Browser, type BrowserContext, chromium, type Page } from '@playwright/test';
import { firstShown, noteFirstShown } from '../support/first-shown.ts';
import { grow } from '../support/grown-studio.ts';
import { CHROMIUM, numberGiven, startServer } from '../support/served.ts';

const PORT = 4393;
const ROUNDS = 5;

/** The selectors of a piece of the library, and of a finger of the bench. */
const [ROW, BEAD] = ['tbody tr', '[data-bead]'] as const;

const pieces = numberGiven('pieces', 5000);
const players = numberGiven('players', 200);
const edits = numberGiven('edits', 20_000);

const server = await startServer({ port: PORT, env: { DOVE_PATH_DEMO: '1' } });
const browser = await chromium.launch(CHROMIUM);
try {
  const young = await open(browser);
  const few = await figures(young);
  await young.close();
  const old = await open(browser);
  await grow(old, { pieces, players });
  const many = await figures(old);
  for (const [name, ms] of Object.entries(many)) {
    const before = Object.entries(few).find(([known]) => known === name)?.[1] ?? 0;
    console.log(`${name}: ${ms.toFixed(0)} ms with ${pieces} pieces and ${players} players, ${before.toFixed(0)} ms with the demo alone`);
  }
  await printMemory(old);
} finally {
  await browser.close();
  await server.stop();
}

async function open(on: Browser): Promise<BrowserContext> {
  const context = await on.newContext({ baseURL: server.address, serviceWorkers: 'block', viewport: { width: 1280, height: 800 } });
  await context.addInitScript(() => localStorage.setItem('dove-path/first-steps', 'done'));
  // The functions passed to the page are compiled with a helper that the page does not have.
  await context.addInitScript({ content: 'globalThis.__name = (named) => named' });
  await noteFirstShown(context, [ROW, BEAD]);
  const page = await context.newPage();
  // The bench stands before the demo is in the database; the library does not.
  await page.goto('/pieces');
  await page.locator(ROW).first().waitFor();
  await page.close();
  return context;
}

/** The medians, ms. */
async function figures(context: BrowserContext): Promise<Readonly<Record<string, number>>> {
  const library: number[] = [];
  const bench: number[] = [];
  const search: number[] = [];
  const palette: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const page = await context.newPage();
    library.push(await untilShown(page, '/pieces', ROW));
    search.push(await untilAnswered(page, 'input[type=search]'));
    bench.push(await untilShown(page, '/', BEAD));
    await page.locator('[data-saving=saved]').waitFor();
    await page.waitForLoadState('networkidle');
    await page.keyboard.press('Control+k');
    await page
      .locator('[cmdk-item]', { hasText: 'Etude' })
      .or(page.locator('[cmdk-item]', { hasText: 'Wren' }))
      .first()
      .waitFor();
    palette.push(await untilAnswered(page, '[cmdk-input]'));
    await page.close();
  }
  return {
    'the library open': median(library),
    'a search in the library': median(search),
    'the bench open': median(bench),
    'a search in the commands': median(palette),
  };
}

async function untilShown(page: Page, path: string, shown: string): Promise<number> {
  await page.goto(path, { waitUntil: 'commit' });
  return await firstShown(page, shown);
}

/** Measures the time from a typed letter to the next frame after it, ms. */
async function untilAnswered(page: Page, field: string): Promise<number> {
  return await page.evaluate(async (selector) => {
    const input = document.querySelector<HTMLInputElement>(selector);
    if (!input) return Infinity;
    input.focus();
    const since = performance.now();
    document.execCommand('insertText', false, 'tude 7');
    await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
    return performance.now() - since;
  }, field);
}

/** Measures the heap after every tenth of the edits: octaves and bowing of a piece chosen over and over. */
async function printMemory(context: BrowserContext): Promise<void> {
  const page = await context.newPage();
  await page.goto('/?new');
  await page.locator('[data-saving=saved]').waitFor();
  const session = await context.newCDPSession(page);
  const heapMb = async (): Promise<number> => {
    await page.locator('[data-saving=saved]').waitFor({ timeout: 60_000 });
    await session.send('HeapProfiler.collectGarbage');
    return (await session.send('Runtime.getHeapUsage')).usedSize / 1024 / 1024;
  };
  await page.evaluate(edit, 200);
  const first = await heapMb();
  const grown: string[] = [];
  for (let tenth = 1; tenth <= 10; tenth += 1) {
    await page.evaluate(edit, edits / 10);
    grown.push(((await heapMb()) - first).toFixed(1));
  }
  console.log(`memory after ${edits} edits, MB more than after the first 200, at every tenth: ${grown.join(', ')}`);
}

/** Runs in the page. */
async function edit(times: number): Promise<void> {
  for (let time = 0; time < times; time += 1) {
    const select = document.querySelector<HTMLSelectElement>(`select[aria-label="${time % 3 === 0 ? 'Bowing' : 'Octaves'}"]`);
    if (!select) throw new Error('The sentence is not there');
    select.selectedIndex = (select.selectedIndex + 1) % select.options.length;
    select.dispatchEvent(new Event('change', { bubbles: true }));
    await new Promise((resolve) => setTimeout(resolve, 4));
  }
}

function median(times: readonly number[]): number {
  return times.toSorted((one, other) => one - other)[Math.floor(times.length / 2)] ?? 0;
}

/** What the browser needs on this machine, for the built application: `npm run build` first, then `npm run bench`. */
import { spawn } from 'node:child_process';
import { gzipSync } from 'node:zlib';
import { chromium, type Page } from '@playwright/test';

const PORT = 4398;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const ROUNDS = 21;

const server = spawn(process.execPath, ['dist/server/entry.mjs'], {
  env: { ...process.env, HOST: '127.0.0.1', PORT: String(PORT), DOVE_PATH_DEMO: '1' },
  stdio: 'ignore',
});
try {
  await serverReady();
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  // The functions handed to the page are compiled with a helper that the page does not have.
  await page.addInitScript({ content: 'globalThis.__name = (named) => named' });
  await printScriptSize(page);
  await printChangeToDrawn(page);
  await browser.close();
} finally {
  server.kill();
}

/** All script that the bench asks for until its staff is drawn, each file compressed by itself; 250 KB are 256,000 bytes. */
async function printScriptSize(page: Page): Promise<void> {
  const sizes = new Map<string, number>();
  page.on('response', (response) => {
    if (/javascript/.test(response.headers()['content-type'] ?? ''))
      void response.body().then((body) => sizes.set(response.url(), gzipSync(body).length));
  });
  await page.addInitScript(() => {
    new MutationObserver((_, observer) => {
      if (!document.querySelector('[data-bead]')) return;
      performance.mark('drawn');
      observer.disconnect();
    }).observe(document, { childList: true, subtree: true });
  });
  await page.goto(ADDRESS);
  await page.locator('[data-bead]').first().waitFor();
  await page.waitForLoadState('networkidle');
  const later = await page.evaluate(() => {
    const drawn = performance.getEntriesByName('drawn')[0]?.startTime ?? Infinity;
    return performance.getEntriesByType('resource').flatMap((entry) => (entry.startTime > drawn ? [entry.name] : []));
  });
  const files = sizes.size;
  for (const url of later) sizes.delete(url);
  const total = [...sizes.values()].reduce((sum, size) => sum + size, 0);
  console.log(
    `\nfirst load of the bench with the staff drawn: ${(total / 1024).toFixed(1)} KB of compressed script in ${sizes.size} files (${files - sizes.size} more come after it)`,
  );
}

/** From the brief's change to the frame in which the new plan stands, for a three-octave scale up and down. */
async function printChangeToDrawn(page: Page): Promise<void> {
  await page.goto(`${ADDRESS}/?new`);
  await page.getByLabel('Octaves').selectOption('three octaves');
  await page.getByLabel('Direction').selectOption('up and down');
  await page.locator('[data-bead="21"]').waitFor();
  const times: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) times.push(await changeMs(page, round % 2 === 0 ? 'Ab' : 'A'));
  const sorted = times.toSorted((one, other) => one - other);
  const at = (share: number): string => `${(sorted[Math.floor(share * (ROUNDS - 1))] ?? 0).toFixed(0)} ms`;
  const idle = await idleFrameMs(page);
  console.log(
    `brief changed to plan drawn, 43 notes planned, those in view engraved: median ${at(0.5)}, 95th percentile ${at(0.95)} (a frame of the idle page: ${idle.toFixed(1)} ms)`,
  );
}

async function changeMs(page: Page, tonic: string): Promise<number> {
  return page.evaluate(async (name) => {
    const select = document.querySelector('select[aria-label="Tonic"]');
    const overlay = document.querySelector('[data-testid="overlay"]');
    if (!(select instanceof HTMLSelectElement) || !overlay) throw new Error('The bench is not there');
    const texts = (): string => [...document.querySelectorAll('[data-bead] title')].map((title) => title.textContent).join();
    const before = texts();
    const start = performance.now();
    Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value')?.set?.call(select, name);
    select.dispatchEvent(new Event('change', { bubbles: true }));
    return new Promise<number>((resolve) => {
      const look = (): void => {
        const now = texts();
        if (now === before || now === '') return void requestAnimationFrame(look);
        // A message sent from a frame's callback arrives after that frame is painted.
        const painted = new MessageChannel();
        painted.port1.onmessage = () => resolve(performance.now() - start);
        painted.port2.postMessage(null);
      };
      look();
    });
  }, tonic);
}

async function idleFrameMs(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        let frames = 0;
        const start = performance.now();
        const next = (): void => {
          frames += 1;
          if (frames === 30) resolve((performance.now() - start) / 30);
          else requestAnimationFrame(next);
        };
        requestAnimationFrame(next);
      }),
  );
}

async function serverReady(): Promise<void> {
  for (let attempt = 0; attempt < 100; attempt += 1) {
    const answer = await fetch(`${ADDRESS}/api/health`).catch(() => null);
    if (answer?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('The server of the bench does not answer');
}

import { brotliCompressSync } from 'node:zlib';
import type { Browser, BrowserContext, CDPSession, Page } from '@playwright/test';

/** The kinds of files that are sent for a page. */
export const KINDS = ['HTML', 'CSS', 'scripts', 'worker', 'fonts', 'other'] as const;
type Kind = (typeof KINDS)[number];

/** The bytes of each kind, as they are sent to a browser that takes brotli. */
export type BytesByKind = Readonly<Record<Kind, number>>;

/** A line and a processor that a visitor may have. */
export interface Visitor {
  readonly name: string;
  /** The factor by which it is slower than this machine. */
  readonly slower: number;
  /** The bits a second; null for no limit. */
  readonly bitsPerSecond: number | null;
  /** The time from a request to the first byte of its answer, ms. */
  readonly latencyMs: number;
}

/** The visitors: this machine; a phone on a mobile network; a line that is slower still. */
export const VISITORS: readonly Visitor[] = [
  { name: 'this machine', slower: 1, bitsPerSecond: null, latencyMs: 0 },
  { name: 'like a phone: 4 times slower, 1.6 Mbit/s', slower: 4, bitsPerSecond: 1_600_000, latencyMs: 150 },
  { name: '400 kbit/s', slower: 1, bitsPerSecond: 400_000, latencyMs: 150 },
];

/** The time that a heavy page over a slow line may take, ms. */
const SLOWEST_VISIT_MS = 180_000;

/** A first visit to the bench. */
export interface FirstVisit {
  /** The time from the request until the staff stood on the screen, ms. */
  readonly staffMs: number;
  /** The time from the request until a press on a note was answered, ms. */
  readonly usableMs: number;
  /** The main thread's work until the staff stood, ms. */
  readonly workMs: number;
  /** The bytes asked for until the staff stood. */
  readonly bytes: BytesByKind;
}

interface Answered {
  readonly kind: Kind;
  readonly askedAt: number;
  readonly type: string;
  readonly body: Promise<Buffer>;
}

/** Opens the bench as a visitor does who was never here, with nothing in the browser's cache. */
export async function firstVisit(browser: Browser, address: string, visitor: Visitor): Promise<FirstVisit> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
  try {
    const page = await newPageLike(context, visitor);
    const answers: Answered[] = [];
    page.on('response', (response) => {
      const type = response.headers()['content-type'] ?? '';
      // A file that comes while the page closes came after it.
      const body = response.body().catch(() => Buffer.alloc(0));
      answers.push({ kind: kindOf(new URL(response.url()), type), askedAt: response.request().timing().startTime, type, body });
    });
    // The functions passed to the page are compiled with a helper that the page does not have.
    await page.addInitScript({ content: 'globalThis.__name = (named) => named' });
    await page.addInitScript(noteStaff);
    const session = await context.newCDPSession(page);
    await session.send('Performance.enable');
    await page.goto(address);
    await page.waitForFunction(() => performance.getEntriesByName('staff').length > 0);
    const workMs = await workOf(session);
    const usableMs = await pressedUntilAnswered(page);
    const { staffMs, drawnAt } = await page.evaluate(() => ({
      staffMs: performance.getEntriesByName('staff')[0]?.startTime ?? Infinity,
      drawnAt: performance.timeOrigin + (performance.getEntriesByName('drawn')[0]?.startTime ?? Infinity),
    }));
    const until = answers.filter(({ askedAt }) => askedAt <= drawnAt);
    const sizes = await Promise.all(until.map(async ({ kind, type, body }) => ({ kind, bytes: sentBytes(await body, type) })));
    return { staffMs, usableMs, workMs, bytes: sumByKind(sizes) };
  } finally {
    await context.close();
  }
}

/** Adds up all bytes. */
export function allBytes(bytes: BytesByKind): number {
  return KINDS.reduce((sum, kind) => sum + bytes[kind], 0);
}

async function newPageLike(context: BrowserContext, { slower, bitsPerSecond, latencyMs }: Visitor): Promise<Page> {
  const page = await context.newPage();
  page.setDefaultTimeout(SLOWEST_VISIT_MS);
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slower });
  if (bitsPerSecond !== null) {
    await session.send('Network.enable');
    const throughput = bitsPerSecond / 8;
    await session.send('Network.emulateNetworkConditions', {
      offline: false,
      latency: latencyMs,
      downloadThroughput: throughput,
      uploadThroughput: throughput,
    });
  }
  return page;
}

/** Runs in the page: notes the frame in which note heads and beads stand. */
function noteStaff(): void {
  const watch = new MutationObserver(() => {
    if (!document.querySelector('[data-bead]') || !document.querySelector('.vf-notehead')) return;
    watch.disconnect();
    requestAnimationFrame(() => {
      // The staff stands: later requests are not counted.
      performance.mark('drawn');
      setTimeout(() => performance.mark('staff'));
    });
  });
  watch.observe(document, { childList: true, subtree: true });
}

/** Gives the time for which the main thread has worked so far, ms. */
async function workOf(session: CDPSession): Promise<number> {
  const { metrics } = await session.send('Performance.getMetrics');
  return 1000 * (metrics.find(({ name }) => name === 'TaskDuration')?.value ?? 0);
}

/** Presses the key for the first note until it is selected; gives the time from the request of the page, ms. */
async function pressedUntilAnswered(page: Page): Promise<number> {
  return await page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const isSelected = (): boolean =>
          document.querySelector('[aria-label="Staff and path"] [aria-live]')?.textContent.startsWith('Selected') === true;
        const press = (): void => {
          if (isSelected()) return resolve(performance.now());
          document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
          requestAnimationFrame(() => setTimeout(() => (isSelected() ? resolve(performance.now()) : press())));
        };
        press();
      }),
  );
}

/** Counts the bytes on the line: text goes compressed, fonts are compressed already. */
function sentBytes(body: Buffer, type: string): number {
  return /javascript|css|html|json|svg|manifest/.test(type) ? brotliCompressSync(body).length : body.length;
}

function kindOf({ pathname }: URL, type: string): Kind {
  if (/worker/.test(pathname) && type.includes('javascript')) return 'worker';
  if (type.includes('javascript')) return 'scripts';
  if (type.includes('css')) return 'CSS';
  if (type.includes('html')) return 'HTML';
  return /font|woff/.test(type) ? 'fonts' : 'other';
}

function sumByKind(sizes: readonly { readonly kind: Kind; readonly bytes: number }[]): BytesByKind {
  const sum = (kind: Kind): number => sizes.filter((size) => size.kind === kind).reduce((total, { bytes }) => total + bytes, 0);
  return { HTML: sum('HTML'), CSS: sum('CSS'), scripts: sum('scripts'), worker: sum('worker'), fonts: sum('fonts'), other: sum('other') };
}

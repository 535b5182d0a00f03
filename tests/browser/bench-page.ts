import AxeBuilder from '@axe-core/playwright';
import { test as base, type Download, expect, type Locator, type Page, type Response } from '@playwright/test';
import { HASHED_CACHE } from '../../src/server/headers.ts';
import { DEMO_PIECES } from '../../src/demo/pieces.ts';
import { idOfPiece, openSharedBrowser, SharedPage, USUAL_SIZE } from './shared-browser.ts';

interface TestOptions {
  /** Whether the bench introduces itself, as it does until that was read or skipped once. */
  readonly firstVisit: boolean;
  /** Whether the test has a browser of its own that was never here before, and not one shared with others in which the demo is. */
  readonly newBrowser: boolean;
}

/**
 * The test that fails on a console error, an uncaught error, a request to another host, a breach of the content policy, or an answer of
 * ours without the headers that keep it ours.
 */
export const test = base.extend<TestOptions & { readonly watched: undefined }, { readonly shared: SharedPage }>({
  firstVisit: [false, { option: true }],
  newBrowser: [false, { option: true }],
  shared: [
    async ({ browser }, use, { project }) => {
      const context = await openSharedBrowser(browser, { baseURL: project.use.baseURL ?? '', viewport: USUAL_SIZE });
      await use(new SharedPage(context, watchPolicy));
      await context.close();
    },
    // The demo is put in before the first test begins, so its time is not the test's.
    { scope: 'worker', timeout: 120_000 },
  ],
  context: async ({ browser, shared, newBrowser }, use) => {
    // Options set for the tests of this file or group go into a new browser by themselves.
    const context = newBrowser ? await browser.newContext() : shared.context;
    await use(context);
    if (newBrowser) await context.close();
  },
  page: async ({ context, shared, newBrowser }, use) => {
    if (newBrowser) {
      const page = await context.newPage();
      await watchPolicy(page);
      await use(page);
    } else {
      await use(await shared.open());
      await shared.leave();
    }
  },
  watched: [
    async ({ page, baseURL, firstVisit, newBrowser }, use) => {
      if (!firstVisit && newBrowser) await page.addInitScript(readFirstSteps);
      else if (!firstVisit) await page.evaluate(readFirstSteps);
      const troubles: string[] = [];
      breaches.set(page, (what) => troubles.push(`content policy: ${what}`));
      page.on('console', (message) => message.type() === 'error' && !underTest.has(page) && troubles.push(`console: ${message.text()}`));
      page.on('pageerror', (error) => troubles.push(`uncaught: ${error.message}`));
      page.on('request', (request) => !isOurs(request.url(), baseURL ?? '') && troubles.push(`request to ${request.url()}`));
      page.on('response', (response) => troubles.push(...headerTroubles(response)));
      await use(undefined);
      underTest.delete(page);
      expect(troubles).toEqual([]);
    },
    { auto: true },
  ],
});

/** Runs in the page: the bench does not introduce itself. */
function readFirstSteps(): void {
  localStorage.setItem('dove-path/first-steps', 'done');
}

/** The listeners for what the content policy refused in a page. */
const breaches = new WeakMap<Page, (what: string) => void>();

/** Lets a page report from here on what its content policy refuses. */
async function watchPolicy(page: Page): Promise<void> {
  await page.exposeFunction('policyBroken', (what: string) => !underTest.has(page) && breaches.get(page)?.(what));
  await page.addInitScript(() => {
    addEventListener('securitypolicyviolation', ({ effectiveDirective, blockedURI, sample }) => {
      window.policyBroken(`${effectiveDirective} ${blockedURI} ${sample}`);
    });
  });
}

export { expect };

/** Opens the bench on a new piece, as "New" does. */
export async function openNewPiece(page: Page): Promise<void> {
  await page.goto('/?new');
  await planDrawn(page);
}

/** Shows the parts of the sentence that are at their usual value. */
export async function tellWholeBrief(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'More parts of the brief' }).click();
}

/** Chooses a command that is found in the list by typing. */
export async function findCommand(page: Page, typed: string, name: RegExp): Promise<void> {
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: 'Search commands and pieces' }).fill(typed);
  await page.getByRole('option', { name }).click();
}

/** Opens a piece by its name: at its address or, in a browser that does not have it yet, from the list. */
export async function openPiece(page: Page, name: string): Promise<void> {
  const id = await idOfPiece(page, name);
  if (id === null) {
    await page.goto('/pieces');
    await page.getByRole('link', { name, exact: true }).click();
  } else {
    await page.goto(`/?piece=${id}`);
  }
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue(name);
  await planDrawn(page);
}

/** Waits until the plan is there, and its beads are drawn under the notes. */
export async function planDrawn(page: Page): Promise<void> {
  await expect(page.getByRole('region', { name: 'Staff and path' })).toBeVisible();
  await expect(beads(page).first()).toBeVisible();
}

/** Finds the beads of the path. */
export function beads(page: Page): Locator {
  return page.locator('[data-bead]');
}

/** Reads the fingers of the beads as one text: "0 1 2 3". */
export async function fingers(page: Page): Promise<string> {
  const texts = await beads(page).locator('text').allTextContents();
  return texts.join(' ');
}

/** Waits until the work is in the database. */
export async function waitUntilSaved(page: Page): Promise<void> {
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
}

/** Types a line of one's own into a new piece. */
export async function typeLine(page: Page, text: string): Promise<void> {
  await page.getByLabel('Material').selectOption('line of my own');
  await page.getByRole('textbox', { name: /^Notes, for example/ }).fill(text);
}

declare global {
  interface Window {
    /** Tells the test what the content policy refused. */
    readonly policyBroken: (what: string) => void;
  }
}

/** Lists what an answer of our own server lacks of the headers that every one has. */
function headerTroubles(response: Response): readonly string[] {
  const url = new URL(response.url());
  if (!url.protocol.startsWith('http') || response.status() >= 300 || response.fromServiceWorker()) return [];
  const headers = response.headers();
  const wanted = {
    'x-content-type-options': 'nosniff',
    'cache-control': url.pathname.startsWith('/api/') ? 'no-store' : url.pathname.startsWith('/_astro/') ? HASHED_CACHE : 'no-cache',
    ...(headers['content-type']?.startsWith('text/html') ? { 'content-security-policy': 'frame-ancestors' } : {}),
  };
  return Object.entries(wanted).flatMap(([name, value]) =>
    headers[name]?.includes(value) ? [] : [`${url.pathname} has ${name}: ${headers[name] ?? 'none'}`],
  );
}

function isOurs(url: string, base: string): boolean {
  return url.startsWith(base) || url.startsWith('data:') || url.startsWith('blob:');
}

/** The number of rows in the list of pieces on the first start, its head included. */
export const DEMO_ROWS = DEMO_PIECES.length + 1;

/** Saves the piece in one of the ways under "Save as". */
export async function saveAs(page: Page, way: 'MusicXML' | 'MIDI' | 'CSV' | 'JSON' | 'SVG' | 'PNG' | 'PDF'): Promise<Download> {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as' }).click();
  // MusicXML is offered twice, the second time with more in it.
  await page.getByRole('button', { name: new RegExp(`^${way} (?!with)`) }).click();
  return await download;
}

/**
 * The pages whose errors count for nothing: axe tries styles of its own, which the content policy refuses; or a test lets requests fail.
 */
const underTest = new WeakSet<Page>();

/**
 * Lists what axe finds wrong on the page, or inside one element of it, with the size of targets: only findings are asked for, which is far
 * quicker.
 */
export async function findings(page: Page, inside?: string): Promise<readonly unknown[]> {
  const axe = new AxeBuilder({ page })
    .options({ resultTypes: ['violations'], rules: { 'target-size': { enabled: true } } })
    .setLegacyMode();
  underTest.add(page);
  const { violations } = await (inside === undefined ? axe : axe.include(inside)).analyze();
  underTest.delete(page);
  return violations;
}

/** Allows requests of the page to fail from here on. */
export function requestsMayFail(page: Page): void {
  underTest.add(page);
}

/**
 * Serves two builds, old and new, one after the other, in every order in which a page, its service worker and its parts can meet them. Each
 * must end with the new version running and nothing lost. Builds twice, then takes some minutes: `npm run endure:versions`; with `--
 * --folder F` the builds stay in that folder, and are taken from it the next time.
 */
import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, readdirSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Browser, type BrowserContext, chromium, type Page } from '@playwright/test';
import { CHROMIUM, type Served, startServer, textGiven } from '../support/served.ts';

const PORT = 4395;

const EDITED = 'Typed under the old version';

/** The two builds, each in a folder of its own; and the new one while it is being put on the server, every second file missing. */
type Version = 'old' | 'new' | 'half';

const given = textGiven('folder');
const folder = given ?? mkdtempSync(join(tmpdir(), 'versions-'));
for (const version of ['old', 'new'] as const) if (!existsSync(join(folder, version))) build(version);
if (!existsSync(join(folder, 'half'))) halve();

let server = await serving('old');
const browser = await chromium.launch(CHROMIUM);
try {
  for (const [name, order] of Object.entries(orders())) {
    await serve('old');
    const lost = await order(browser);
    console.log(`${name}: ${lost === null ? 'the new version runs, nothing lost' : lost}`);
    if (lost !== null) process.exitCode = 1;
  }
} finally {
  await browser.close();
  await server.stop();
  if (given === undefined) rmSync(folder, { recursive: true, force: true });
}

/** The fault at the end of an order; null for none. */
type Order = (browser: Browser) => Promise<string | null>;

function orders(): Readonly<Record<string, Order>> {
  return {
    'no service worker, a part that comes late is gone': async (on) =>
      await inContext(on, 'block', async (page) => {
        await serve('new');
        await edit(page);
        await page.getByRole('button', { name: 'Keyboard shortcuts' }).click();
        await useNewer(page);
        return page;
      }),
    'no service worker, the page is loaded again': async (on) =>
      await inContext(on, 'block', async (page) => {
        await edit(page);
        await serve('new');
        await page.reload();
        return page;
      }),
    'an old service worker and the new server, the new one used when it is offered': async (on) =>
      await inContext(on, 'allow', async (page) => {
        await waitUntilKept(page);
        await serve('new');
        await edit(page);
        await lookForNewer(page);
        await useNewer(page);
        return page;
      }),
    'an old service worker, the page loaded again before the new one is used': async (on) =>
      await inContext(on, 'allow', async (page) => {
        await waitUntilKept(page);
        await serve('new');
        await edit(page);
        await page.reload();
        await lookForNewer(page);
        await useNewer(page);
        return page;
      }),
    'two tabs of the old version, the new one used in one of them': async (on) =>
      await inContext(on, 'allow', async (page, context) => {
        await waitUntilKept(page);
        const other = await context.newPage();
        await other.goto('/?new');
        await edit(other);
        await serve('new');
        await lookForNewer(page);
        await useNewer(page);
        await other.reload();
        return other;
      }),
    'the new version half there, and the network gone, before it is whole': async (on) =>
      await inContext(on, 'allow', async (page, context) => {
        await waitUntilKept(page);
        await serve('half');
        await edit(page);
        await lookForNewer(page);
        await context.setOffline(true);
        await page.reload();
        await page.locator('[data-bead]').first().waitFor();
        await context.setOffline(false);
        await serve('new');
        await lookForNewer(page);
        await useNewer(page);
        return page;
      }),
  };
}

async function edit(page: Page): Promise<void> {
  await page.locator('[data-bead]').first().waitFor();
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill(EDITED);
}

async function inContext(
  on: Browser,
  serviceWorkers: 'allow' | 'block',
  order: (page: Page, context: BrowserContext) => Promise<Page>,
): Promise<string | null> {
  const context = await on.newContext({ baseURL: server.address, serviceWorkers });
  await context.addInitScript(() => localStorage.setItem('dove-path/first-steps', 'done'));
  const first = await context.newPage();
  await first.goto('/?new');
  await first.locator('[data-bead]').first().waitFor();
  try {
    const page = await order(first, context);
    await page.locator('[data-bead]').first().waitFor();
    const name = await page.getByRole('textbox', { name: 'Name of the piece' }).inputValue();
    const version = await page.locator('html').getAttribute('data-build');
    if (name !== EDITED) return `the name is “${name}”`;
    return version === 'new' ? null : `the version running is ${version ?? 'not said'}`;
  } catch (error) {
    return error instanceof Error ? (error.message.split('\n')[0] ?? '') : String(error);
  } finally {
    await context.close();
  }
}

/** Waits until the service worker stores the whole application, and this page is served by it. */
async function waitUntilKept(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const { active } = await navigator.serviceWorker.ready;
    while (active?.state !== 'activated') await new Promise((resolve) => setTimeout(resolve, 50));
  });
  await page.reload();
}

async function lookForNewer(page: Page): Promise<void> {
  await page.evaluate(async () => await (await navigator.serviceWorker.ready).update());
}

async function useNewer(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Update' }).click();
  await page.locator('html[data-build=new]').waitFor();
}

async function serve(version: Version): Promise<void> {
  await server.stop();
  server = await serving(version);
}

async function serving(version: Version): Promise<Served> {
  return await startServer({ port: PORT, tree: join(folder, version), env: { DOVE_PATH_BUILD: version } });
}

/** Makes a build of its own: the name of the version is part of its code, so that its files have names of their own. */
function build(version: Version): void {
  const { status } = spawnSync('npm', ['run', '--silent', 'build'], {
    stdio: 'inherit',
    env: { ...process.env, DOVE_PATH_BUILD: version },
  });
  if (status !== 0) throw new Error(`The ${version} version does not build: npm ended with ${status}`);
  cpSync('dist', join(folder, version, 'dist'), { recursive: true });
  cpSync('package.json', join(folder, version, 'package.json'));
  symlinkSync(join(process.cwd(), 'node_modules'), join(folder, version, 'node_modules'));
}

function halve(): void {
  cpSync(join(folder, 'new'), join(folder, 'half'), { recursive: true, verbatimSymlinks: true });
  const assets = join(folder, 'half', 'dist', 'client', '_astro');
  for (const [index, file] of readdirSync(assets).entries()) if (index % 2 === 0) rmSync(join(assets, file));
}

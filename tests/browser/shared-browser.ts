import { type Browser, type BrowserContext, type BrowserContextOptions, expect, type Page } from '@playwright/test';

/** A page of our own without the application in it, from which the browser's storage is reached. */
const BLANK_PAGE = '/icon.svg';

/** The time in which the application has put in the demo, on a slow machine that has just started, ms. */
const DEMO_PUT_IN_MS = 60_000;

/**
 * Opens the browser that the tests of a worker share: the scripts and fonts are fetched and compiled in it once. The demo is put in by the
 * application itself, and remembered in that state.
 */
export async function openSharedBrowser(browser: Browser, options: BrowserContextOptions): Promise<BrowserContext> {
  const context = await browser.newContext({ ...options, serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto('/record');
  await page.getByRole('heading', { name: 'Record', level: 1 }).waitFor();
  // A function that is waited for in the page must not be asynchronous: its promise would count as a yes. So the page is asked from here.
  await expect.poll(() => page.evaluate(isDemoPractised), { timeout: DEMO_PUT_IN_MS }).toBe(true);
  // While the application has its database open nothing can take it away.
  await page.evaluate(copyDatabase, { from: KEPT, to: REMEMBERED });
  await page.close();
  return context;
}

/** A page that one test after the other uses: code that was loaded and compiled in it is there for the next. */
export class SharedPage {
  private page: Page | null = null;

  constructor(
    readonly context: BrowserContext,
    /** Prepares a page when it is opened. */
    private readonly prepare: (page: Page) => Promise<void>,
  ) {}

  /** Opens the page, in which nothing is stored but the demo as on the day it was put in. */
  async open(): Promise<Page> {
    const page = this.page ?? (await this.newPage());
    this.page = page;
    await Promise.all([page.evaluate(forgetAllBut, [KEPT, REMEMBERED]), page.evaluate(copyDatabase, { from: REMEMBERED, to: KEPT })]);
    return page;
  }

  /** Leaves the browser as the next test expects it: no other page, nothing allowed, nobody listening. */
  async leave(): Promise<void> {
    for (const page of this.context.pages()) if (page !== this.page || (await isSpoilt(page))) await page.close();
    if (this.page?.isClosed()) this.page = null;
    await this.context.clearPermissions();
  }

  private async newPage(): Promise<Page> {
    const page = await this.context.newPage();
    await this.prepare(page);
    noteScripts(page);
    await page.goto(BLANK_PAGE);
    return page;
  }
}

/** The pages that were given a script by a test, which cannot be taken back. */
const withScripts = new WeakSet<Page>();

/** Notes from here on when a test gives the page a script of its own. */
function noteScripts(page: Page): void {
  const give = page.addInitScript.bind(page);
  page.addInitScript = (...script) => {
    withScripts.add(page);
    return give(...script);
  };
}

/** Tells whether a page cannot be used again: it has a script of a test, has crashed, or does not go where it is told. */
async function isSpoilt(page: Page): Promise<boolean> {
  if (withScripts.has(page)) return true;
  page.removeAllListeners();
  // A page that would lose something asks before it goes.
  page.on('dialog', (dialog) => void dialog.accept().catch(() => undefined));
  try {
    await page.unrouteAll({ behavior: 'ignoreErrors' });
    await page.goto(BLANK_PAGE, { timeout: PATIENCE_MS });
    await Promise.all([
      page.emulateMedia({ media: null, colorScheme: null, reducedMotion: null }),
      page.setViewportSize(USUAL_SIZE),
      page.mouse.move(0, 0),
    ]);
    page.removeAllListeners();
    return false;
  } catch {
    return true;
  }
}

/** The window of every test that does not ask for another, px. */
export const USUAL_SIZE = { width: 1280, height: 800 };

/** The time within which a page must go somewhere; one that has crashed never does, ms. */
const PATIENCE_MS = 5000;

/** Finds the id of the stored piece of a name; null where the page cannot look, or there is none. */
export async function idOfPiece(page: Page, name: string): Promise<string | null> {
  return page.url().startsWith('http') ? await page.evaluate(findPiece, { database: KEPT, name }) : null;
}

/** The names of the application's database, and of the one in which the demo is remembered beside it. */
const KEPT = 'dove-path';
const REMEMBERED = 'dove-path at the start';

/* Each function below runs in the page, alone. */

async function isDemoPractised(): Promise<boolean> {
  // A database asked for before the application has made it would be made without its tables.
  if (!(await indexedDB.databases()).some(({ name, version = 0 }) => name === 'dove-path' && version > 1)) return false;
  const database = await new Promise<IDBDatabase>((resolve, reject) => {
    const opening = indexedDB.open('dove-path');
    opening.onsuccess = () => resolve(opening.result);
    opening.onerror = () => reject(new Error('The database does not open'));
  });
  const fact = await new Promise<unknown>((resolve) => {
    const reading = database.transaction('facts').objectStore('facts').get('demo-practised');
    reading.onsuccess = () => resolve(reading.result);
  });
  database.close();
  return fact !== undefined;
}

async function findPiece({ database: name, name: piece }: { readonly database: string; readonly name: string }): Promise<string | null> {
  const known = await indexedDB.databases();
  if (!known.some((database) => database.name === name)) return null;
  const database = await new Promise<IDBDatabase>((resolve, reject) => {
    const opening = indexedDB.open(name);
    opening.onsuccess = () => resolve(opening.result);
    opening.onerror = () => reject(new Error('The database does not open'));
  });
  const pieces = await new Promise<{ readonly id: string; readonly document: { readonly name: string } }[]>((resolve) => {
    const reading = database.transaction('pieces').objectStore('pieces').getAll();
    reading.onsuccess = () => resolve(reading.result);
  });
  database.close();
  return pieces.find(({ document }) => document.name === piece)?.id ?? null;
}

/** Copies the tables of one database into another, and makes them first where there is no such database. */
async function copyDatabase({ from, to }: { readonly from: string; readonly to: string }): Promise<void> {
  const open = (name: string, like?: IDBDatabase): Promise<IDBDatabase> =>
    new Promise((resolve, reject) => {
      const opening = like ? indexedDB.open(name, like.version) : indexedDB.open(name);
      opening.onupgradeneeded = () => {
        for (const table of like?.objectStoreNames ?? []) {
          const { keyPath, autoIncrement } = like?.transaction(table).objectStore(table) ?? { keyPath: null, autoIncrement: false };
          opening.result.createObjectStore(table, { keyPath, autoIncrement });
        }
      };
      opening.onsuccess = () => resolve(opening.result);
      opening.onerror = () => reject(new Error(`The database ${name} does not open`));
    });
  const source = await open(from);
  const target = await open(to, source);
  const tables = [...source.objectStoreNames];
  const reading = source.transaction(tables);
  const contents = await Promise.all(
    tables.map(
      (table) =>
        new Promise<readonly unknown[]>((resolve, reject) => {
          const all = reading.objectStore(table).getAll();
          all.onsuccess = () => resolve(all.result);
          all.onerror = () => reject(new Error(`The table ${table} cannot be read`));
        }),
    ),
  );
  const writing = target.transaction(tables, 'readwrite');
  tables.forEach((table, index) => {
    writing.objectStore(table).clear();
    for (const record of contents[index] ?? []) writing.objectStore(table).put(record);
  });
  await new Promise<void>((resolve, reject) => {
    writing.oncomplete = () => resolve();
    writing.onabort = () => reject(new Error(`The database ${to} cannot be written`));
  });
  source.close();
  target.close();
}

async function forgetAllBut(databases: readonly string[]): Promise<void> {
  localStorage.clear();
  sessionStorage.clear();
  for (const { name } of await indexedDB.databases()) if (name !== undefined && !databases.includes(name)) indexedDB.deleteDatabase(name);
  const files = await navigator.storage.getDirectory();
  for await (const name of files.keys()) await files.removeEntry(name, { recursive: true });
}

import type { Browser, Page } from '@playwright/test';
import { dequal } from 'dequal';
import type { PieceRecord } from '../../src/records/record.ts';
import { readAnyVersion } from '../../src/validation/documents.ts';
import { storedPieces } from './stored-pieces.ts';

/** A piece in the browser, as far as undo has to bring it back. */
interface Opened {
  readonly id: string;
  /** The moment its page was loaded. */
  readonly since: number;
  readonly state: unknown;
}

/** The time for which a page may show nothing, or a piece take to be saved, ms. */
const PATIENCE_MS = 20_000;

/** An empty browser with the demo data, on one page; its failures are kept in `troubles`. */
export class Visit {
  readonly troubles: string[] = [];
  private opened: Opened | null = null;

  private constructor(readonly page: Page) {}

  static async begin(browser: Browser, address: string, room: string): Promise<Visit> {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    await context.addInitScript(() => {
      localStorage.setItem('dove-path/first-steps', 'done');
      // The windows of the system are not for pressing.
      window.print = () => undefined;
      Reflect.deleteProperty(window, 'showDirectoryPicker');
    });
    // The functions passed to the page are compiled with a helper that the page does not have.
    await context.addInitScript({ content: 'globalThis.__name = (named) => named' });
    const visit = new Visit(await context.newPage());
    visit.watch();
    await visit.page.goto(`${address}${room}`);
    await visit.look();
    return visit;
  }

  async end(): Promise<void> {
    await this.page.context().close();
  }

  private watch(): void {
    const { page, troubles } = this;
    page.on('console', (message) => message.type() === 'error' && troubles.push(`console: ${message.text()}`));
    page.on('pageerror', ({ message }) => troubles.push(`uncaught: ${message}`));
    page.on('dialog', (dialog) => void dialog.accept().catch(() => undefined));
    page.on('filechooser', () => undefined);
    page.on('download', (download) => void download.cancel().catch(() => undefined));
  }

  /**
   * Checks that something is on the page, nothing failed in it, and every piece in the browser is valid; a piece just opened is kept as it
   * is.
   */
  async look(): Promise<void> {
    const shows = await this.page.waitForFunction(somethingShows, null, { timeout: PATIENCE_MS }).then(
      async (handle) => await handle.jsonValue(),
      () => 'a blank page',
    );
    if (shows !== 'fine') this.troubles.push(`${shows} at ${this.page.url()}`);
    for (const { id, document } of await this.pieces()) {
      const read = await readAnyVersion('piece', document);
      if (!read.ok) this.troubles.push(`piece ${id} is not valid: ${JSON.stringify(read.issues)}`);
    }
    await this.rememberOpened();
  }

  /** Keeps another piece on the bench than before, to which undo has to come back. */
  private async rememberOpened(): Promise<void> {
    // The same piece on a page that was loaded again has nothing to undo.
    const { id, since } = await this.page.evaluate(() => ({
      id: location.pathname === '/' ? new URLSearchParams(location.search).get('piece') : null,
      since: performance.timeOrigin,
    }));
    if (id === this.opened?.id && since === this.opened?.since) return;
    this.opened = null;
    if (id === null) return;
    await this.page.locator('[data-saving=saved]').waitFor({ timeout: PATIENCE_MS });
    const opened = (await this.pieces()).find((piece) => piece.id === id) ?? (await this.firstWriting(id));
    if (opened) this.opened = { id, since, state: stateOf(opened) };
    else this.troubles.push(`piece ${id} is said to be saved and is not there`);
  }

  /** Writes a new piece with its first change: a name, which is undone. */
  private async firstWriting(id: string): Promise<PieceRecord | undefined> {
    await this.page.getByRole('textbox', { name: 'Name of the piece' }).fill('Written');
    await this.page.locator('[data-saving=saved]').waitFor({ timeout: PATIENCE_MS });
    await this.page.getByRole('button', { name: 'Undo', exact: true }).click();
    await this.page.locator('[data-saving=saved]').waitFor({ timeout: PATIENCE_MS });
    return (await this.pieces()).find((piece) => piece.id === id);
  }

  /** Undoes until nothing is left to undo: the piece is then as it was opened. False where no piece is open. */
  async undoAllTheWay(): Promise<boolean> {
    const { page, opened } = this;
    if (opened === null || !page.url().includes(opened.id)) return false;
    await page.waitForLoadState('networkidle');
    const undo = page.getByRole('button', { name: 'Undo', exact: true });
    // Dialogs over the bench are closed first.
    while (await undo.isEnabled()) await undo.click({ timeout: 500 }).catch(async () => await page.keyboard.press('Escape'));
    await page.locator('[data-saving=saved]').waitFor({ timeout: PATIENCE_MS });
    const now = (await this.pieces()).find(({ id }) => id === opened.id);
    const same = now !== undefined && dequal(stateOf(now), opened.state);
    if (!same) this.troubles.push(`undone, but not as opened: ${JSON.stringify(now && stateOf(now))} for ${JSON.stringify(opened.state)}`);
    return true;
  }

  private async pieces(): Promise<readonly PieceRecord[]> {
    return await storedPieces(this.page).catch(() => []);
  }
}

function stateOf({ document, instrumentId, playerId, schoolId }: PieceRecord): unknown {
  return { document, instrumentId, playerId, schoolId };
}

/** Runs in the page; false for as long as it is blank, or the bench has no piece yet. */
function somethingShows(): string | false {
  if (location.pathname === '/' && !new URLSearchParams(location.search).has('piece')) return false;
  const text = document.querySelector('main')?.textContent.trim() ?? '';
  if (text === '') return false;
  return text.includes('This part cannot be shown') ? 'a part that failed' : 'fine';
}

import { spawnSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import type { PieceRecord } from '../../src/records/record.ts';
import type { Stored } from './edit.ts';

/** A disaster that may happen to a page, and its effect on the browser. */
export interface Disaster {
  readonly name: string;
  /** Prepares, before the edit, what is already wrong. */
  readonly before?: (page: Page) => Promise<void>;
  /** Strikes right after the edit. */
  readonly strike: (page: Page, profile: string) => Promise<unknown>;
  /** Whether it can only be reported, not kept: striking tells whether it was. */
  readonly isTold?: boolean;
  /** Whether another tab changes the same list meanwhile, so that both have to be there. */
  readonly inTwoTabs?: boolean;
  /** Whether the whole browser is gone and must be started again. */
  readonly endsBrowser?: boolean;
  /** Tells whether the change of another page is there too. */
  readonly also?: (piece: PieceRecord) => boolean;
  /** Tells whether what was there beside the edit has stayed. */
  readonly stays?: (stored: Stored) => boolean;
  /** Does what a teacher does afterwards, before it is looked for. */
  readonly mend?: (page: Page) => Promise<void>;
  /** Whether records alone are kept: what is only typed yet is in no file. */
  readonly ofRecords?: boolean;
  /** Whether nothing is left of the storage: no player and no piece is there to go on with once the page has looked. */
  readonly clears?: boolean;
  /** Whether only records that the page says are saved have to be there: nothing reaches a disk before it is asked to. */
  readonly onlySaved?: boolean;
}

/** The bowing that the other tab gives the piece. */
const OTHERS_BOWING = 4;

/** Sets the clock of a page wrong by a number of ms from here on. */
async function moveClock(page: Page, ms: number): Promise<void> {
  await page.evaluate((by) => {
    const now = Date.now;
    Date.now = () => now() + by;
  }, ms);
}

/** The time within which a page that would lose something says so, ms. */
const SAYS_WITHIN_MS = 10_000;

/** Leaves a page as a teacher does; gives whether it warns. */
async function warnsOnLeaving(page: Page): Promise<boolean> {
  // A page that nobody has touched is not asked whether it may go.
  await page.mouse.click(5, 400);
  const asked = page.waitForEvent('dialog', { timeout: SAYS_WITHIN_MS }).then(
    async (dialog) => {
      await dialog.accept();
      return true;
    },
    () => false,
  );
  await page.close({ runBeforeUnload: true });
  return await asked;
}

const HOUR_MS = 3_600_000;

const close = async (page: Page): Promise<void> => await page.close({ runBeforeUnload: false });

/** The disasters that strike a page, its browser or its storage. */
export const DISASTERS: readonly Disaster[] = [
  { name: 'the tab closed at once', strike: close },
  {
    name: 'the renderer killed',
    strike: async (page) => {
      const session = await page.context().newCDPSession(page);
      const crashed = page.waitForEvent('crash');
      void session.send('Page.crash').catch(() => undefined);
      await crashed;
      await close(page);
    },
  },
  {
    name: 'the browser killed',
    strike: async (_, profile) => void spawnSync('pkill', ['-9', '-f', `user-data-dir=${profile}`]),
    endsBrowser: true,
    onlySaved: true,
  },
  {
    name: 'the disk full',
    before: async (page) =>
      await page.evaluate(() => {
        IDBObjectStore.prototype.put = () => {
          throw new DOMException('The disk is full', 'QuotaExceededError');
        };
      }),
    strike: close,
  },
  {
    name: 'the database not answering',
    before: async (page) =>
      await page.evaluate(() => {
        IDBDatabase.prototype.transaction = () => Object.create(IDBTransaction.prototype);
      }),
    strike: close,
  },
  {
    name: 'gone to another page at once',
    strike: async (page) => {
      await page.goto('/pieces');
      await close(page);
    },
  },
  {
    name: 'another tab writing the same piece',
    before: async (page) => {
      const other = await page.context().newPage();
      await other.goto(page.url());
      await other.locator('[data-bead]').first().waitFor();
      await other.getByLabel('Bowing').selectOption(String(OTHERS_BOWING));
    },
    strike: async (page) => void (await Promise.all(page.context().pages().map(close))),
    also: ({ document }) => document.brief.rhythm?.notesPerBow === OTHERS_BOWING,
  },
  {
    name: 'another tab changing the same list',
    inTwoTabs: true,
    strike: async (page) => void (await Promise.all(page.context().pages().map(close))),
  },
  { name: 'the clock an hour back', before: async (page) => await moveClock(page, -HOUR_MS), strike: close },
  { name: 'the clock a day forward', before: async (page) => await moveClock(page, 24 * HOUR_MS), strike: close },
  {
    name: 'both stores refusing',
    before: async (page) =>
      await page.evaluate(() => {
        IDBObjectStore.prototype.put = () => {
          throw new DOMException('The disk is full', 'QuotaExceededError');
        };
        Storage.prototype.setItem = () => {
          throw new DOMException('The disk is full', 'QuotaExceededError');
        };
      }),
    strike: warnsOnLeaving,
    isTold: true,
  },
  {
    name: 'the database upgraded in another tab',
    before: async (page) => {
      const other = await page.context().newPage();
      await other.goto('/design');
      await other.evaluate(async () => {
        const [known] = await indexedDB.databases();
        const opening = indexedDB.open('dove-path', (known?.version ?? 1) + 1);
        await new Promise((resolve) => (opening.onsuccess = resolve));
        opening.result.close();
      });
      await close(other);
    },
    strike: close,
  },
  {
    name: 'everything stored cleared while the page is open',
    before: async (page) => {
      const session = await page.context().newCDPSession(page);
      await session.send('Storage.clearDataForOrigin', { origin: new URL(page.url()).origin, storageTypes: 'all' });
    },
    strike: close,
    clears: true,
  },
];

import { spawnSync } from 'node:child_process';
import type { Page } from '@playwright/test';

/** What may happen to a page, and what it leaves of the browser. */
export interface Disaster {
  readonly name: string;
  /** Before the edit: what is already wrong. */
  readonly before?: (page: Page) => Promise<void>;
  /** Right after the edit. */
  readonly strike: (page: Page, profile: string) => Promise<void>;
  /** The whole browser is gone and must be started again. */
  readonly endsBrowser?: boolean;
  /** Only what the page says is saved has to be there: nothing reaches a disk before it is asked to. */
  readonly onlySaved?: boolean;
}

const close = async (page: Page): Promise<void> => await page.close({ runBeforeUnload: false });

/** Every kind, each as it happens. */
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
];

import type { BrowserContext, Page } from '@playwright/test';
import { beads, DEMO_ROWS, expect, openNewPiece, planDrawn, requestsMayFail, waitUntilSaved, test } from '../bench-page.ts';

/** Reads the stored piece of a name. */
async function storedPiece(page: Page, name: string): Promise<{ readonly document: { readonly brief: Record<string, unknown> } } | null> {
  return await page.evaluate(async (wanted) => {
    const database = await new Promise<IDBDatabase>((resolve, reject) => {
      const opening = indexedDB.open('dove-path');
      opening.onsuccess = () => resolve(opening.result);
      opening.onerror = () => reject(new Error('the database does not open'));
    });
    const records = await new Promise<{ document: { name: string; brief: Record<string, unknown> } }[]>((resolve) => {
      const reading = database.transaction('pieces').objectStore('pieces').getAll();
      reading.onsuccess = () => resolve(reading.result);
    });
    database.close();
    return records.find(({ document }) => document.name === wanted) ?? null;
  }, name);
}

/** Makes a new piece under a name, saved; gives its address. */
async function namedPiece(page: Page, name: string): Promise<string> {
  await openNewPiece(page);
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill(name);
  await waitUntilSaved(page);
  return page.url();
}

async function reopen(context: BrowserContext, address: string): Promise<Page> {
  const page = await context.newPage();
  await page.goto(address);
  await planDrawn(page);
  return page;
}

test('a finger locked is locked although the tab is closed before it is planned', async ({ page, context }) => {
  const address = await namedPiece(page, 'Locked in haste');
  await beads(page).nth(4).click();
  await page.keyboard.press('4');
  await page.close({ runBeforeUnload: false });
  const again = await reopen(context, address);
  await again.keyboard.press('Control+k');
  await again.keyboard.press('Escape');
  await expect.poll(async () => (await storedPiece(again, 'Locked in haste'))?.document.brief['locks']).toHaveLength(1);
});

test('a remark is kept while it is still being typed', async ({ page, context }) => {
  const address = await namedPiece(page, 'Remarked');
  await beads(page).nth(2).click();
  await page.getByRole('tab', { name: 'Write' }).click();
  await page.getByRole('textbox', { name: 'Remark' }).pressSequentially('lift the thumb');
  await page.close({ runBeforeUnload: false });
  const again = await reopen(context, address);
  await expect
    .poll(async () => JSON.stringify((await storedPiece(again, 'Remarked'))?.document.brief['marks']))
    .toContain('lift the thumb');
});

test('two tabs on one piece are told of each other, and both changes survive', async ({ page, context }) => {
  const address = await namedPiece(page, 'Shared');
  const other = await reopen(context, address);
  for (const tab of [page, other]) await expect(tab.getByRole('status', { name: 'Messages' })).toContainText('open in another tab');
  await Promise.all([
    page.getByRole('textbox', { name: 'Name of the piece' }).fill('Shared, renamed'),
    other.getByLabel('Octaves').selectOption('one octave'),
  ]);
  for (const tab of [page, other]) {
    await expect(tab.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Shared, renamed');
    await expect(beads(tab)).toHaveCount(8);
    await waitUntilSaved(tab);
  }
  const brief = (await storedPiece(page, 'Shared, renamed'))?.document.brief;
  expect(brief?.['material']).toMatchObject({ octaves: 1 });
});

/** The place where a page changes a field twice. */
interface ChangedTwice {
  readonly store: string;
  readonly name: string;
  readonly field: string;
  readonly first: string;
  readonly second: string;
}

/**
 * Lets another page rename what is open, while this page does not hear of it; then a field is changed, and changed again while the first
 * change is being written together with the new name. The second cannot be written. Runs in the page.
 */
function changeTwiceWhileRenamedElsewhere({ store, name, field, first, second }: ChangedTwice): void {
  const put = IDBObjectStore.prototype.put;
  let writes = 0;
  IDBObjectStore.prototype.put = function (record: unknown, key?: IDBValidKey): IDBRequest<IDBValidKey> {
    if (this.name !== store) return put.call(this, record, key);
    writes += 1;
    if (writes > 1) throw new DOMException('The disk is full', 'QuotaExceededError');
    // The change happens in a task of its own, as a key is pressed, and before the write is done.
    const typing = new MessageChannel();
    typing.port1.onmessage = () => enter(second);
    typing.port2.postMessage(null);
    return put.call(this, record, key);
  };
  const opening = indexedDB.open('dove-path');
  opening.onsuccess = () => {
    const records = opening.result.transaction(store, 'readwrite').objectStore(store);
    const reading = records.getAll();
    reading.onsuccess = () => {
      const { document: known, ...record } = reading.result.find((value) => value.document.name === name);
      const renamed = { ...known, name: `${name}, renamed` };
      put.call(records, { ...record, revision: record.revision + 1, writtenBy: 'another page', document: renamed });
      enter(first);
    };
  };

  function enter(value: string): void {
    const fields = [...document.querySelectorAll<HTMLSelectElement | HTMLInputElement>('select, input')];
    const found = fields.find(
      (value) => value.ariaLabel === field || [...(value.labels ?? [])].some((label) => label.textContent === field),
    );
    if (!found) return;
    // The text is set as if it were typed: React listens to the setter of the prototype.
    Object.getOwnPropertyDescriptor(Object.getPrototypeOf(found), 'value')?.set?.call(found, value);
    found.dispatchEvent(new Event(found instanceof HTMLSelectElement ? 'change' : 'input', { bubbles: true }));
  }
}

test('what was changed while a change was joined with another tab’s is not put back', async ({ page }) => {
  await namedPiece(page, 'Joined');
  await page.evaluate(changeTwiceWhileRenamedElsewhere, { store: 'pieces', name: 'Joined', field: 'Octaves', first: '1', second: '2' });
  await expect(page.getByText('The browser’s storage is full')).toBeVisible();
  await expect(page.getByLabel('Octaves')).toHaveValue('2');
});

test('nor is what was typed in a form of the studio', async ({ page }) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'New instrument' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Joined viola');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const twice: ChangedTwice = { store: 'instruments', name: 'Joined viola', field: 'String length', first: '333', second: '334' };
  await page.evaluate(changeTwiceWhileRenamedElsewhere, twice);
  await expect(page.getByText('The browser’s storage is full')).toBeVisible();
  await expect(page.getByLabel('String length')).toHaveValue('334');
});

test('minutes of the week that cannot be written stay on the page, and are written when there is room', async ({ page }) => {
  await page.goto('/practise/week');
  await expect(page.getByLabel('Mon', { exact: true })).toBeVisible();
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (record: unknown, key?: IDBValidKey): IDBRequest<IDBValidKey> {
      if (this.name !== 'weeks') return put.call(this, record, key);
      IDBObjectStore.prototype.put = put;
      throw new DOMException('The disk is full', 'QuotaExceededError');
    };
  });
  await page.getByLabel('Mon', { exact: true }).fill('17');
  await expect(page.getByText('The browser’s storage is full')).toBeVisible();
  await expect(page.getByLabel('Mon', { exact: true })).toHaveValue('17');
  await expect(page.getByText('The browser’s storage is full')).toHaveCount(0);
});

test('a session that could not be written and is deleted stays deleted', async ({ page }) => {
  await page.goto('/practise');
  await page.getByRole('button', { name: 'New session' }).waitFor();
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (record: unknown, key?: IDBValidKey): IDBRequest<IDBValidKey> {
      if (this.name === 'sessions') throw new DOMException('The disk is full', 'QuotaExceededError');
      return put.call(this, record, key);
    };
  });
  await page.getByRole('button', { name: 'New session' }).click();
  await page.getByLabel('Aim', { exact: true }).fill('Not for long');
  await expect(page.getByText('The browser’s storage is full')).toBeVisible();
  await page.getByRole('button', { name: 'Delete this session' }).click();
  await expect(page.getByText('Not for long is deleted.')).toBeVisible();
  await page.reload();
  const sessions = page.getByRole('navigation', { name: 'Sessions' });
  await expect(sessions.getByRole('button').first()).toBeVisible();
  await expect(sessions).not.toContainText('Not for long');
});

/**
 * Lets another page give the second viola a string of 341 mm while the first is renamed here and the second is opened. Runs in the page.
 */
function changeSecondWhileFirstIsWritten(): void {
  const put = IDBObjectStore.prototype.put;
  IDBObjectStore.prototype.put = function (record: unknown, key?: IDBValidKey): IDBRequest<IDBValidKey> {
    if (this.name !== 'instruments') return put.call(this, record, key);
    IDBObjectStore.prototype.put = put;
    const reading = this.getAll();
    reading.onsuccess = () => {
      const second = reading.result.find(({ document }) => document.name === 'Second viola');
      const instrument = { ...second.document.instrument, stringLengthMm: 341 };
      const document = { ...second.document, instrument };
      put.call(this, { ...second, revision: second.revision + 1, writtenBy: 'another page', document });
    };
    return put.call(this, record, key);
  };
  const name = [...document.querySelectorAll('input')].find(({ value }) => value === 'First viola');
  // The text is set as if it were typed: React listens to the setter of the prototype.
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(name, 'First viola, renamed');
  name?.dispatchEvent(new Event('input', { bubbles: true }));
  [...document.querySelectorAll('button')].find(({ textContent }) => textContent.startsWith('Second viola'))?.click();
}

test('what another tab changes while something else is being written is shown, and said', async ({ page }) => {
  await page.goto('/setup');
  for (const name of ['Second viola', 'First viola']) {
    await page.getByRole('button', { name: 'New instrument' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill(name);
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  }
  await page.evaluate(changeSecondWhileFirstIsWritten);
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Second viola');
  await expect(page.getByLabel('String length')).toHaveValue('341');
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('This was changed in another tab');
});

test('a change is said not to be saved while what saves cannot be loaded, and is saved once it can', async ({ page }) => {
  const saving = /write-record/;
  requestsMayFail(page);
  await page.route(saving, async (route) => await route.abort());
  await page.route('**/api/health', async (route) => await route.abort());
  await openNewPiece(page);
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('Saved in the end');
  await expect(page.getByText('The part of Dove Path that saves could not be loaded')).toBeVisible();
  await expect(page.getByText('newer version')).toHaveCount(0);
  await page.unroute(saving);
  await waitUntilSaved(page);
  await expect.poll(async () => await storedPiece(page, 'Saved in the end')).not.toBeNull();
});

test('the whole studio goes out as a file and comes back in an empty browser, seen before it is written', async ({
  page,
  browser,
  baseURL,
}) => {
  await page.goto('/backup');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the studio as a file' }).click();
  const path = await (await download).path();
  const empty = await browser.newPage({ baseURL: baseURL ?? '' });
  await empty.goto('/pieces');
  await empty.getByRole('button', { name: 'Remove the demo' }).click();
  await expect(empty.getByRole('status', { name: 'What was done to the demo' })).toContainText('removed');
  await empty.goto('/backup');
  await empty.getByLabel('Studio saved as a file').setInputFiles(path);
  await expect(empty.getByText(/entries read: \d+ new, 0 changed/)).toBeVisible();
  await empty.getByRole('button', { name: /^Bring in \d+ entries$/ }).click();
  await expect(empty.getByRole('status', { name: 'Messages' })).toContainText('were brought in');
  await empty.goto('/pieces');
  await expect(empty.getByRole('row')).toHaveCount(DEMO_ROWS);
  await empty.close();
});

test('a folder is kept up to date', async ({ page }) => {
  await page.addInitScript(() => Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() }));
  await page.goto('/backup');
  await page.getByRole('button', { name: 'Choose a folder' }).click();
  await expect(page.getByRole('region', { name: 'Folder' })).toContainText('is saved in');
  const text = await page.evaluate(async () => {
    const folder = await navigator.storage.getDirectory();
    return await (await (await folder.getFileHandle('dove-path-studio.json')).getFile()).text();
  });
  expect(text).toContain('Evening line');
});

test('a damaged record costs itself alone, on every page', async ({ page }) => {
  await page.goto('/pieces');
  await expect(page.getByRole('row')).toHaveCount(DEMO_ROWS);
  await page.evaluate(async () => {
    const database = await new Promise<IDBDatabase>((resolve) => {
      const opening = indexedDB.open('dove-path');
      opening.onsuccess = () => resolve(opening.result);
    });
    const writing = database.transaction(['pieces', 'instruments'], 'readwrite');
    for (const [table, damage] of [
      ['pieces', { updatedAt: 'yesterday' }],
      ['instruments', { document: { format: 'dove-path/instrument', version: 1, name: 'Stump' } }],
    ] as const) {
      const reading = writing.objectStore(table).getAll();
      reading.onsuccess = () => writing.objectStore(table).put({ ...reading.result[0], ...damage });
    }
    await new Promise<void>((resolve) => {
      writing.oncomplete = () => resolve();
    });
    database.close();
  });
  await page.reload();
  await expect(page.getByRole('row')).toHaveCount(DEMO_ROWS);
  await page.goto('/');
  await planDrawn(page);
  await page.goto('/setup');
  await expect(page.getByRole('complementary', { name: 'Studio' })).toBeVisible();
  await page.goto('/backup');
  await expect(page.getByRole('region', { name: 'Set aside' })).toContainText('1 entry could not be read');
});

test('a link shows its brief before it is a piece, and sends it to nobody', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await namedPiece(page, 'To be sent');
  await page.getByLabel('Octaves').selectOption('one octave');
  await page.getByRole('button', { name: 'Save as' }).click();
  await page.getByRole('button', { name: 'Link' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('The link is copied.');
  const link = await page.evaluate(() => navigator.clipboard.readText());
  const asked: string[] = [];
  const again = await context.newPage();
  again.on('request', (request) => asked.push(request.url()));
  await again.goto(link);
  await planDrawn(again);
  await expect(again.getByRole('status', { name: 'Messages' })).toContainText('to keep it as a piece');
  expect(asked.filter((url) => url.includes('brief='))).toEqual([]);
  expect(await storedPiece(again, '')).toBeNull();
  await again.getByRole('textbox', { name: 'Name of the piece' }).fill('Mine now');
  await waitUntilSaved(again);
  await expect(again).toHaveURL(/piece=/);
});

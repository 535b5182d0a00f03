import { expect, findings, test } from './bench-page.ts';

test('the record of the last weeks: a statement with its counts, its places, one step to the drill and to the session', async ({
  page,
}) => {
  await page.goto('/record?part=trends');
  await page.getByRole('combobox', { name: 'For whom' }).selectOption('Martin');
  const says = page.getByRole('region', { name: 'What the record says' });
  await expect(says).toContainText(/(is|are) (flat|sharp) in \d+ pieces?: \d+ of \d+ misses out of tune|Nothing can be said yet/);
  const weeks = page.getByRole('table', { name: 'Week by week' });
  await expect(weeks.getByRole('row')).toHaveCount(9);
  await expect(page.locator('.recharts-surface').first()).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await page.getByLabel('Steps counted').selectOption('13');
  await expect(page.getByRole('status', { name: 'Semitones' })).toHaveText(
    '13 steps: each semitone is 92 cents wide on average, 8 too small.',
  );
});

test('misses that go one way are told across the record, and lead to their drill and into the session', async ({ page }) => {
  await page.goto('/record');
  await page.getByRole('combobox', { name: 'For whom' }).selectOption('Robin');
  await expect(page.getByText(/days of practice/)).toBeVisible();
  await page.evaluate(async () => {
    const open = indexedDB.open('dove-path');
    const database = await new Promise<IDBDatabase>((done) => {
      open.onsuccess = () => done(open.result);
    });
    const store = database.transaction('logs', 'readwrite').objectStore('logs');
    const all = await new Promise<Record<string, unknown>[]>((done) => {
      const read = store.getAll();
      read.onsuccess = () => done(read.result as Record<string, unknown>[]);
    });
    const page = all.find((record) => JSON.stringify(record).includes('Evening line'));
    const document = page?.['document'] as { entries: { kind: string; practised: unknown }[] };
    const model = document.entries.find(({ kind }) => kind === 'attempt');
    const misses = Array.from({ length: 30 }, (_, order) => ({
      ...model,
      id: `flat-${order}`,
      at: Date.now() - order * 1000,
      miss: 'flat',
      note: order % 2 === 0 ? 3 : 17,
    }));
    document.entries = [...document.entries, ...misses] as typeof document.entries;
    await new Promise((done) => {
      store.put(page).onsuccess = done;
    });
  });
  await page.goto(`${page.url()}${page.url().includes('?') ? '&' : '?'}part=trends`);
  const says = page.getByRole('region', { name: 'What the record says' });
  await expect(says).toContainText(/flat in \d+ pieces?: \d+ of \d+ misses out of tune/);
  await expect(says).toContainText('Look first at');
  await says.getByRole('link', { name: 'Put it in today’s session' }).first().click();
  await expect(page.getByRole('heading', { name: 'Sessions' })).toBeVisible();
  await expect(page.getByLabel('For whom')).toHaveValue('demo-player-robin');
  await expect(page.getByText(/measure \d+, (after )?beat \d+ to /).first()).toBeVisible();
});

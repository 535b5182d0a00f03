import { beads, DEMO_ROWS, expect, findings, openPiece, planDrawn, saveAs, waitUntilSaved, test, tellWholeBrief } from './bench-page.ts';

test.describe('in a browser that was never here', () => {
  test.use({ newBrowser: true });

  test('the demo pieces are there on the first start, for all four instruments', async ({ page }) => {
    await page.goto('/pieces');
    await expect(page.getByRole('row')).toHaveCount(DEMO_ROWS);
    for (const instrument of ['¾ violin', 'viola', 'cello', 'double bass']) {
      await expect(page.getByRole('cell', { name: instrument }).first()).toBeVisible();
    }
  });

  test('the first piece opens on the bench by itself', async ({ page }) => {
    await page.goto('/');
    await planDrawn(page);
    await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('A♭ major in three octaves');
    await expect(beads(page)).toHaveCount(22);
  });

  test('what is changed on the first visit, before the demo is in the database, is kept', async ({ page }) => {
    await page.goto('/');
    await planDrawn(page);
    await page.getByRole('textbox', { name: 'Name of the piece' }).fill('Wren, first thing');
    await waitUntilSaved(page);
    await page.goto('/pieces');
    await expect(page.getByRole('row')).toHaveCount(DEMO_ROWS);
    await expect(page.getByRole('link', { name: 'Wren, first thing', exact: true })).toBeVisible();
  });

  test('demo pieces can be cleared and brought back', async ({ page }) => {
    await page.goto('/pieces');
    await page.getByRole('button', { name: 'Remove the demo' }).click();
    await expect(page.getByRole('heading', { name: 'Your pieces' })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Your pieces' })).toBeVisible();
    await page.getByRole('button', { name: 'Restore the demo' }).click();
    await expect(page.getByRole('row')).toHaveCount(DEMO_ROWS);
  });

  test('a demo piece that was changed comes back with one press after the demo was removed', async ({ page }) => {
    await page.goto('/pieces');
    await page.getByRole('button', { name: 'Rename Evening line' }).click();
    await page.getByLabel('New name').fill('Evening, as we play it');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('link', { name: 'Evening, as we play it', exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Remove the demo' }).click();
    const question = page.getByRole('alert').filter({ hasText: 'Removing the demo also removes 1 thing in it that you have changed.' });
    await expect(question.getByRole('button', { name: 'Keep the demo' })).toBeFocused();
    await question.getByRole('button', { name: 'Remove it all' }).click();
    const messages = page.getByRole('status', { name: 'What was done to the demo' });
    await expect(messages).toContainText('The demo is removed');
    await messages.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('link', { name: 'Evening, as we play it', exact: true })).toBeVisible();
  });
});

for (const [name, address] of [
  ['a bench on dark paper', '/'],
  ['the design of both papers', '/design'],
] as const) {
  test(`axe finds nothing on ${name}`, async ({ page }) => {
    if (name.includes('dark')) await page.emulateMedia({ colorScheme: 'dark' });
    await page.goto(address);
    if (address === '/') {
      await planDrawn(page);
      await page.keyboard.press('ArrowRight');
      await page.getByText('Table of the notes').click();
      await page.getByRole('button', { name: 'Keyboard shortcuts' }).click();
      await page.getByRole('dialog', { name: 'Keyboard shortcuts' }).waitFor();
      await page.keyboard.press('Escape');
      await page.getByRole('tab', { name: 'Write' }).click();
      await page.keyboard.press('Control+k');
      await page.getByRole('dialog', { name: 'Commands' }).waitFor();
      expect(await findings(page, 'dialog')).toEqual([]);
      await page.keyboard.press('Escape');
      await page
        .getByRole('button', { name: /^Overlay/ })
        .first()
        .waitFor();
    }
    expect(await findings(page)).toEqual([]);
  });
}

test('axe finds nothing on a line of one’s own, a popover and the sheet', async ({ page }) => {
  await openPiece(page, 'Evening line');
  await tellWholeBrief(page);
  expect(await findings(page)).toEqual([]);
  await page.getByRole('button', { name: /^Positions/ }).click();
  await page.getByRole('dialog', { name: 'Positions' }).waitFor();
  expect(await findings(page, '[role=dialog]')).toEqual([]);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Evening line' })).toBeVisible();
  expect(await findings(page)).toEqual([]);
});

test('a browser that keeps nothing gives pages that can be read, worked on and saved from', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('The database is blocked', 'UnknownError');
    };
  });
  await page.goto('/');
  await expect(page.getByRole('alert')).toContainText('The browser does not open its storage');
  await planDrawn(page);
  await page.getByLabel('Octaves').selectOption('one octave');
  await expect(beads(page)).toHaveCount(8);
  expect((await saveAs(page, 'JSON')).suggestedFilename()).toBe('g-major-one-octave-up.json');
  expect((await saveAs(page, 'MusicXML')).suggestedFilename()).toBe('g-major-one-octave-up.musicxml');
  await page.goto('/pieces');
  await expect(page.getByRole('status', { name: 'Messages' })).not.toBeEmpty();
  await page.goto('/compare');
  await expect(page.getByRole('alert')).toContainText('cannot be read from the browser’s storage (The database is blocked)');
});

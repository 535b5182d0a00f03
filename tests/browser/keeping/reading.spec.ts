import { expect, openNewPiece, planDrawn, waitUntilSaved, test } from '../bench-page.ts';

test('what is said in a lesson stands at once in the record that is open in another tab', async ({ page, context }) => {
  await page.goto('/record?part=days');
  await expect(page.getByRole('article').first()).toBeVisible();
  const other = await context.newPage();
  await other.goto('/record?part=lesson');
  await other.getByRole('textbox', { name: 'Remark' }).fill('Lighter thumb');
  await other.getByRole('textbox', { name: 'Remark' }).press('Enter');
  await expect(page.getByRole('article').first()).toContainText('Lighter thumb');
});

test('a sheet and a comparison follow the piece as it is changed on the bench, and go on when it is deleted', async ({ page, context }) => {
  await openNewPiece(page);
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('Followed');
  await planDrawn(page);
  await waitUntilSaved(page);
  const id = new URL(page.url()).searchParams.get('piece') ?? '';
  const [sheet, compared] = [await context.newPage(), await context.newPage()];
  await sheet.goto(`/sheet?piece=${id}`);
  await expect(sheet.getByRole('heading', { level: 1, name: 'Followed' })).toBeVisible();
  await compared.goto(`/compare?piece=${id}`);
  await expect(compared.getByLabel('Piece, This')).toHaveValue(id);
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('Followed on');
  await waitUntilSaved(page);
  await expect(sheet.getByRole('heading', { level: 1, name: 'Followed on' })).toBeVisible();
  await page.goto('/pieces');
  await page.getByRole('button', { name: 'Delete Followed on' }).click();
  await expect(sheet.getByRole('alert')).toContainText('There is no piece at this address');
  await expect(compared.getByLabel('Piece, This')).not.toHaveValue(id);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(sheet.getByRole('heading', { level: 1, name: 'Followed on' })).toBeVisible();
});

test('a record that does not read is set aside while the page that shows it is open', async ({ page }) => {
  await page.goto('/pieces');
  const rows = page.getByRole('row');
  await expect(rows.nth(2)).toBeVisible();
  await page.evaluate(async () => {
    const opened = await new Promise<IDBDatabase>((resolve) => {
      const opening = indexedDB.open('dove-path');
      opening.onsuccess = () => resolve(opening.result);
    });
    const pieces = opened.transaction('pieces', 'readwrite').objectStore('pieces');
    pieces.put({
      id: 'damaged',
      updatedAt: Date.now(),
      createdAt: 0,
      demo: false,
      revision: 1,
      writtenBy: null,
      document: { format: 'what' },
    });
    opened.close();
  });
  // The database is told by the next write that goes through it.
  await page
    .getByRole('button', { name: /^Duplicate/ })
    .first()
    .click();
  await expect(page.getByText('One stored entry could not be read and was set aside.')).toBeVisible();
});

import { DOCUMENT_KINDS } from '#core/documents';
import { readFile } from 'node:fs/promises';
import { beads, DEMO_ROWS, expect, fingers, openNewPiece, planDrawn, saveAs, waitUntilSaved, test, typeLine } from '../bench-page.ts';

test('a piece saved under a name is found again after the browser was closed', async ({ page, context }) => {
  await openNewPiece(page);
  await page.getByLabel('Octaves').selectOption('one octave');
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('Monday scale');
  await waitUntilSaved(page);
  await page.close();
  const again = await context.newPage();
  await again.goto('/pieces');
  await again.getByRole('link', { name: 'Monday scale', exact: true }).click();
  await planDrawn(again);
  await expect(beads(again)).toHaveCount(8);
});

test('nothing typed is lost when the tab is closed a second later', async ({ page, context }) => {
  await openNewPiece(page);
  await typeLine(page, 'Eb4 F4 G4 Ab');
  await waitUntilSaved(page);
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await again.goto('/');
  await expect(again.getByRole('textbox', { name: /^Notes, for example/ })).toHaveValue('Eb4 F4 G4 Ab');
  await expect(again.getByRole('status', { name: 'Messages' })).toContainText('“Ab” does not say in which octave.');
});

test('pieces are renamed, duplicated, and deleted with undo', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByRole('button', { name: 'Rename Evening line' }).click();
  await page.getByRole('textbox', { name: 'New name' }).fill('Morning line');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: 'Morning line', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Duplicate Morning line' }).click();
  await expect(page.getByRole('link', { name: 'Morning line (copy)', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Delete Morning line (copy)' }).click();
  await expect(page.getByRole('link', { name: 'Morning line (copy)', exact: true })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Morning line (copy)', exact: true })).toBeVisible();
});

test('a piece goes out as JSON and MusicXML and comes back from its JSON', async ({ page }) => {
  await openNewPiece(page);
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('Out and back');
  await page.keyboard.press('Tab');
  await beads(page).nth(4).click();
  await page.keyboard.press('4');
  await expect(page.getByRole('button', { name: 'Unlock this note' })).toBeVisible();
  const before = await fingers(page);
  expect(await readFile(await (await saveAs(page, 'MusicXML')).path(), 'utf8')).toContain('<work-title>Out and back</work-title>');
  const file = await saveAs(page, 'JSON');
  expect(file.suggestedFilename()).toBe('out-and-back.json');
  await page.goto('/pieces');
  await page.getByLabel('Pieces as JSON, MusicXML or MIDI').setInputFiles(await file.path());
  await page.waitForURL(/piece=/);
  await planDrawn(page);
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Out and back');
  expect(await fingers(page)).toBe(before);
});

test('a damaged file and one of a newer version are refused in words, and the pieces stay', async ({ page }) => {
  await page.goto('/pieces');
  const messages = page.getByRole('status', { name: 'Messages' });
  const give = (text: string) =>
    page
      .getByLabel('Pieces as JSON, MusicXML or MIDI')
      .setInputFiles({ name: 'piece.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await give('{"format": "dove-path/piece", "vers');
  await expect(messages).toContainText('piece.json: This is not readable as JSON');
  const { version } = DOCUMENT_KINDS.piece;
  await give(`{"format": "dove-path/piece", "version": ${version + 1}}`);
  await expect(messages).toContainText(
    `This was written in version ${version + 1} of its format; this Dove Path reads up to version ${version}.`,
  );
  await give('{"format": "dove-path/piece", "version": 1, "name": "x", "brief": {"instrument": {"kind": "lute"}}}');
  await expect(messages).toContainText('/brief');
  await expect(page.getByRole('row')).toHaveCount(DEMO_ROWS);
});

test('a full disk is said plainly, and the work stays on the screen', async ({ page }) => {
  await openNewPiece(page);
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('The disk is full', 'QuotaExceededError');
    };
  });
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('Kept on screen');
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('The browser’s storage is full');
  await expect(page.getByText('Not saved', { exact: true })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Kept on screen');
  expect((await saveAs(page, 'JSON')).suggestedFilename()).toBe('kept-on-screen.json');
});

test('what the database had not written when the bench was left stands on the sheet and among the pieces', async ({ page }) => {
  await openNewPiece(page);
  // From now on the bench's writes never end, as when the page is gone before they do.
  await page.evaluate(() => {
    IDBFactory.prototype.open = () => Object.create(IDBOpenDBRequest.prototype);
    IDBDatabase.prototype.transaction = () => Object.create(IDBTransaction.prototype);
  });
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('Left at once');
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Left at once' })).toBeVisible();
  await page.goto('/pieces');
  await expect(page.getByRole('link', { name: 'Left at once', exact: true })).toBeVisible();
});

test('what is typed without a pause is there after the page has crashed', async ({ page, context }) => {
  await openNewPiece(page);
  const name = 'A name that is typed on and on without a pause';
  await page.getByRole('textbox', { name: 'Name of the piece' }).pressSequentially(name, { delay: 15 });
  const session = await context.newCDPSession(page);
  const crashed = page.waitForEvent('crash');
  // A renderer that is gone does not answer.
  void session.send('Page.crash').catch(() => undefined);
  await crashed;
  const again = await context.newPage();
  await again.goto('/pieces');
  await expect(again.getByRole('link', { name, exact: true })).toBeVisible();
});

test('a stored piece that does not pass is set aside and reported, never dropped', async ({ page }) => {
  await page.goto('/pieces');
  await expect(page.getByRole('row')).toHaveCount(DEMO_ROWS);
  await page.evaluate(async () => {
    const open = indexedDB.open('dove-path');
    await new Promise((resolve) => (open.onsuccess = resolve));
    const write = open.result
      .transaction('pieces', 'readwrite')
      .objectStore('pieces')
      .put({ id: 'broken', updatedAt: 1, piece: { format: 'dove-path/piece', version: 1, name: 7 } });
    await new Promise((resolve) => (write.onsuccess = resolve));
    open.result.close();
  });
  await page.reload();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('One stored entry could not be read and was set aside.');
  await expect(page.getByRole('row')).toHaveCount(DEMO_ROWS);
  await page.getByRole('link', { name: 'See it under Backup' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('region', { name: 'Set aside' }).getByRole('button', { name: 'Download' }).click();
  expect(await readFile(await (await download).path(), 'utf8')).toContain('"broken"');
});

test('the sheet prints on one clean page', async ({ page }) => {
  await openNewPiece(page);
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('For the stand');
  await waitUntilSaved(page);
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByRole('heading', { name: 'For the stand' })).toBeVisible();
  await expect(page.getByRole('group', { name: 'Page 1 of 1 of For the stand' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});

test('a MusicXML score is opened as a piece, with its trill', async ({ page }) => {
  const note = (step: string, more = ''): string =>
    `<note><pitch><step>${step}</step><octave>4</octave></pitch><duration>1</duration><voice>1</voice><type>quarter</type>${more}</note>`;
  const trill = '<notations><ornaments><trill-mark/></ornaments></notations>';
  const text = `<?xml version="1.0"?><score-partwise version="4.0"><work><work-title>A small air</work-title></work><part-list><score-part id="P1"><part-name>Viola</part-name></score-part></part-list><part id="P1"><measure number="1"><attributes><divisions>1</divisions><key><fifths>1</fifths><mode>major</mode></key></attributes>${note('G')}${note('A')}${note('B', trill)}${note('A')}</measure></part></score-partwise>`;
  await page.goto('/pieces');
  await page
    .getByLabel('Pieces as JSON, MusicXML or MIDI')
    .setInputFiles({ name: 'air.musicxml', mimeType: 'application/xml', buffer: Buffer.from(text) });
  await page.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByRole('textbox', { name: /^Notes, for example/ })).toHaveValue('G4:1/4 A4 B4tr A4');
  await expect(page.locator('[data-ornament="2"]')).toBeVisible();
});

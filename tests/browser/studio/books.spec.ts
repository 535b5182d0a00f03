import { studyFiles } from '../../support/plans/study-files.ts';
import { beads, expect, openPiece, test, waitUntilSaved } from '../bench-page.ts';

/** The number of studies in the book. */
const STUDIES = 12;

test('a book of etudes: brought in, numbered, read and kept, searched for a shift and before a piece, kept out of assignments, deleted, back', async ({
  page,
}) => {
  await page.goto('/books');
  await page.getByRole('button', { name: 'New book' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Steps along the neck');
  await page.getByRole('textbox', { name: 'About it' }).fill('A line a day.');
  await page.getByLabel('Pieces as JSON, MusicXML or MIDI').setInputFiles([...studyFiles('violin', STUDIES)]);
  await page.getByRole('button', { name: `Bring in ${STUDIES} pieces` }).click();
  await expect(page.getByText(`${STUDIES} pieces.`, { exact: true })).toBeVisible();
  await page.getByRole('textbox', { name: 'Page of Study 3', exact: true }).fill('7');
  await page.getByRole('textbox', { name: 'Number of Study 3', exact: true }).fill('3b');
  await page.keyboard.press('Tab');
  await waitUntilSaved(page);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Number of Study 3', exact: true })).toHaveValue('3b');
  await expect(page.getByRole('textbox', { name: 'Page of Study 3', exact: true })).toHaveValue('7');
  await page.getByText('What is in it').click();
  await expect(page.getByRole('row', { name: /^First position .*3b/ })).toContainText(/\d+ notes/);
  expect(await page.evaluate(countFacts)).toBe(STUDIES);

  await page.goto('/pieces');
  await expect(page.getByText(`pieces, ${STUDIES} more in your books`)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Study 3', exact: true })).toBeHidden();
  await page.getByRole('searchbox', { name: 'Search' }).fill('study 3');
  await expect(page.getByRole('link', { name: 'Study 3', exact: true })).toBeVisible();

  await openPiece(page, 'A♭ major in three octaves');
  await page.getByRole('link', { name: 'Drills', exact: true }).click();
  await page.getByText('Nearest in your books').click();
  const near = page.getByRole('listitem').filter({ has: page.getByRole('button', { name: 'Open these measures' }) });
  await expect(near.first()).toContainText(/Steps along the neck, No\. \S+: Study \d+, (the pick-up|measure \d+)/);
  await expect(near.first().locator('.vf-notehead').first()).toBeVisible();
  await page.getByRole('button', { name: 'Before this piece' }).click();
  await expect(page.getByRole('heading', { name: /^A♭ major\s*All 22 notes/ })).toBeVisible();
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: /^Steps along the neck, No\. 5: Study 5/ })
      .first(),
  ).toContainText('All ');
  await page.getByRole('button', { name: 'Shifts', exact: true }).click();
  await page.getByText('Nearest in your books').click();
  await near.first().getByRole('button', { name: 'Open these measures' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue(/^Steps along the neck, No\. .*measure/);
  await expect(beads(page).first()).toBeVisible();
  await page.getByRole('button', { name: 'Put it in the week' }).click();
  await expect(page.getByRole('link', { name: 'Open the week' })).toBeVisible();

  await page.goto('/practise/assignment');
  await expect(page.getByText(/“Steps along the neck, No\. .*” stays here/)).toBeVisible();
  await page.goto('/books');
  await page.getByRole('checkbox', { name: 'Its music may go to pupils in assignments' }).check();
  await waitUntilSaved(page);
  await page.goto('/practise/assignment');
  await page.getByText('What goes with it').waitFor();
  await expect(page.getByText('stays here')).toBeHidden();

  await page.goto('/books');
  await page.getByRole('button', { name: 'Delete this book' }).click();
  await page.getByRole('button', { name: 'Delete the book and its pieces' }).click();
  await expect(page.getByText('Deleted “Steps along the neck”')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(`${STUDIES} pieces.`, { exact: true })).toBeVisible();
});

/** Counts the facts that are kept in the browser; it runs in the page. */
async function countFacts(): Promise<number> {
  const opening = indexedDB.open('dove-path');
  const database = await new Promise<IDBDatabase>((resolve, reject) => {
    opening.onsuccess = () => resolve(opening.result);
    opening.onerror = () => reject(opening.error ?? new Error('The database does not open'));
  });
  const counting = database.transaction('pieceFacts').objectStore('pieceFacts').count();
  const count = await new Promise<number>((resolve) => {
    counting.onsuccess = () => resolve(counting.result);
  });
  database.close();
  return count;
}

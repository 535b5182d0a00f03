import { type Browser, type Download, expect as expectIn, type Page } from '@playwright/test';
import { expect, findings, openPiece, test, waitUntilSaved } from './bench-page.ts';
import { pedalUntil } from './stand-page.ts';

/** Opens another browser, without the demo: a pupil's at home. */
async function pupilsBrowser(browser: Browser): Promise<Page> {
  const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await page.goto('/pieces');
  await page.getByRole('button', { name: 'Remove the demo' }).click();
  await expectIn(page.getByRole('link', { name: 'Evening line' })).toHaveCount(0);
  return page;
}

async function saveFile(
  page: Page,
  button: string,
): Promise<{ readonly name: string; readonly mimeType: string; readonly buffer: Buffer }> {
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: button, exact: true }).click()]);
  return { name: download.suggestedFilename(), mimeType: 'application/json', buffer: await contentOf(download) };
}

async function contentOf(download: Download): Promise<Buffer> {
  const chunks: Buffer[] = [];
  for await (const chunk of await download.createReadStream()) chunks.push(Buffer.from(chunk));
  return Buffer.concat(chunks);
}

test('a trend leads to its drill, the drill into the week, the week as an assignment to the pupil, and the log comes back once however often it is sent', async ({
  page,
  browser,
}) => {
  await page.goto('/record?part=trends');
  await page.getByRole('combobox', { name: 'For whom' }).selectOption('Robin');
  const says = page.getByRole('region', { name: 'What the record says' });
  await expect(says).toContainText(/is (flat|sharp) in \d pieces: \d+ of \d+ misses out of tune/);
  await says.getByRole('link', { name: 'Its loop and its drill' }).first().click();
  const loop = page.getByRole('region', { name: 'Its loop' });
  await loop.getByRole('button', { name: 'Keep it as a piece' }).click();
  await loop.getByRole('link', { name: 'Put it in the week' }).click();
  const days = page.getByRole('region', { name: 'The days', exact: true });
  await expect(days).toContainText('Loop');
  const today = days.getByRole('article').first();
  await days
    .getByLabel(/^Day of Loop/)
    .first()
    .selectOption({ index: 1 });
  await expect(today).toContainText('moved here by hand');
  await page.reload();
  await expect(today).toContainText('moved here by hand');
  expect(await findings(page)).toEqual([]);
  await page.getByRole('link', { name: 'Give it as an assignment' }).click();
  await expect(page.getByLabel('Robin, violin')).toBeChecked();
  const assignment = await saveFile(page, 'Save it as a file');
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('One file for Robin.');

  const home = await pupilsBrowser(browser);
  await home.goto('/practise/assignment');
  await home.getByLabel('Assignment', { exact: true }).setInputFiles(assignment);
  await expectIn(home.getByText('For Robin. Saved on')).toBeVisible();
  await home.getByRole('button', { name: /^Bring in \d+ entries$/ }).click();
  await home.getByRole('link', { name: 'To the week' }).click();
  await expectIn(home.getByRole('region', { name: 'The days', exact: true }).getByRole('article').first()).toContainText('Loop');
  await home.getByRole('button', { name: 'Today’s session' }).click();
  await home.getByRole('button', { name: 'Begin' }).click();
  await pedalUntil(home, 'PageDown', home.getByLabel('Good so far'));
  await home.keyboard.press('PageDown');
  await expectIn(home.getByLabel('Good so far')).toContainText('1');
  await home.getByRole('button', { name: 'It hurts' }).click();
  await expectIn(home.getByText(/see a doctor/)).toBeVisible();
  await home.goto('/practise/assignment');
  const log = await saveFile(home, 'Save the log of Robin');
  await home.context().close();

  const messages = page.getByRole('status', { name: 'Messages' });
  await page.getByLabel('Log of a pupil').setInputFiles(log);
  await expect(messages).toContainText(/^Log of Robin: 2 entries are new, \d+ were here already\.$/);
  await page.getByLabel('Log of a pupil').setInputFiles(log);
  await expect(messages).toContainText(/^Log of Robin: 0 entries are new, \d+ were here already\.$/);
  await page.goto('/record?part=days');
  await page.getByRole('combobox', { name: 'For whom' }).selectOption('Robin');
  const done = page.getByRole('article').first();
  await expect(done).toContainText('1 of 1 good');
  await expect(done).toContainText(/It hurt: .+\. The set was ended\./);
});

test('an assignment for a class is taken by name; a file that is none says so, and a log of nobody here asks whose it is', async ({
  page,
}) => {
  await page.goto('/practise/assignment');
  await page.getByLabel('Martin, cello').check();
  const file = await saveFile(page, 'Save one file for all of them');
  await page.getByLabel('Assignment', { exact: true }).setInputFiles(file);
  await page.getByRole('group', { name: 'Who are you?' }).getByRole('button', { name: 'Martin' }).click();
  await expect(page.getByText('For Martin.')).toBeVisible();
  const messages = page.getByRole('status', { name: 'Messages' });
  await page.getByLabel('Assignment', { exact: true }).setInputFiles({ ...file, buffer: Buffer.from('{"format":"something else"}') });
  await expect(messages).toContainText('it holds no assignment');
  const log = await saveFile(page, 'Save the log of Linnet');
  const text = log.buffer.toString().replaceAll(/"playerId":"[^"]*"/g, '"playerId":"elsewhere"');
  await page.getByLabel('Log of a pupil').setInputFiles({ ...log, buffer: Buffer.from(text) });
  const whose = page.getByRole('group', { name: 'Whose log is it?' });
  await whose.getByLabel('Player').selectOption('Wren');
  await whose.getByRole('button', { name: 'Add it to this log' }).click();
  await expect(messages).toContainText(/^Log of Wren: \d+ entries are new, \d+ were here already\.$/);
});

test('a title with a player’s name in it is told before it goes to the others', async ({ page }) => {
  await openPiece(page, 'Evening line');
  await page.getByLabel('Name of the piece').fill('Robin’s evening line');
  await waitUntilSaved(page);
  await page.getByRole('button', { name: 'Put it in the week' }).click();
  await page.getByRole('link', { name: 'Open the week' }).click();
  await page.getByRole('link', { name: 'Give it as an assignment' }).click();
  await expect(page.getByLabel('Robin, violin')).toBeChecked();
  const warning = page.getByText('“Robin’s evening line” has the name of Robin in it, and the others will read it.');
  await expect(warning).toBeHidden();
  await page.getByLabel('Wren, violin').check();
  await expect(warning).toBeVisible();
});

test('the days follow their minutes, days off and the date, and say what does not fit', async ({ page }) => {
  await page.goto('/practise/week');
  const days = page.getByRole('region', { name: 'The days', exact: true });
  await expect(days.getByRole('article')).toHaveCount(7);
  await expect(days).toContainText('for “Studio recital”');
  for (const name of ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']) await page.getByLabel(name, { exact: true }).fill('2');
  await expect(page.getByRole('region', { name: 'Does not fit' })).toContainText('3 minutes more on one of its days would make room');
  for (const name of ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']) await page.getByLabel(name, { exact: true }).fill('20');
  await expect(page.getByRole('region', { name: 'Does not fit' })).toHaveCount(0);
  const first = days.getByRole('article').first();
  await expect(first).toContainText('of 20 min');
  await page.getByLabel('Day off').fill(await page.evaluate(() => new Intl.DateTimeFormat('sv-SE').format(Date.now())));
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(first).toContainText('day off');
  await page.getByLabel('Plan', { exact: true }).selectOption('only what the date asks for');
  for (const box of await page.getByLabel(/^by the date/).all()) await box.uncheck();
  await expect(days.getByRole('listitem')).toHaveCount(0);
});

test('what another tab takes out of the week goes from this one too, and stays out when minutes are typed here', async ({
  page,
  context,
}) => {
  await page.goto('/practise/week');
  const list = page.getByRole('region', { name: 'To be practised' });
  const takeOut = list.getByRole('button', { name: /^Take out/ });
  await expect(takeOut.first()).toBeVisible();
  const before = await takeOut.count();
  await page.getByLabel('Day off').fill('2035-05-05');
  const other = await context.newPage();
  await other.goto('/practise/week');
  await other
    .getByRole('button', { name: /^Take out/ })
    .first()
    .click();
  await expect(takeOut).toHaveCount(before - 1);
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('This was changed in another tab');
  await expect(page.getByLabel('Day off')).toHaveValue('2035-05-05');
  await page.getByLabel('Mon', { exact: true }).fill('7');
  await expect(other.getByLabel('Mon', { exact: true })).toHaveValue('7');
  await expect(other.getByRole('button', { name: /^Take out/ })).toHaveCount(before - 1);
});

test('an aim typed in another tab stands in this one too', async ({ page, context }) => {
  await page.goto('/practise');
  await page.getByRole('button', { name: 'New session' }).click();
  await page.getByLabel('Aim', { exact: true }).fill('A quiet thumb');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByLabel('Aim', { exact: true })).toHaveValue('A quiet thumb');
  await other.getByLabel('Check at the end').fill('once without stopping');
  await expect(page.getByLabel('Check at the end')).toHaveValue('once without stopping');
  await page.getByLabel('Aim', { exact: true }).fill('A quiet thumb in every shift');
  await expect(other.getByRole('button', { name: /^A quiet thumb in every shift/ })).toBeVisible();
  await expect(other.getByLabel('Check at the end')).toHaveValue('once without stopping');
});

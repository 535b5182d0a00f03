import { expect, findings, openPiece, test } from './bench-page.ts';

test('a piece fades step by step to a blank page, comes back after failures, and goes on another day', async ({ page }) => {
  await openPiece(page, 'Evening line');
  await page.getByRole('link', { name: 'By heart' }).click();
  const shown = page.getByTestId('shown-with');
  await expect(shown.locator('[data-bead]').first()).toBeVisible();
  await expect(page.getByRole('list', { name: 'Which fingers touch' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'The places of the line' })).toBeVisible();
  await page.getByRole('button', { name: 'Begin the usual course' }).click();
  const [clean, failed] = [page.getByRole('button', { name: 'Clean set' }), page.getByRole('button', { name: 'Not clean' })];
  const state = page.getByRole('status', { name: 'Course' });
  const helps = page.getByRole('group', { name: 'Shown with' });
  const helpsPressed = async (): Promise<readonly string[]> => (await helps.locator('[aria-pressed=true]').allTextContents()).toReversed();
  expect(await findings(page)).toEqual([]);

  const left = await helpsPressed();
  expect(left).toEqual([
    'the path of the hand',
    'the places on the fingerboard',
    'which fingers touch',
    'the finger numbers',
    'the tuner',
    'the staff',
  ]);
  const order = [
    'the path of the hand',
    'the places on the fingerboard',
    'which fingers touch',
    'the tuner',
    'the finger numbers',
    'the staff',
  ];
  for (const help of order) {
    await expect(helps.getByRole('button', { name: help, exact: true })).toHaveAttribute('aria-pressed', 'true');
    await clean.click();
    await clean.click();
    await expect(helps.getByRole('button', { name: help, exact: true })).toHaveAttribute('aria-pressed', 'false');
  }
  await expect(shown).toHaveText('From memory, with nothing to look at.');
  await expect(state).toHaveText('The last step: 2 more clean sets from memory, and it is known by heart.');
  await failed.click();
  await failed.click();
  await expect(helps.getByRole('button', { name: 'the staff', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await expect(shown.locator('.vf-notehead').first()).toBeVisible();
  await expect(shown.locator('.finger-number')).toHaveCount(0);

  await page.reload();
  await expect(state).toHaveText('2 more clean sets in a row, and the staff goes.');
  for (let set = 0; set < 4; set += 1) await clean.click();
  await expect(state).toHaveText('Known by heart: clean on a blank page.');
});

test('helps are mixed by choice, fingers and strings without notation among them; the course is the teacher’s', async ({ page }) => {
  await openPiece(page, 'Evening line');
  await page.getByRole('link', { name: 'By heart' }).click();
  const helps = page.getByRole('group', { name: 'Shown with' });
  for (const name of ['the path of the hand', 'the places on the fingerboard', 'which fingers touch', 'the tuner', 'the staff'])
    await helps.getByRole('button', { name, exact: true }).click();
  const shown = page.getByTestId('shown-with');
  await helps.getByRole('button', { name: 'the path of the hand', exact: true }).click();
  await expect(shown.locator('[data-bead] text').first()).toBeVisible();
  await expect(shown.locator('[data-landmark] text').first()).toBeHidden();
  await expect(shown.locator('.engraving')).toBeHidden();
  await helps.getByRole('button', { name: 'the path of the hand', exact: true }).click();
  await expect(shown.getByRole('list', { name: 'Without notation' })).toContainText('A1');
  await helps.getByRole('button', { name: 'the names of the notes' }).click();
  await expect(shown).toContainText('B♭');
  await helps.getByRole('button', { name: 'the staff', exact: true }).click();
  await expect(shown.locator('[data-name]')).not.toHaveCount(0);

  await page.getByRole('button', { name: 'Begin the usual course' }).click();
  await page.getByText('The course of Robin').click();
  await page.getByRole('button', { name: 'the path of the hand: goes later' }).click();
  await page.getByLabel('Clean sets in a row').selectOption('1');
  await page.getByLabel('Failed sets in a row').selectOption('4');
  await page.reload();
  await page.getByText('The course of Robin').click();
  await expect(page.getByLabel('Failed sets in a row'), 'what was not set yet is still there').toHaveValue('4');
  await page.getByRole('button', { name: 'Set this course' }).click();
  await page.getByRole('button', { name: 'Go on with the course' }).click();
  await page.getByRole('button', { name: 'Clean set' }).click();
  await expect(helps.getByRole('button', { name: 'the places on the fingerboard' })).toHaveAttribute('aria-pressed', 'false');
  await page.goto('/record');
  await page.getByRole('combobox', { name: 'For whom' }).selectOption('Robin');
  await expect(page.getByText(/Help fades: the places on the fingerboard, then the path of the hand/)).toBeVisible();
});

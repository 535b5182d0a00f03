import { beads, expect, findCommand, findings, openNewPiece, openPiece, planDrawn, waitUntilSaved, test } from './bench-page.ts';

test('the header leads through the rooms, and stays one line with three pieces open', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await openPiece(page, 'Evening line');
  await openPiece(page, 'B♭ major, up and down');
  const open = page.getByRole('navigation', { name: 'Open pieces' });
  await expect(open.getByRole('link')).toHaveCount(3);
  for (const link of await open.getByRole('link').all())
    expect(await link.evaluate((element) => element.scrollWidth <= element.clientWidth)).toBe(true);
  expect((await page.getByRole('banner').boundingBox())?.height).toBeLessThan(48);
  await page.getByRole('navigation', { name: 'This piece' }).getByRole('link', { name: 'Measurements' }).click();
  await expect(page.getByRole('heading', { name: 'B♭ major, up and down' })).toBeVisible();
  const rooms = page.getByRole('navigation', { name: 'Rooms' });
  await rooms.getByRole('link', { name: 'Studio' }).click();
  await page.getByRole('navigation', { name: 'Studio' }).getByRole('link', { name: 'Costs' }).click();
  await expect(page.getByRole('heading', { name: 'What a fingering costs' })).toBeVisible();
  await rooms.getByRole('link', { name: 'Practise' }).click();
  await expect(page).toHaveTitle('Practise · Dove Path');
  await rooms.getByRole('link', { name: 'Record' }).click();
  await expect(page).toHaveTitle('Record · Dove Path');
});

test('one open piece needs no row of tabs', async ({ page }) => {
  await openNewPiece(page);
  await page.getByLabel('Octaves').selectOption('one octave');
  await waitUntilSaved(page);
  await page.reload();
  await planDrawn(page);
  await expect(page.getByRole('navigation', { name: 'Open pieces' })).toBeHidden();
});

test('a piece without a name is called by what is played, and follows it', async ({ page }) => {
  await openNewPiece(page);
  await page.getByLabel('Octaves').selectOption('one octave');
  await expect(page.getByLabel('Name of the piece')).toHaveAttribute('placeholder', 'G major, one octave, up');
  await expect(page).toHaveTitle('G major, one octave, up · Bench · Dove Path');
  await page.getByLabel('Direction').selectOption('up and down');
  await expect(page).toHaveTitle(/^G major, one octave, up and down/);
});

test('parts of the sentence at their usual value are folded, and come out when changed', async ({ page }) => {
  await openNewPiece(page);
  const positions = page.getByRole('button', { name: /^Positions/ });
  await expect(positions).toBeHidden();
  await page.getByRole('button', { name: 'More parts of the brief' }).click();
  await positions.click();
  await page.getByRole('button', { name: 'only third position' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Fewer parts of the brief' }).click();
  await expect(positions).toHaveText('third position');
  await expect(page.getByRole('button', { name: /^Strings/ })).toBeHidden();
});

test('a shift is heard, and looped, one step from its note', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await page.keyboard.press('s');
  await page.getByRole('button', { name: 'Hear this shift' }).click();
  await expect(page.locator('[data-playing]')).toBeAttached();
  await page.getByRole('button', { name: 'Loop it', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Selected passage' })).toContainText(' to ');
});

test('the hardest places are listed with their reasons, each one step from its loop', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  const spots = page.getByRole('region', { name: 'Hot spots' });
  await expect(spots.getByRole('listitem').first()).toContainText('B♭5: shift up, 3–1');
  await expect(spots.getByRole('listitem').first()).toContainText('the hand moves 5 semitones, 73 mm; 174 mm/s at this tempo');
  await spots.getByRole('button', { name: 'Loop B♭5' }).click();
  await expect(page.getByRole('region', { name: 'Selected passage' })).toContainText('B♭5');
  await expect(page.locator('[data-playing]')).toBeAttached();
  await expect(page.getByLabel('loop', { exact: true })).toBeChecked();
});

test('a plan is practised slowly in a loop, one step from the empty panel', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await page.getByRole('button', { name: 'Loop it slowly' }).click();
  await expect(page.locator('[data-playing]')).toBeAttached();
  await expect(page.getByLabel('Pace')).toHaveValue('0.5');
  await expect(page.getByLabel('loop', { exact: true })).toBeChecked();
});

test('an address where there is nothing says so, and leads on', async ({ page }) => {
  const response = await page.request.get('/nowhere');
  expect(response.status()).toBe(404);
  expect(await response.text()).toContain('There is nothing at this address');
});

test('the application can be installed: its manifest names icons that are as large as it says', async ({ page }) => {
  const manifest = await page.request.get('/manifest.webmanifest');
  expect(await manifest.json()).toMatchObject({ name: 'Dove Path', display: 'standalone' });
  const text = await manifest.text();
  expect(text).toContain('"purpose": "maskable"');
  const icons = [...text.matchAll(/"src": "([^"]+)", "sizes": "(\d+x\d+)"/g)];
  expect(icons.map(([, , size]) => size)).toEqual(['192x192', '512x512', '512x512']);
  for (const [, address = '', size = ''] of icons) {
    const picture = await (await page.request.get(address)).body();
    // A PNG begins with eight bytes and the head of its first chunk, then come its width and height.
    expect(`${picture.readUInt32BE(16)}x${picture.readUInt32BE(20)}`).toBe(size);
  }
});

test('each part of the sentence is found by typing, those at their usual value too', async ({ page }) => {
  await openNewPiece(page);
  await findCommand(page, 'tempo', /^Tempo any tempo/);
  await expect(page.getByLabel('Tempo, quarters a minute')).toBeFocused();
  await findCommand(page, 'any position', /^Positions any position/);
  await expect(page.getByRole('dialog', { name: 'Positions' })).toBeVisible();
  await page.keyboard.press('Escape');
  await findCommand(page, 'hand', /^Hand any hand/);
  await expect(page.getByLabel('Hand', { exact: true })).toBeFocused();
});

test('numbers and names are explained on asking: in the path, the lists, the Studio and the tuner', async ({ page }) => {
  const how = page.getByRole('dialog', { name: 'How this is calculated' });
  await openPiece(page, 'A♭ major in three octaves');
  for (const [label, told] of [
    ['73 mm', '73 mm in 0.42 s'],
    ['4th', 'Counted by letter names'],
  ] as const) {
    await page.getByTestId('overlay').getByText(label).last().click();
    await expect(how).toContainText(told);
    await page.keyboard.press('Escape');
  }
  await page.getByRole('region', { name: 'Shifts' }).getByRole('button', { name: '174 mm/s' }).click();
  await expect(how).toContainText('at this tempo');
  await page.keyboard.press('Escape');
  await page.getByText('Table of the notes').click();
  await page.getByRole('row', { name: /^22 / }).getByRole('button', { name: / mm$/ }).first().click();
  await expect(how).toContainText('String length ×');
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Wren violin' }).click();
  await page.getByRole('button', { name: '75 mm' }).click();
  await expect(how).toContainText('as you measured it');
  await page.goto('/tuner');
  await page.getByRole('button', { name: '14.0 cents flat' }).click();
  await expect(how).toContainText('one cent');
});

test('a player of the Studio is one step from a piece', async ({ page }) => {
  await page.goto('/setup');
  await page.getByRole('button', { name: 'Martin cello' }).click();
  await page.getByRole('link', { name: 'Start a piece' }).click();
  await planDrawn(page);
  await expect(page.getByLabel('Player')).toHaveValue('Martin');
  await expect(page.getByLabel('Studio instrument')).toHaveText(/Martin’s cello/);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await expect(page).toHaveURL(/[?&]piece=[^&]+$/);
});

test.describe('on the first visit', () => {
  test.use({ firstVisit: true });

  test('the bench introduces itself in three steps, done on the piece itself', async ({ page }) => {
    await openPiece(page, 'A♭ major in three octaves');
    const steps = page.getByRole('region', { name: 'First steps' });
    await expect(steps).toContainText('1 of 3 Change the sentence.');
    expect(await findings(page)).toEqual([]);
    await page.getByLabel('Octaves').selectOption('two octaves');
    await expect(steps).toContainText('2 of 3 Choose a note.');
    await beads(page).nth(3).click();
    await expect(steps).toContainText('3 of 3 Use another fingering.');
    await page
      .getByRole('button', { name: /^Overlay/ })
      .first()
      .click();
    await page.getByRole('button', { name: /^Use this fingering/ }).click();
    await expect(steps).toContainText('you have the last word');
    // They come by themselves once, whether they were done to the end or not.
    await page.reload();
    await planDrawn(page);
    await expect(steps).toBeHidden();
    await findCommand(page, 'first steps', /^First steps on the bench/);
    await expect(steps).toContainText('1 of 3');
    await steps.getByRole('button', { name: 'Skip' }).click();
    await expect(steps).toBeHidden();
  });
});

import { readFile } from 'node:fs/promises';
import { type Page } from '@playwright/test';
import {
  beads,
  expect,
  fingers,
  openNewPiece,
  openPiece,
  planDrawn,
  saveAs,
  waitUntilSaved,
  test,
  typeLine,
  tellWholeBrief,
} from '../bench-page.ts';

const others = (page: Page) => page.getByRole('region', { name: 'Other fingerings' });
const notePanel = (page: Page) => page.getByRole('complementary', { name: 'Selected note' });

test('two octaves up and down are all in view, with the note, playing and other fingerings', async ({ page }) => {
  await openPiece(page, 'B♭ major, up and down');
  await page.keyboard.press('ArrowRight');
  await expect(others(page).getByRole('button').first()).toBeVisible();
  const scroller = page.getByRole('group', { name: /^Staff and path of the hand/ });
  expect(await scroller.evaluate((element) => element.scrollWidth <= element.clientWidth + 1)).toBe(true);
  await expect(beads(page)).toHaveCount(29);
  for (const part of [
    page.getByRole('region', { name: 'Brief' }),
    page.getByRole('region', { name: 'Playing' }),
    others(page),
    notePanel(page).getByRole('region', { name: 'Play it with' }),
  ]) {
    const box = await part.boundingBox();
    expect((box?.y ?? 900) + (box?.height ?? 0)).toBeLessThanOrEqual(800);
  }
});

test('another fingering is overlaid by pointing, by the arrows and by A, and taken', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  const cards = others(page).getByRole('button', { name: /^Overlay/ });
  await cards.first().hover();
  await expect(page.locator('[data-ghost]').first()).toBeVisible();
  await expect(others(page)).toContainText(/Costs|Gains/);
  await page.getByRole('heading', { name: 'Choose a note' }).hover();
  await expect(page.locator('[data-ghost]')).toHaveCount(0);
  await cards.first().focus();
  await page.keyboard.press('ArrowRight');
  await expect(cards.nth(1)).toBeFocused();
  await expect(page.locator('[data-ghost]').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.locator('[data-ghost]')).toHaveCount(0);
  await page.keyboard.press('a');
  await expect(page.locator('[data-ghost]').first()).toBeVisible();
  const before = await fingers(page);
  await page.keyboard.press('Shift+A');
  await expect.poll(() => fingers(page)).not.toBe(before);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => fingers(page)).toBe(before);
});

test('of another fingering a passage alone can be taken', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await beads(page).nth(9).click();
  await beads(page)
    .nth(12)
    .click({ modifiers: ['Shift'] });
  const passage = page.getByRole('region', { name: 'Selected passage' });
  await expect(passage).toContainText('measure 2, after beat 1 to beat 3 (C5 to F5)');
  await others(page)
    .getByRole('button', { name: /^Overlay: / })
    .nth(2)
    .click();
  const before = (await fingers(page)).split(' ');
  await page.getByRole('button', { name: 'Use for measure 2, after beat 1 to beat 3 (C5 to F5)' }).click();
  await expect.poll(async () => (await fingers(page)).split(' ').slice(0, 9)).toEqual(before.slice(0, 9));
});

test('a passage is fixed, bowed, made a piece of, and taken out; each undone', async ({ page }) => {
  await openNewPiece(page);
  await beads(page).nth(2).click();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  const passage = page.getByRole('region', { name: 'Selected passage' });
  await passage.getByRole('button', { name: 'Lock fingering' }).click();
  await expect(page.locator('[data-bead] title', { hasText: 'locked by you' })).toHaveCount(3);
  await page.keyboard.press('l');
  await expect(page.locator('[data-bead] title', { hasText: 'locked by you' })).toHaveCount(0);
  await passage.getByRole('button', { name: 'One bow' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('now written out one by one');
  await expect(page.getByRole('textbox', { name: /^Notes, for example/ })).toHaveValue(/^G3 A3 \(B3 C4 D4\) E4/);
  await passage.getByRole('button', { name: 'Delete these notes' }).click();
  await expect(beads(page)).toHaveCount(12);
  await page.keyboard.press('z');
  await expect(beads(page)).toHaveCount(15);
  await beads(page).nth(0).click();
  await beads(page)
    .nth(3)
    .click({ modifiers: ['Shift'] });
  await page.getByRole('region', { name: 'Selected passage' }).getByRole('button', { name: 'Make a new piece' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue(
    'A line, measure 1, beat 1 to after beat 2 (G3 to C4)',
  );
  await expect(beads(page)).toHaveCount(4);
});

test('notes are written: pitch, length, inserted, deleted; bow, cue and remark', async ({ page }) => {
  await openNewPiece(page);
  await typeLine(page, 'A4 B4 C#5 D5');
  await expect(beads(page)).toHaveCount(4);
  const line = page.getByRole('textbox', { name: /^Notes, for example/ });
  await beads(page).nth(1).click();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(line).toHaveValue('A4 C5 C#5 D5');
  await page.keyboard.press('Alt+Shift+ArrowDown');
  await expect(line).toHaveValue('A4 B4 C#5 D5');
  await page.keyboard.press('Insert');
  await expect(line).toHaveValue('A4 B4 B4 C#5 D5');
  await expect(notePanel(page).getByRole('heading', { name: 'B4' })).toBeVisible();
  await page.keyboard.press('Delete');
  await expect(line).toHaveValue('A4 B4 C#5 D5');
  await beads(page).nth(2).click();
  await page.getByRole('tab', { name: 'Write' }).click();
  await page.getByLabel('Pitch', { exact: true }).fill('Db5');
  await page.keyboard.press('Enter');
  await expect(line).toHaveValue('A4 B4 Db5 D5');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line).toHaveValue('A4 B4 C#5 D5');
  await page.getByLabel('Length').selectOption('quarter');
  await expect(line).toHaveValue('A4 B4 C#5:1/4 D5:1/8');
  await page.getByRole('button', { name: 'Insert a rest after it' }).click();
  await expect(line).toHaveValue('A4 B4 C#5:1/4 r D5:1/8');
  await page.getByLabel('Bow sign').selectOption('up bow');
  await expect(page.locator('[data-bow="up"]')).toHaveCount(1);
  await page.getByLabel('Cue').fill('sing');
  await page.keyboard.press('Enter');
  await page.getByLabel('Remark').fill('Listen to the open string.');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-cue]')).toHaveText('sing a)');
  await waitUntilSaved(page);
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByRole('article', { name: 'Pages' })).toContainText('Listen to the open string.');
});

test('a whole fingering is typed as digits, and what it cannot be is said', async ({ page }) => {
  await openNewPiece(page);
  await beads(page).first().click();
  await page.getByRole('tab', { name: 'Write' }).click();
  await page.getByLabel('Type the fingering from here on').fill('0 1 2 3 | 4 1 2 3');
  await page.getByRole('button', { name: 'Lock it as the fingering' }).click();
  await expect.poll(() => fingers(page)).toMatch(/^0 1 2 3 4 1 2 3 /);
  await page.getByLabel('Type the fingering from here on').fill('0 9');
  await page.getByRole('button', { name: 'Lock it as the fingering' }).click();
  await expect(page.getByLabel('Type the fingering from here on')).toHaveAccessibleDescription(/“9” is not a finger\./);
});

test('a bead is dragged to another string', async ({ page }) => {
  await openNewPiece(page);
  const bead = page.locator('[data-bead="8"] circle').first();
  await bead.hover();
  const from = await bead.boundingBox();
  await page.mouse.down();
  await page.mouse.move((from?.x ?? 0) + 20, (from?.y ?? 0) - 40);
  await page.mouse.move((from?.x ?? 0) + 21, (from?.y ?? 0) - 41);
  const target = page.locator('[data-drop="III 4"] circle');
  await expect(async () => {
    await page.mouse.move((from?.x ?? 0) + 22, (from?.y ?? 0) - 42);
    await expect(target).toBeVisible({ timeout: 200 });
  }).toPass();
  const to = await target.boundingBox();
  await page.mouse.move((to?.x ?? 0) + 10, (to?.y ?? 0) + 10);
  await page.mouse.up();
  await expect(page.locator('[data-bead="8"] title')).toHaveText(/finger 4 on III \(D\).*locked by you/);
});

test('what was done is listed with what the engine changed, and any step is gone back to', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  await expect(page.getByRole('region', { name: 'Playing' }).getByRole('button', { name: 'Play' })).toBeVisible();
  await page.getByRole('combobox', { name: 'Open strings' }).selectOption('avoided');
  await expect(page.locator('[data-refingered]').first()).toBeAttached();
  await page.getByLabel('Meter').selectOption('3/4');
  await page.getByRole('button', { name: 'History' }).click();
  const list = page.getByRole('dialog', { name: 'History' });
  await expect(list.getByRole('listitem')).toHaveCount(3);
  await expect(list.getByRole('listitem').nth(1)).toContainText(/open strings avoided.*fingered differently/);
  await list.getByRole('button', { name: 'as it was opened' }).click();
  await expect(page.getByRole('combobox', { name: 'Open strings' })).toHaveValue('allow');
});

test('the line is played: the cursor runs, and stops', async ({ page }) => {
  await openNewPiece(page);
  const bar = page.getByRole('region', { name: 'Playing' });
  await bar.getByLabel('count-in').uncheck();
  await bar.getByLabel('loop').check();
  await bar.getByLabel('Drone').selectOption('the tonic');
  await page.getByRole('group', { name: /^Staff and path of the hand/ }).focus();
  await page.keyboard.press('Space');
  const cursor = page.locator('[data-playing]');
  await expect(cursor).toBeAttached();
  const first = await cursor.getAttribute('data-playing');
  await expect.poll(() => cursor.getAttribute('data-playing')).not.toBe(first);
  await page.keyboard.press('Space');
  await expect(page.locator('[data-playing]')).toHaveCount(0);
  await expect(bar.getByRole('button', { name: 'Play' })).toBeVisible();
});

test('what is heard is the note that is written, at the reference of the instrument', async ({ page }) => {
  await page.addInitScript(() => {
    const { connect } = AudioNode.prototype;
    const ears: AnalyserNode[] = [];
    Object.assign(globalThis, { ears });
    // Every sound for the loudspeaker goes to a recorder of the test, too.
    AudioNode.prototype.connect = new Proxy(connect, {
      apply: (target, node: AudioNode, to: readonly unknown[]) => {
        // Contexts that render into memory are trials of the library.
        if (to[0] instanceof AudioDestinationNode && node.context instanceof AudioContext) {
          const ear = new AnalyserNode(node.context, { fftSize: 8192 });
          Reflect.apply(target, node, [ear]);
          ears.push(ear);
        }
        return Reflect.apply(target, node, to);
      },
    });
  });
  await openNewPiece(page);
  await typeLine(page, 'A4:1/1 A4');
  await expect(beads(page)).toHaveCount(2);
  const bar = page.getByRole('region', { name: 'Playing' });
  await bar.getByLabel('count-in').uncheck();
  await bar.getByLabel('loop').check();
  await bar.getByRole('button', { name: 'Play', exact: true }).click();
  await expect(page.locator('[data-playing]')).toBeAttached();
  const heardHz = () =>
    page.evaluate(() => {
      const ears: readonly AnalyserNode[] = Reflect.get(globalThis, 'ears');
      const heard = ears.map((ear) => {
        const samples = new Float32Array(ear.fftSize);
        ear.getFloatTimeDomainData(samples);
        return { samples, sampleRate: ear.context.sampleRate, loud: samples.reduce((sum, value) => sum + value ** 2, 0) };
      });
      const [loudest] = heard.toSorted((one, other) => other.loud - one.loud);
      if (!loudest || loudest.loud < 1) return 0;
      const { samples, sampleRate } = loudest;
      const likeness = (lag: number): number =>
        samples.subarray(0, 4096).reduce((sum, value, index) => sum + value * (samples[index + lag] ?? 0), 0);
      const lags = Array.from({ length: 80 }, (_, step) => Math.round(sampleRate / 520) + step);
      const best = lags.reduce((most, lag) => (likeness(lag) > likeness(most) ? lag : most));
      return sampleRate / best;
    });
  await expect.poll(async () => Math.abs((await heardHz()) - 440) < 6).toBe(true);
});

test('everything that can be done is found by typing, and every key is in one list', async ({ page }) => {
  await openNewPiece(page);
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: 'Search commands and pieces' }).fill('last note');
  await page.keyboard.press('Enter');
  await expect(notePanel(page).getByRole('heading', { name: 'G5' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: 'Search commands and pieces' }).fill('evening');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Evening line');
  await planDrawn(page);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' }).getByRole('row')).toHaveCount(21);
});

test('staff and path go out as one drawing and one picture, fonts inside', async ({ page }) => {
  await openPiece(page, 'Evening line');
  const svg = (await readFile(await (await saveAs(page, 'SVG')).path())).toString();
  expect(svg).toContain('xmlns="http://www.w3.org/2000/svg"');
  expect(svg).toContain('@font-face');
  expect(svg).not.toContain('var(--');
  expect((svg.match(/data-bead=/g) ?? []).length).toBe(await beads(page).count());
  expect((await readFile(await (await saveAs(page, 'PNG')).path())).subarray(1, 4).toString()).toBe('PNG');
});

test('a link holds the brief itself', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await openNewPiece(page);
  await page.getByLabel('Octaves').selectOption('one octave');
  await page.getByRole('button', { name: 'Save as' }).click();
  await page.getByRole('button', { name: 'Link' }).click();
  await expect(page.getByRole('status', { name: 'Messages' })).toContainText('The link is copied.');
  const link = await page.evaluate(() => navigator.clipboard.readText());
  const again = await context.newPage();
  await again.goto(link);
  await planDrawn(again);
  await expect(beads(again)).toHaveCount(8);
  await again.goto('/#brief=damaged');
  await expect(again.getByRole('status', { name: 'Messages' })).toContainText('The link does not hold a whole brief.');
});

test('pieces stand open side by side, and closing one loses nothing', async ({ page }) => {
  await openPiece(page, 'Evening line');
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: 'Search commands and pieces' }).fill('sixths');
  await page.keyboard.press('Enter');
  const open = page.getByRole('navigation', { name: 'Open pieces' });
  await open.getByRole('link', { name: 'Evening line' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Evening line');
  await page.goBack();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('A major in sixths');
  await open.getByRole('button', { name: 'Close Evening line' }).click();
  await expect(open.getByRole('link')).toHaveCount(0);
});

test('the brief says what it does to the numbers', async ({ page }) => {
  await openPiece(page, 'C minor, the way down');
  await page.getByText('What each request changes').click();
  await expect(page.getByRole('row', { name: /only first, second and third position/ })).toBeVisible();
});

test('nothing moves when the plan changes but what changed', async ({ page }) => {
  await openPiece(page, 'B♭ major, up and down');
  await tellWholeBrief(page);
  await expect(others(page).getByRole('button').first()).toBeVisible();
  await page.evaluate(() => {
    const shifts: number[] = [];
    Object.assign(globalThis, { shifts });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) if ('value' in entry && typeof entry.value === 'number') shifts.push(entry.value);
    }).observe({ type: 'layout-shift' });
  });
  const before = await fingers(page);
  await page.getByRole('combobox', { name: 'Open strings' }).selectOption('avoided');
  await expect.poll(() => fingers(page)).not.toBe(before);
  await page.getByLabel('Octaves').selectOption('one octave');
  await expect(beads(page)).toHaveCount(15);
  await expect(others(page).getByRole('button').first()).toBeVisible();
  const sum = await page.evaluate(() => {
    const shifts: readonly number[] = Reflect.get(globalThis, 'shifts');
    return shifts.reduce((total, value) => total + value, 0);
  });
  expect(sum).toBeLessThan(0.02);
});

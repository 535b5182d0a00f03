import type { Brief } from '#core/brief';
import { briefToText } from '../../src/files/brief-link.ts';
import {
  beads,
  expect,
  findings,
  fingers,
  openNewPiece,
  openPiece,
  planDrawn,
  waitUntilSaved,
  test,
  typeLine,
  tellWholeBrief,
} from './bench-page.ts';

test('other fingerings come with what they gain and cost, and one can be taken and undone', async ({ page }) => {
  await openNewPiece(page);
  const before = await fingers(page);
  const others = page.getByRole('region', { name: 'Other fingerings' });
  await others.getByRole('button', { name: /^Overlay: no open strings/ }).click();
  await expect(others).toContainText('Gains 3 open strings fewer');
  await expect(others).toContainText('Costs');
  await others.getByRole('button', { name: 'Use this fingering: no open strings' }).click();
  await expect.poll(() => fingers(page)).toMatch(/^0 1 2 3 4 1 2 3 4 /);
  await expect(others.getByRole('button', { name: /^Overlay: without your locked notes/ })).toContainText('a little easier');
  await page.keyboard.press('z');
  await expect.poll(() => fingers(page)).toBe(before);
});

test('a note says why it is so, and why not otherwise', async ({ page }) => {
  await openNewPiece(page);
  await beads(page).nth(4).click();
  const why = page.getByRole('region', { name: 'Why' });
  await expect(why).toContainText('The open string');
  await expect(why).toContainText('D4 with finger 4 instead would be a little harder.');
  await why.getByRole('button', { name: 'Why not 4 on G?' }).click();
  await expect(why.getByRole('status')).toContainText('4 on G: It would be a little harder');
  await why.getByRole('button', { name: 'how much' }).first().click();
  await expect(page.getByRole('dialog', { name: 'How this is calculated' })).toContainText(/^0\.1 more in the sum of costs: /);
});

test('a shift says why, how the hand is guided, and how little ten cents are', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await page.keyboard.press('s');
  const arrival = page.getByRole('region', { name: 'How you get there' });
  await expect(arrival).toContainText(/10 cents there are \d\.\d mm\./);
  await expect(arrival).toContainText(/slides/);
  await expect(page.getByRole('region', { name: 'Why' })).toContainText(/The shift.*lies outside .*position.*would be a little harder/);
});

test('a shift is led by the finger the teacher chooses, and an expressive slide is drawn', async ({ page }) => {
  const notes = ['D5', 'E5', 'F#5', 'E5', 'D5', 'C#5', 'B4'].map((pitch) => ({ pitches: [pitch], duration: '1/4' }));
  const locks = (['1', '2', '3', '2', '1', '2', '1'] as const).map((finger, note) => ({ note, finger }));
  const brief: Brief = {
    instrument: { kind: 'violin' },
    material: { kind: 'line', key: 'D major', notes },
    limits: { strings: ['A4'] },
    locks,
  };
  await page.goto(`/#brief=${await briefToText(brief)}`);
  await planDrawn(page);
  await page.keyboard.press('s');
  const arrival = page.getByRole('region', { name: 'How you get there' });
  await expect(arrival.getByRole('radio', { checked: true })).toHaveAccessibleName(
    /finger that leaves slides to its new place, passing B4/,
  );
  await expect(page.locator('[data-in-between] title')).toHaveText(/B4, 1 on II/);
  await arrival.getByRole('radio', { name: /^The arriving finger/ }).click();
  await expect(page.locator('[data-in-between] title')).toHaveText(/E5, 2 on II/);
  await arrival.getByLabel(/^Expressive slide/).click();
  await expect(arrival.getByLabel(/^Expressive slide/)).toBeChecked();
  await expect(page.locator('[data-slide]')).toHaveCount(1);
});

test('limits that are too hard show the plan that the smallest step would give, and take that step', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  await page.getByLabel('Octaves').selectOption('three octaves');
  await page.getByRole('button', { name: /^Positions/ }).click();
  await page.getByRole('button', { name: 'only first position' }).click();
  await page.keyboard.press('Escape');
  const messages = page.getByRole('status', { name: 'Messages' });
  await expect(messages).toContainText(/D6 needs third position on the E string, which this brief leaves out/);
  await expect(messages).toContainText(/It can be played with .* position allowed too: that fingering is shown below\./);
  await expect(beads(page)).toHaveCount(22);
  await messages.getByRole('button', { name: 'Make this change' }).click();
  await expect(messages).toBeEmpty();
  await expect(page.getByRole('button', { name: /^Positions: first, .* position/ })).toBeVisible();
});

test('wishes, purpose, hand and school change the fingering and stand in the sentence', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  const plain = await fingers(page);
  await page.getByLabel('Purpose').selectOption('for training');
  await expect.poll(() => fingers(page)).not.toBe(plain);
  await page.getByLabel('Purpose').selectOption('for general use');
  await page.getByRole('button', { name: 'Preferences: no preferences' }).click();
  const wishes = page.getByRole('dialog', { name: 'Preferences' });
  await wishes.getByLabel(/^open strings covered/).selectOption('above all');
  await expect.poll(() => fingers(page)).toMatch(/^0 1 2 3 4 /);
  expect(await findings(page, '[role=dialog]')).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Preferences: open strings covered' })).toBeFocused();
  await page.getByLabel('Instrument', { exact: true }).selectOption('cello');
  await page.getByLabel('Left hand').selectOption('with thumb position');
  await page.getByLabel('Octaves').selectOption('four octaves');
  await page.getByLabel('Tonic').selectOption('C');
  await page.getByLabel('Hand', { exact: true }).selectOption('an average hand');
  await expect.poll(() => fingers(page)).toContain('T');
  await expect(page.getByText('The thumb lies on the string')).toBeVisible();
});

test('the way down can follow the way up', async ({ page }) => {
  await openNewPiece(page);
  await page.getByLabel('Octaves').selectOption('three octaves');
  await page.getByLabel('Direction').selectOption('up and down');
  await tellWholeBrief(page);
  await page.getByLabel('Way down').selectOption('fingered the same both ways');
  await expect
    .poll(async () => {
      const row = (await fingers(page)).split(' ');
      return row.length > 22 && row.slice(0, 21).join('') !== '' && row[20] === row[22];
    })
    .toBe(true);
});

test('double stops are drawn with both fingers, told and exported', async ({ page }) => {
  await openNewPiece(page);
  await typeLine(page, 'G3+E4 A3+F#4 (B3+G4 C4+A4)');
  await expect(beads(page)).toHaveCount(8);
  await beads(page).nth(2).click();
  const note = page.getByRole('complementary', { name: 'Selected note' });
  await expect(note.getByRole('heading', { name: 'A3 and F♯4' })).toBeVisible();
  await expect(note).toContainText(/finger \d on IV \(G\) with finger \d on III \(D\)/);
  await expect(page.getByText('Two strings are stopped together')).toBeVisible();
});

test('a chord of three notes is drawn with its fingers, told, and kept with the piece', async ({ page }) => {
  await openNewPiece(page);
  await typeLine(page, 'A4 E5 G3+D4+B4:1/2');
  await expect(beads(page)).toHaveCount(5);
  await beads(page).nth(4).click();
  const note = page.getByRole('complementary', { name: 'Selected note' });
  await expect(note.getByRole('heading', { name: 'G3, D4 and B4' })).toBeVisible();
  await expect(note).toContainText('open IV (G), open III (D) and finger 1 on II (A)');
  await expect(page.getByText('Fingers stand on three strings')).toBeVisible();
  await waitUntilSaved(page);
  await page.reload();
  await expect(beads(page)).toHaveCount(5);
});

test('patterns, fingers set down together and landmarks are there for those who open them', async ({ page }) => {
  await openNewPiece(page);
  await page.getByText('Finger patterns, landmarks, fingers set down together').click();
  await expect(page.getByRole('table', { name: 'Finger patterns of every position' })).toContainText('2 and 3 close');
  await expect(page.getByText('G5: 2 on I, first position')).toBeVisible();
});

test('every cost is in one table, with its reason', async ({ page }) => {
  await page.goto('/costs');
  await expect(page.getByRole('row', { name: /A shift interrupts the line, whatever its size/ })).toContainText('1.7');
});

test('the server gives alternatives, reasons, and what would help', async ({ request }) => {
  const brief = { instrument: { kind: 'violin' }, material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up' } };
  const { alternatives } = await (await request.post('/api/plan?alternatives=3', { data: brief })).json();
  expect(alternatives).toHaveLength(3);
  const { fingerings } = await (await request.post('/api/fingerings?most=5', { data: brief })).json();
  expect(fingerings).toHaveLength(5);
  const { reasons } = await (await request.post('/api/reasons', { data: brief })).json();
  expect(reasons.some((reason: { about: string }) => reason.about === 'shift')).toBe(true);
  const hard = await request.post('/api/plan', { data: { ...brief, limits: { positions: ['1'] } } });
  expect(hard.status()).toBe(422);
  expect((await hard.json()).relaxed.relaxation).toMatch(/^with .* position allowed too$/);
});

test('while the ways of a note are on their way, those of the note before are not shown under it', async ({ page }) => {
  await page.addInitScript(() => {
    const send = Worker.prototype.postMessage;
    const waiting: (() => void)[] = [];
    const holding = { on: false };
    Object.assign(globalThis, { holding, release: () => waiting.splice(0).forEach((go) => go()) });
    Worker.prototype.postMessage = function (this: Worker, message: { readonly path?: readonly string[] }, ...rest: never[]) {
      if (holding.on && message.path?.[0] === 'ways') waiting.push(() => send.call(this, message, ...rest));
      else send.call(this, message, ...rest);
    };
  });
  await openNewPiece(page);
  await beads(page).nth(0).click();
  const ways = page.getByRole('region', { name: 'Play it with' });
  await expect(ways).toContainText('IV (G)');
  await page.evaluate(() => Object.assign(Reflect.get(globalThis, 'holding'), { on: true }));
  await beads(page).nth(1).click();
  await expect(page.getByRole('complementary', { name: 'Selected note' }).getByRole('heading', { level: 2 })).toHaveText('A3');
  await expect(ways).toBeHidden();
  await page.evaluate(() => Reflect.get(globalThis, 'release')());
  await expect(ways.getByRole('button', { name: /^finger 1 on IV/ })).toHaveAttribute('aria-pressed', 'true');
});

test('a worker that dies is said, and the next change of the brief is planned by another', async ({ page }) => {
  await page.addInitScript(() => {
    const send = Worker.prototype.postMessage;
    const mortal = { on: false };
    Object.assign(globalThis, { mortal });
    Worker.prototype.postMessage = function (this: Worker, message: { readonly path?: readonly string[] }, ...rest: never[]) {
      if (!mortal.on || message.path?.[0] !== 'plan') return send.call(this, message, ...rest);
      mortal.on = false;
      this.dispatchEvent(new Event('error'));
    };
  });
  await openNewPiece(page);
  await page.evaluate(() => Object.assign(Reflect.get(globalThis, 'mortal'), { on: true }));
  await page.getByLabel('Octaves').selectOption('one octave');
  const messages = page.getByRole('status', { name: 'Messages' });
  await expect(messages).toContainText('The fingering could not be worked out, or took too long.');
  await page.getByLabel('Octaves').selectOption('three octaves');
  await expect(beads(page)).toHaveCount(22);
});

test('how high a string may be used is chosen among the rules, and stands in the sentence and in print', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  await page.getByRole('button', { name: 'Preferences: no preferences' }).click();
  await page.getByRole('dialog', { name: 'Preferences' }).getByLabel('A string').selectOption('up to E5');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Preferences: the A string up to E5' })).toBeVisible();
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByRole('article', { name: 'Pages' })).toContainText(/the A string up to ?E5/);
});

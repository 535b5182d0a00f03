import { readFileSync } from 'node:fs';
import { type Page } from '@playwright/test';
import { beads, expect, openNewPiece, openPiece, planDrawn, saveAs, test, typeLine } from '../bench-page.ts';

/** Finds finger numbers that touch a note head or the ink of a slur: their texts and places. */
async function collisions(page: Page): Promise<readonly string[]> {
  await expect(page.locator('.vf-notehead').first()).toBeVisible();
  return page.evaluate(() => {
    const overlay = document.querySelector('[data-testid="overlay"]');
    // A head is a sign of a font whose line is far higher than its ink: it stands about its own middle line.
    const heads = [...document.querySelectorAll<SVGTextElement>('.vf-notehead text')].map((head) => {
      const staff = head.ownerSVGElement?.getBoundingClientRect();
      const [left, middle] = [Number(head.getAttribute('x')) + (staff?.left ?? 0), Number(head.getAttribute('y')) + (staff?.top ?? 0)];
      return { left, right: left + 12, top: middle - 5, bottom: middle + 5 };
    });
    if (heads.length === 0) throw new Error('No note heads are drawn');
    const numbers = [...(overlay?.querySelectorAll<SVGTextElement>('text.finger-number') ?? [])];
    const curves = [...(overlay?.querySelectorAll<SVGPathElement>('path.fill-ink') ?? [])];
    return numbers.flatMap((number) => {
      // The figures themselves stand in the middle three fifths of a line of text.
      const { x, y, width, height } = number.getBBox();
      const box = { left: x, right: x + width, top: y + height * 0.25, bottom: y + height * 0.8 };
      const onScreen = number.getBoundingClientRect();
      const top = onScreen.top + onScreen.height * 0.25;
      const bottom = onScreen.top + onScreen.height * 0.8;
      const head = heads.some(
        (head) => head.left < onScreen.right && head.right > onScreen.left && head.top < bottom - 1 && head.bottom > top + 1,
      );
      const points = [box.left, (box.left + box.right) / 2, box.right].flatMap((px) =>
        [box.top, (box.top + box.bottom) / 2, box.bottom].map((py) => new DOMPoint(px, py)),
      );
      const curve = curves.some((path) => points.some((point) => path.isPointInFill(point)));
      return head || curve ? [`${number.textContent} at ${Math.round(x)}: ${head ? 'head' : 'slur'}`] : [];
    });
  });
}

for (const name of [
  'A♭ major in three octaves',
  'B♭ major, up and down',
  'C major in four octaves, thumb position',
  'Evening line',
  'A major in sixths',
  'E♭ major, open strings covered',
]) {
  test(`no finger number of ${name} touches a head or a slur`, async ({ page }) => {
    await openPiece(page, name);
    expect(await collisions(page)).toEqual([]);
  });
}

test('very high notes stand under an octave line, their fingers clear of it', async ({ page }) => {
  await openNewPiece(page);
  await typeLine(page, '(A6 B6 C7 D7 C7 B6) A6 G5');
  await expect(beads(page)).toHaveCount(8);
  await expect(page.locator('[data-octave-line]')).toHaveCount(1);
  expect(await collisions(page)).toEqual([]);
});

test('at 390 px a finger is changed by touch', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 });
  await openNewPiece(page);
  await beads(page).nth(4).click();
  await page.getByRole('button', { name: /^finger 4 on IV/ }).click();
  await expect(page.locator('[data-bead="4"] title')).toHaveText(/finger 4 on IV \(G\)/);
  await expect(page.getByRole('button', { name: 'Unlock this note' })).toBeVisible();
});

test('ornaments, grace notes and stopped harmonics are typed, drawn, and set at a note', async ({ page }) => {
  await openNewPiece(page);
  await typeLine(page, 'A4 {D5} C5:1/2 A6**:1/4 B4');
  await expect(beads(page)).toHaveCount(5);
  await expect(page.locator('[data-partner="3"] text')).toHaveText('4');
  await page.locator('[data-staff-note="4"]').click();
  await page.getByRole('tab', { name: 'Write' }).click();
  await page.getByRole('combobox', { name: 'Ornament' }).selectOption('trill');
  await page.getByRole('combobox', { name: 'Auxiliary note' }).selectOption('sharp');
  await expect(page.locator('[data-ornament="4"]')).toContainText('♯');
  await expect(page.getByRole('textbox', { name: /^Notes, for example/ })).toHaveValue('A4 {D5} C5:1/2 A6**:1/4 B4tr#');
  await expect(page.getByText(/^finger \d on .* trill with finger \d on C♯5$/)).toBeVisible();
  expect(await collisions(page)).toEqual([]);
});

test('key and meter change at a measure: in the sentence, on the staff, in the file and on the sheet', async ({ page }) => {
  await openPiece(page, 'Evening line');
  await page.locator('[data-staff-note="6"]').click();
  await page.getByRole('tab', { name: 'Write' }).click();
  await page.getByLabel('Key from this measure on').selectOption({ label: 'C minor' });
  await expect(page.getByLabel('Key from measure 2')).toHaveValue('C minor');
  await page.getByLabel('Meter from this measure on').selectOption({ label: '2/4' });
  await expect(page.getByLabel('Meter from measure 2')).toHaveValue('2/4');
  await planDrawn(page);
  // One meter stands at the beginning, and one where it changes.
  await expect(page.locator('.engraving .vf-timesignature')).toHaveCount(2);
  await page.getByLabel('Key from measure 2').selectOption({ label: 'C major' });
  await expect(page.locator('.engraving .vf-keysignature')).toHaveCount(2);

  const score = await saveAs(page, 'MusicXML');
  const text = readFileSync(await score.path(), 'utf8');
  expect(text.match(/<fifths>(-?\d+)<\/fifths>/g)).toEqual(['<fifths>-3</fifths>', '<fifths>0</fifths>']);
  expect(text.match(/<beats>(\d+)<\/beats>/g)).toEqual(['<beats>3</beats>', '<beats>2</beats>']);

  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Key from measure 2')).toHaveValue('C minor');
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await expect(page.getByText('A line in E♭ major, then C minor', { exact: false })).toBeVisible();
});

test('another meter from the first measure on leaves a scale a scale; another key makes a line of it', async ({ page }) => {
  await openNewPiece(page);
  await page.locator('[data-staff-note="0"]').click();
  await page.getByRole('tab', { name: 'Write' }).click();
  await page.getByLabel('Meter from this measure on').selectOption({ label: '3/4' });
  await expect(page.getByLabel('Meter', { exact: true })).toHaveValue('3/4');
  await expect(page.getByLabel('Material')).toHaveValue('scale');
  await page.getByLabel('Key from this measure on').selectOption({ label: 'C major' });
  await expect(page.getByLabel('Material')).toHaveValue('line');
  await expect(page.getByLabel('Tonic')).toHaveValue('C');
});

import { type Page } from '@playwright/test';
import { beads, expect, openNewPiece, openPiece, saveAs, test, typeLine, tellWholeBrief } from '../bench-page.ts';

interface Point {
  readonly x: number;
  readonly y: number;
}

async function centres(page: Page, selector: string): Promise<readonly Point[]> {
  return page.locator(selector).evaluateAll((elements) =>
    elements.map((element) => {
      const box = element.getBoundingClientRect();
      return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    }),
  );
}

for (const name of ['A♭ major in three octaves', 'F major, first shifts', 'D minor arpeggio']) {
  test(`each bead of ${name} stands under its note head and at its millimetres`, async ({ page }) => {
    await openPiece(page, name);
    const heads = await centres(page, '.vf-notehead > text:first-child');
    const drawn = await centres(page, '[data-bead] circle:not([data-ring])');
    expect(drawn.length).toBeGreaterThan(9);
    for (const [index, bead] of drawn.entries()) expect(Math.abs(bead.x - (heads[index]?.x ?? 0))).toBeLessThan(1);
    const places = await placesInMillimetres(page);
    const path = page.locator('[data-nut-y]');
    const [nutY, pxPerMm] = [Number(await path.getAttribute('data-nut-y')), Number(await path.getAttribute('data-px-per-mm'))];
    const top = await path.evaluate((group) => (group instanceof SVGGElement ? (group.getScreenCTM()?.f ?? 0) : 0));
    for (const [index, bead] of drawn.entries()) expect(Math.abs(bead.y - (top + nutY - (places[index] ?? 0) * pxPerMm))).toBeLessThan(1);
  });
}

test('the ground of the path is the string in true proportion: the octave lies half-way to the bridge', async ({ page }) => {
  await openNewPiece(page);
  await tellWholeBrief(page);
  await typeLine(page, 'G3 G4');
  await page.getByRole('button', { name: /^Strings/ }).click();
  await page.getByRole('button', { name: 'only G' }).click();
  await page.keyboard.press('Escape');
  await expect(beads(page)).toHaveCount(2);
  await expect.poll(async () => (await placesInMillimetres(page))[1]).toBe(164);
});

test('the clef of each instrument has its sign, and changes on the way up and back on the way down', async ({ page }) => {
  await openPiece(page, 'B♭ major, up and down');
  const clefs = page.locator('.vf-clef text');
  await expect(clefs).toHaveCount(3);
  const signs = await clefs.allTextContents();
  expect(signs.every((sign) => sign.length > 0)).toBe(true);
  expect([signs[0] === signs[2], signs[0] === signs[1]]).toEqual([true, false]);
  await openPiece(page, 'E♭ major, open strings covered');
  await expect(clefs).not.toHaveText(['']);
});

test('mixed values, ties over bar lines, rests and double accidentals are all engraved', async ({ page }) => {
  await openNewPiece(page);
  await typeLine(page, 'F##4:5/8 (Bbb4:3/16 Cb5:1/16) r:3/8 E#5:1/1 A4:9/64');
  await expect(beads(page)).toHaveCount(5);
  await expect.poll(async () => (await centres(page, '.vf-notehead')).length).toBeGreaterThanOrEqual(8);
});

/** Asks the server for the plan behind the page, with the very brief that the page holds. */
async function placesInMillimetres(page: Page): Promise<readonly number[]> {
  const stream = await (await saveAs(page, 'JSON')).createReadStream();
  const chunks = await stream.toArray();
  const { brief } = JSON.parse(Buffer.concat(chunks).toString());
  const response = await page.request.post('/api/plan', { data: brief });
  const { best } = await response.json();
  const notes: { kind: string; stops?: { mmFromNut: number }[] }[] = best.notes;
  return notes.flatMap((note) => (note.kind === 'note' ? [note.stops?.[0]?.mmFromNut ?? -1] : []));
}

test('a very long line is saved as several drawings, none of them cut', async ({ page }) => {
  // Two drawings of hundreds of notes take their time on a busy machine, which this test does not judge.
  test.slow();
  await openNewPiece(page);
  await typeLine(page, 'G3:1/16 A3 B3 C4 '.repeat(160));
  await expect(page.getByText('640 notes', { exact: false }).first()).toBeVisible();
  const names: string[] = [];
  page.on('download', (download) => names.push(download.suggestedFilename()));
  await saveAs(page, 'SVG');
  await expect.poll(() => names.length).toBe(2);
  expect(names[1]).toContain('page-2-of-2');
});

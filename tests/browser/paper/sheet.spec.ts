import { readFile } from 'node:fs/promises';
import jsQR from 'jsqr';
import type { Page } from '@playwright/test';
import { expect, openNewPiece, openPiece, planDrawn, test, waitUntilSaved } from '../bench-page.ts';
import { pictureOfPdf } from '../../support/paper/pdf-picture.ts';
import { textsOfPdf } from '../../support/paper/pdf-texts.ts';

function pages(page: Page) {
  return page.getByRole('article', { name: 'Pages' });
}

async function openSheet(page: Page, name: string): Promise<void> {
  await openNewPiece(page);
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill(name);
  await waitUntilSaved(page);
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByRole('group', { name: `Page 1 of 1 of ${name}` })).toBeVisible();
}

async function saveAs(page: Page, kind: string): Promise<Buffer> {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: `Save as ${kind}` }).click();
  return await readFile(await (await download).path());
}

test('a sheet is chosen ready or part by part, and kept with its piece', async ({ page }) => {
  await openSheet(page, 'For the stand');
  await expect(pages(page)).toContainText('Finger patterns');
  await page.getByRole('button', { name: 'Beginner' }).click();
  await expect(pages(page)).toContainText('From the nut');
  await expect(pages(page)).toContainText('This week');
  await page.getByLabel('Aim (empty: a line to write it on)').fill('Listen to the open strings');
  await page.getByLabel('Aim (empty: a line to write it on)').press('Tab');
  await expect(pages(page)).toContainText('Aim: Listen to the open strings');
  await page.getByLabel('Tempi for the week, to tick off').uncheck();
  await expect(pages(page)).not.toContainText('This week');
  await page.getByLabel('Paper', { exact: true }).selectOption('Letter');
  await page.getByLabel('Page', { exact: true }).selectOption('Landscape');
  await waitUntilSaved(page);
  await page.reload();
  await expect(pages(page)).toContainText('Aim: Listen to the open strings');
  await expect(page.getByLabel('Tempi for the week, to tick off')).not.toBeChecked();
  await expect(page.getByLabel('Paper', { exact: true })).toHaveValue('Letter');
});

test('choices are kept for a player: the next piece begins with them, and a change of the player leaves them', async ({ page }) => {
  await openPiece(page, 'A♭ major in three octaves');
  await page.getByRole('link', { name: 'Sheet' }).click();
  await page.getByRole('button', { name: 'Spare' }).click();
  await page.getByRole('button', { name: 'For Wren' }).click();
  await expect(page.getByText('Sheets for Wren begin with these choices now', { exact: false })).toBeVisible();
  await page.goto('/setup');
  await page
    .getByRole('button', { name: /^Wren\b/ })
    .first()
    .click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Wren the elder');
  await waitUntilSaved(page);
  await openPiece(page, 'C minor, the way down');
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByRole('button', { name: 'Spare' })).toHaveAttribute('aria-pressed', 'true');
  await expect(pages(page)).not.toContainText('Finger patterns');
});

test('an aim that is still being typed when the page closes is there when it opens again', async ({ page, context }) => {
  await openSheet(page, 'Half an aim');
  await page.getByLabel('Aim', { exact: true }).check();
  await waitUntilSaved(page);
  await page.getByLabel('Aim (empty: a line to write it on)').pressSequentially('Lift the elbow');
  const address = page.url();
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await again.goto(address);
  await expect(pages(again)).toContainText('Aim: Lift the elbow');
});

test('a page is saved as PDF with real text, as a drawing and as a picture; on paper it is the same page', async ({ page }) => {
  await openSheet(page, 'E♭ for the stand');
  const saved = await saveAs(page, 'PDF');
  const [texts = []] = await textsOfPdf(new Uint8Array(saved).buffer);
  expect(texts.map(({ text }) => text)).toContain('E♭ for the stand');
  // The same words are as wide on the screen, where a unit is a millimetre: within 0.3 mm.
  const shown = await pages(page)
    .locator('svg')
    .first()
    .evaluate(async (svg) => {
      await document.fonts.ready;
      return [...svg.querySelectorAll('text')].map((text) => ({
        text: text.textContent,
        widthMm: text.getEndPositionOfChar(text.getNumberOfChars() - 1).x - text.getStartPositionOfChar(0).x,
      }));
    });
  const apart = shown.flatMap(({ text, widthMm }) => {
    const same = texts.filter((other) => other.text === text).map((other) => Math.abs(other.widthMm - widthMm));
    return same.length === 0 ? [] : [Math.min(...same)];
  });
  expect(apart.length).toBeGreaterThan(10);
  expect(Math.max(...apart)).toBeLessThan(0.3);
  expect((await saveAs(page, 'SVG')).toString()).toContain('@font-face');
  expect((await saveAs(page, 'PNG')).subarray(1, 4).toString()).toBe('PNG');
  await page.emulateMedia({ media: 'print' });
  const [printed = []] = await textsOfPdf(new Uint8Array(await page.pdf({ preferCSSPageSize: true })).buffer);
  const title = texts.find(({ text }) => text === 'E♭ for the stand');
  const first = printed[0];
  expect(Math.abs((first?.leftMm ?? 0) - (title?.leftMm ?? 99))).toBeLessThan(0.3);
  expect(Math.abs((first?.baseMm ?? 0) - (title?.baseMm ?? 99))).toBeLessThan(0.3);
});

test('a code leads to the stand of another device with the same plan; on the machine’s own address there is none', async ({
  page,
  browser,
  baseURL,
}) => {
  await openNewPiece(page);
  await planDrawn(page);
  const fingers = await fingersOn(page);
  expect(fingers.length).toBeGreaterThan(7);
  await openSheet(page, 'To be scanned');
  await page.getByLabel('Code to scan').check();
  await expect(page.getByText('This page is open at this computer’s own address', { exact: false })).toBeVisible();
  await page.getByLabel('Address of Dove Path for other devices').fill('https://studio.example');
  await page.getByLabel('Address of Dove Path for other devices').press('Tab');
  await expect(page.getByText(/^The code is \d+ mm wide\.$/)).toBeVisible();
  await expect(pages(page)).toContainText('studio.example/practise');
  const link = await scanCode(page);
  expect(link).toMatch(/^https:\/\/studio\.example\/practise#brief=/);
  const pupil = await (await browser.newContext()).newPage();
  await pupil.goto(link.replace('https://studio.example', baseURL ?? ''));
  await expect(pupil.locator('[data-stand]')).toBeVisible();
  await pupil.getByRole('button', { name: 'Begin' }).click();
  await expect(pupil.locator('[data-stand] .vf-notehead').first()).toBeVisible();
  expect(await fingersOn(pupil)).toEqual(fingers);
  await pupil.context().close();
});

/** Lists the fingers over the staff. */
async function fingersOn(page: Page): Promise<readonly string[]> {
  const texts = await page.locator('.on-staff text').allTextContents();
  return texts.filter((text) => /^[–↓↑x]*[0-4T]$/.test(text));
}

/** The dots to the inch of a usual printer. */
const PRINTED_DPI = 300;

/** Reads the code as a camera would: from a picture of the PDF. */
async function scanCode(page: Page): Promise<string> {
  const { pixels, width, height } = await pictureOfPdf(await saveAs(page, 'PDF'), PRINTED_DPI);
  return jsQR(pixels, width, height)?.data ?? '';
}

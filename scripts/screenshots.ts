/** Takes the pictures in docs/screenshots from the demo data: `npm run build` first, then `npm run screenshots`. */
import { spawn } from 'node:child_process';
import { chromium, type Page } from '@playwright/test';

const PORT = 4397;
const ADDRESS = `http://127.0.0.1:${PORT}`;

/** Each main view: which demo piece it shows, and what is done before the picture. */
const VIEWS: readonly { readonly file: string; readonly piece: string | null; readonly prepare: (page: Page) => Promise<void> }[] = [
  { file: 'bench-violin', piece: 'Wren · A♭ major in three octaves', prepare: (page) => keys(page, ['s']) },
  { file: 'bench-cello', piece: 'Martin · B♭ major, up and down', prepare: (page) => keys(page, ['s', 's']) },
  { file: 'bench-bass', piece: 'Merle · F major, first shifts', prepare: (page) => keys(page, ['s']) },
  { file: 'bench-own-line', piece: 'Robin · Evening line', prepare: (page) => keys(page, ['ArrowRight', 'ArrowRight', '3']) },
  { file: 'bench-why', piece: 'Wren · A♭ major in three octaves', prepare: showWhy },
  { file: 'bench-double-stops', piece: 'Robin · A major in sixths', prepare: (page) => keys(page, ['ArrowRight', 'ArrowRight']) },
  { file: 'bench-thumb', piece: 'Martin · C major in four octaves, thumb position', prepare: (page) => keys(page, ['s', 's', 's', 's']) },
  { file: 'bench-too-hard', piece: 'Wren · A♭ major in three octaves', prepare: firstPositionOnly },
  { file: 'sheet', piece: 'Robin · Evening line', prepare: openSheet },
  { file: 'costs', piece: null, prepare: async (page) => void (await page.goto(`${ADDRESS}/costs`)) },
  { file: 'pieces', piece: null, prepare: async (page) => page.getByRole('row').nth(8).waitFor() },
];

const server = spawn(process.execPath, ['dist/server/entry.mjs'], {
  env: { ...process.env, HOST: '127.0.0.1', PORT: String(PORT), DOVE_PATH_DEMO: '1' },
  stdio: 'ignore',
});
try {
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  for (const { file, piece, prepare } of VIEWS) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`${ADDRESS}/pieces`, { waitUntil: 'load' }).catch(() => page.goto(`${ADDRESS}/pieces`));
    if (piece !== null) {
      await page.getByRole('link', { name: piece }).click();
      await page.locator('[data-bead]').first().waitFor();
    }
    await prepare(page);
    await page.waitForLoadState('networkidle');
    await page.screenshot({ path: `docs/screenshots/${file}.png` });
  }
  await browser.close();
} finally {
  server.kill();
}

async function keys(page: Page, pressed: readonly string[]): Promise<void> {
  for (const key of pressed) await page.keyboard.press(key);
  await page.getByRole('region', { name: 'Other ways to play it' }).getByRole('button').first().waitFor();
}

async function openSheet(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Sheet' }).click();
  await page.locator('.vf-notehead').first().waitFor();
}

/** A taller window, so that reasons and other fingerings are in the picture. */
async function showWhy(page: Page): Promise<void> {
  await page.setViewportSize({ width: 1280, height: 1240 });
  await keys(page, ['s']);
  await page.getByRole('region', { name: 'Why' }).getByRole('definition').first().waitFor();
  await page.getByRole('region', { name: 'Other fingerings' }).getByRole('row').nth(1).waitFor();
}

async function firstPositionOnly(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Positions/ }).click();
  await page.getByRole('button', { name: 'only first position' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Change the brief so' }).waitFor();
}

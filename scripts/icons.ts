/** Draws the icons of the installed application from `public/icon.svg`: `npm run icons`. */
import { readFile } from 'node:fs/promises';
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../tests/support/served.ts';

/** An icon: its file, its width in px, and the share of it that the drawing takes; a mask may cut the rest away. */
interface Icon {
  readonly file: string;
  readonly size: number;
  readonly share: number;
}

const ICONS: readonly Icon[] = [
  { file: 'icon-192.png', size: 192, share: 1 },
  { file: 'icon-512.png', size: 512, share: 1 },
  { file: 'icon-maskable.png', size: 512, share: 0.7 },
  { file: 'apple-touch-icon.png', size: 180, share: 0.8 },
];

/** The paper of the drawing, which fills what is left of an icon. */
const PAPER = '#f7f2e8';

const drawing = await readFile('public/icon.svg', 'utf8');
const browser = await chromium.launch(CHROMIUM);
for (const { file, size, share } of ICONS) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  const background = share < 1 ? PAPER : 'transparent';
  await page.setContent(
    `<body style="margin:0;display:grid;place-items:center;width:${size}px;height:${size}px;background:${background}"><div style="width:${size * share}px">${drawing}</div></body>`,
  );
  await page.screenshot({ path: `public/${file}`, omitBackground: share === 1 });
  await page.close();
}
await browser.close();

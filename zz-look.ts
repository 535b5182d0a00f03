import { chromium } from '@playwright/test';
import { CHROMIUM, startServer } from './tests/support/served.ts';
const served = await startServer({ port: 4399, env: { DOVE_PATH_DEMO: '1' } });
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.on('console', (m) => m.type() === 'error' && console.log('console', m.text()));
page.on('pageerror', (e) => console.log('pageerror', e.message));
await page.goto(`${served.address}/pieces`);
const link = page.getByRole('link', { name: process.argv[2] ?? 'A♭ major in three octaves', exact: true });
const href = await link.getAttribute('href');
const id = new URL(href!, served.address).searchParams.get('piece');
await page.goto(`${served.address}/sheet?piece=${id}`);
await page.locator('.paper-page').first().waitFor({ timeout: 30000 }).catch((e) => console.log(String(e).slice(0, 200)));
for (const step of process.argv.slice(3)) {
  const [what, name] = step.split('=');
  if (what === 'check') await page.getByLabel(name!, { exact: true }).check();
  if (what === 'uncheck') await page.getByLabel(name!, { exact: true }).uncheck();
  if (what === 'press') await page.getByRole('button', { name: name!, exact: true }).click();
  if (what === 'select') { const [l, v] = name!.split(':'); await page.getByLabel(l!, { exact: true }).selectOption({ label: v! }); }
  if (what === 'pdf') { const d = page.waitForEvent('download'); await page.getByRole('button', { name: 'Save as PDF' }).click(); await (await d).saveAs('/tmp/saved.pdf'); }
  await page.waitForTimeout(900);
}
await page.waitForTimeout(500);
await page.screenshot({ path: '/tmp/look.png' });
await page.pdf({ path: '/tmp/printed.pdf', preferCSSPageSize: true, printBackground: true });
await browser.close();
await served.stop();

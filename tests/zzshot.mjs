import { chromium } from '@playwright/test';
const b = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
p.on('console', (m) => {
  if (m.type() === 'error') console.log('ERR', m.text());
});
p.on('pageerror', (e) => console.log('PE', e.message));
await p.goto('http://127.0.0.1:4399/?new');
await p.waitForSelector('[data-bead]');
const steps = process.argv[2] ? (await import(process.argv[2])).default : null;
if (steps) await steps(p);
await p.screenshot({ path: '/tmp/pw/shot.png', fullPage: process.argv[3] === 'full' });
await b.close();

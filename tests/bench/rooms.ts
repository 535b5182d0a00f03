/**
 * Measures how soon session, week, record, lesson and the finder of drills are open in a studio after years: 5,000 pieces, 200 players and
 * 100,000 tries of one of them; against another build, in turns, where one is given. For the built application (`npm run build` first):
 * `npm run bench:rooms -- --other ../before`.
 */
import { type Browser, type BrowserContext, chromium } from '@playwright/test';
import { firstShown, noteFirstShown } from '../support/first-shown.ts';
import { growLog } from '../support/grown-log.ts';
import { grow } from '../support/grown-studio.ts';
import { CHROMIUM, numberGiven, type Served, startServer, textGiven } from '../support/served.ts';

const PORTS = { here: 4391, other: 4392 } as const;
const PLAYER = 'demo-player-martin';

/** The time after which a page is given up, ms. */
const LONGEST_WAIT_MS = 180_000;

const rounds = numberGiven('rounds', 5);
const pieces = numberGiven('pieces', 5000);
const players = numberGiven('players', 200);
const attempts = numberGiven('attempts', 100_000);
const other = textGiven('other');

/** The pages, each with the element that shows that it is open. */
const PAGES = {
  session: ['/practise', 'section[aria-label="The session"] ol > li'],
  week: ['/practise/week', 'article'],
  record: ['/record', 'article'],
  trends: ['/record?part=trends', 'caption'],
  lesson: ['/record?part=lesson', 'section[aria-label="Next aim"]'],
  'finder of drills': ['/drills?part=find', 'section[aria-label="Drills found"] li'],
} as const;

type PageName = keyof typeof PAGES;

const NAMES: readonly PageName[] = ['session', 'week', 'record', 'trends', 'lesson', 'finder of drills'];

// Each build has a browser of its own: two grown studios are too much for one, whose pages then now and then do not come.
const browsers: Browser[] = [];
const here = await startServer({ port: PORTS.here, env: { DOVE_PATH_DEMO: '1' } });
const before = other === undefined ? null : await startServer({ port: PORTS.other, tree: other, env: { DOVE_PATH_DEMO: '1' } });
try {
  const [now, then] = [await open(here), before && (await open(before))];
  const times = { now: timesOf(), then: timesOf() };
  for (let round = 0; round < rounds; round += 1)
    for (const name of NAMES) {
      times.now[name].push(await untilOpen(now, name));
      if (then) times.then[name].push(await untilOpen(then, name));
    }
  for (const name of NAMES) {
    const [is, was] = [median(times.now[name]), median(times.then[name])];
    const against = then ? `, ${was.toFixed(0)} ms in ${other ?? ''}: ${(((is - was) / was) * 100).toFixed(0)} %` : '';
    console.log(`${name} open: ${is.toFixed(0)} ms with ${pieces} pieces, ${players} players and ${attempts} tries${against}`);
  }
} finally {
  for (const browser of browsers) await browser.close();
  await here.stop();
  await before?.stop();
}

function timesOf(): Record<PageName, number[]> {
  return { session: [], week: [], record: [], trends: [], lesson: [], 'finder of drills': [] };
}

/** Opens a browser with a studio that has grown. */
async function open({ address }: Served): Promise<BrowserContext> {
  const browser = await chromium.launch(CHROMIUM);
  browsers.push(browser);
  const context = await browser.newContext({ baseURL: address, serviceWorkers: 'block', viewport: { width: 1280, height: 800 } });
  await context.addInitScript(() => localStorage.setItem('dove-path/first-steps', 'done'));
  // The functions passed to the page are compiled with a helper that the page does not have.
  await context.addInitScript({ content: 'globalThis.__name = (named) => named' });
  const page = await context.newPage();
  await page.goto(`/record?player=${PLAYER}`);
  await page.getByRole('article').first().waitFor();
  await page.close();
  await grow(context, { pieces, players });
  await growLog(context, { attempts, player: PLAYER });
  await noteFirstShown(
    context,
    NAMES.map((name) => PAGES[name][1]),
  );
  return context;
}

async function untilOpen(context: BrowserContext, name: PageName): Promise<number> {
  const [path, shown] = PAGES[name];
  const page = await context.newPage();
  // A build may keep the page busy for half a minute after it is drawn, and answers only then.
  page.setDefaultTimeout(LONGEST_WAIT_MS);
  await page.goto(`${path}${path.includes('?') ? '&' : '?'}player=${PLAYER}`, { waitUntil: 'commit' });
  const ms = await firstShown(page, shown).catch((error: unknown) => {
    throw new Error(`${name} at ${page.url()} is not open`, { cause: error });
  });
  await page.close();
  return ms;
}

function median(times: readonly number[]): number {
  return times.toSorted((one, other) => one - other)[Math.floor(times.length / 2)] ?? 0;
}

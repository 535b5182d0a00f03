/**
 * Measures what the browser needs on this machine, for the built application: `npm run build` first, then `npm run bench`. With `--
 * --against DIR` the build in another tree is measured in the same run, in turns, and the ratios count.
 */
import { type Browser, chromium, type Page } from '@playwright/test';
import { allBytes, type FirstVisit, firstVisit, KINDS, VISITORS } from '../support/first-page.ts';
import { CHROMIUM, startServer } from '../support/served.ts';
import { printLayoutShifts } from './layout-shift.ts';
import { printLiveLatency } from './live.ts';
import { printTakeMemory } from './take-memory.ts';

const PORT = 4398;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const ROUNDS = 21;

/** The number of times that every kind of first visit is made. */
const FIRST_VISITS = 5;

/** The number of times that two builds are measured each, in turns. */
const TURNS = 5;

/** The number of plans asked for while other fingerings are looked for, and at rest. */
const BUSY_ROUNDS = 9;

/** The names of the figures for the plans of a build, ms. */
const FIGURE_NAMES = {
  changeMs: 'brief changed to plan drawn',
  keyMs: 'key pressed to new drawing',
  busyMs: 'a plan while other fingerings are looked for',
  restMs: 'the same plan at rest',
} as const;

const FIGURES = ['changeMs', 'keyMs', 'busyMs', 'restMs'] as const satisfies readonly (keyof typeof FIGURE_NAMES)[];

/** The medians of one build, ms. */
type Figures = Readonly<Record<keyof typeof FIGURE_NAMES, number>>;

const against = process.argv.includes('--against') ? process.argv[process.argv.indexOf('--against') + 1] : undefined;
const browser = await chromium.launch(CHROMIUM);
const baseline = await emptyPageMs(browser);
const first = await measure('.');
console.log(
  `a plan asked for while other fingerings of the whole line are looked for, against one asked for at rest: ${ratio(first.busyMs, first.restMs)}`,
);
if (against !== undefined) await printAgainst(against, first);
await printLive();
await browser.close();

/** Serves this build, and measures how soon a note is shown while it is played. */
async function printLive(): Promise<void> {
  const server = await startServer({ port: PORT, tree: '.', env: { DOVE_PATH_DEMO: '1' } });
  await printLiveLatency(browser, ADDRESS)
    .then(() => printTakeMemory(browser, ADDRESS))
    .finally(() => server.stop());
}

/** Measures both builds in turns, because the first finds a cold machine. */
async function printAgainst(other: string, first: Figures): Promise<void> {
  const [here, there]: [Figures[], Figures[]] = [[first], []];
  for (let turn = 0; turn < TURNS; turn += 1) {
    there.push(await plansOf(other));
    if (turn > 0) here.push(await plansOf('.'));
  }
  console.log(`\nthis build against the one in ${other}, medians of ${TURNS} turns and how far they lie apart:`);
  for (const figure of FIGURES) {
    const [now, before] = [here, there].map((all) => all.map((value) => value[figure]));
    const told = [now, before].map(
      (all = []) => `${median(all).toFixed(0)} ms (${Math.min(...all).toFixed(0)} to ${Math.max(...all).toFixed(0)})`,
    );
    console.log(`  ${FIGURE_NAMES[figure]}: ${told.join(' against ')}, ${ratio(median(now ?? []), median(before ?? []))}`);
  }
}

/** Measures the build of one tree. */
async function measure(tree: string): Promise<Figures> {
  return await withBuild(tree, async (page) => {
    await printFirstVisits(browser, ADDRESS);
    await printLayoutShifts(browser, ADDRESS);
    const figures = await plansOn(page);
    await printScrolling(page, baseline);
    return figures;
  });
}

/** Measures the plans alone. */
async function plansOf(tree: string): Promise<Figures> {
  return await withBuild(tree, plansOn);
}

async function plansOn(page: Page): Promise<Figures> {
  const changeMs = await printChangeToDrawn(page, 'three octaves up and down, 43 notes', baseline);
  const keyMs = await printKeyToDrawn(page, baseline);
  return { changeMs, keyMs, ...(await printBehindOthers(page)) };
}

/** Does something on a page of the build in a tree. */
async function withBuild(tree: string, work: (page: Page) => Promise<Figures>): Promise<Figures> {
  const server = await startServer({ port: PORT, tree, env: { DOVE_PATH_DEMO: '1' } });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  try {
    console.log(`\nthe build in ${tree}`);
    // The functions passed to the page are compiled with a helper that the page does not have.
    await page.addInitScript({ content: 'globalThis.__name = (named) => named' });
    return await work(page);
  } finally {
    await page.close();
    await server.stop();
  }
}

/** Measures first visits of each kind of visitor, and the bytes sent for them until the staff stood. */
async function printFirstVisits(browser: Browser, address: string): Promise<void> {
  for (const visitor of VISITORS) {
    const visits: FirstVisit[] = [];
    for (let round = 0; round < FIRST_VISITS; round += 1) visits.push(await firstVisit(browser, address, visitor));
    const ms = (of: (visit: FirstVisit) => number): string => `${median(visits.map(of)).toFixed(0)} ms`;
    console.log(
      `first visit, ${visitor.name}: staff ${ms((visit) => visit.staffMs)}, usable ${ms((visit) => visit.usableMs)}, work of the main thread until then ${ms((visit) => visit.workMs)}`,
    );
    const [{ bytes } = { bytes: null }] = visits;
    if (bytes) console.log(`  ${kilobytes(allBytes(bytes))}: ${KINDS.map((kind) => `${kind} ${kilobytes(bytes[kind])}`).join(', ')}`);
  }
}

function kilobytes(bytes: number): string {
  return `${(bytes / 1024).toFixed(1)} KB`;
}

/** The figures of an empty page of this browser on this machine: from a key to the next frame, and from frame to frame. */
interface Baseline {
  readonly keyMs: number;
  readonly frameMs: number;
}

async function emptyPageMs(browser: Browser): Promise<Baseline> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript({ content: 'globalThis.__name = (named) => named' });
  await page.goto('about:blank');
  const keys: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) keys.push(await keyMs(page, '1', false));
  const frameMs = median(await page.evaluate(framesOf, { frames: 120, step: 0 }));
  await page.close();
  return { keyMs: median(keys), frameMs };
}

/** Measures the time from the brief's change to the frame with the new plan. */
async function printChangeToDrawn(page: Page, what: string, { keyMs: emptyMs }: Baseline): Promise<number> {
  await page.goto(`${ADDRESS}/?new`);
  await page.getByLabel('Octaves', { exact: true }).selectOption('three octaves');
  await page.getByLabel('Direction').selectOption('up and down');
  await page.locator('[data-bead="21"]').waitFor();
  const times: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) times.push(await changeMs(page, round % 2 === 0 ? 'Ab' : 'A'));
  console.log(`brief changed to plan drawn (${what}): ${timesText(times)}, ${ratio(median(times), emptyMs)} a key of an empty page`);
  return median(times);
}

/** Measures the time from a finger's key to the frame in which the line of 60 notes is fingered around it. */
async function printKeyToDrawn(page: Page, { keyMs: emptyMs }: Baseline): Promise<number> {
  await openLine(page, 60);
  await page.locator('[data-bead="7"]').click();
  await page.getByRole('region', { name: 'Play it with' }).getByRole('button').first().waitFor();
  const times: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    times.push(await keyMs(page, round % 2 === 0 ? '3' : '2', true));
    await page.waitForFunction(() => !document.querySelector('[data-saving="saving"]'));
  }
  console.log(`key pressed to new drawing (60 notes): ${timesText(times)}, ${ratio(median(times), emptyMs)} a key of an empty page`);
  return median(times);
}

/** Measures a plan of a whole line asked to come down as it goes up while other fingerings are looked for, and at rest. */
async function printBehindOthers(page: Page): Promise<Pick<Figures, 'busyMs' | 'restMs'>> {
  await page.goto(`${ADDRESS}/?new`);
  await page.getByLabel('Octaves', { exact: true }).selectOption('three octaves');
  await page.getByLabel('Direction').selectOption('up and down');
  await page.getByRole('button', { name: 'More parts of the brief' }).click();
  await page.getByLabel('Way down').selectOption('fingered the same both ways');
  await page.locator('[data-bead="21"]').waitFor();
  const others = page.getByRole('region', { name: 'Other fingerings' });
  const [busy, rest]: [number[], number[]] = [[], []];
  for (let round = 0; round < BUSY_ROUNDS; round += 1) {
    await others
      .getByRole('button', { name: /^Overlay/ })
      .first()
      .waitFor();
    rest.push(await changeMs(page, 'Ab'));
    // The others are asked for a moment after the plan stands.
    await others.getByText('Looking for other fingerings').waitFor();
    await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 400)));
    busy.push(await changeMs(page, 'A'));
  }
  console.log(`plan of a whole line, other fingerings under way: ${timesText(busy)}; at rest: ${timesText(rest)}`);
  return { busyMs: median(busy), restMs: median(rest) };
}

/** Measures the time from a key to the frame after it or, of a bench, to the frame in which the beads differ; ms. */
async function keyMs(page: Page, key: string, beads: boolean): Promise<number> {
  // The page must be listening before the key is pressed.
  await page.evaluate((waitForBeads) => {
    const texts = (): string => [...document.querySelectorAll('[data-bead] title')].map((title) => title.textContent).join();
    const before = texts();
    const drawn = new Promise<number>((resolve) => {
      const listen = (event: KeyboardEvent): void => {
        const look = (): void => {
          if (waitForBeads && texts() === before) return void requestAnimationFrame(look);
          // A message sent from a frame's callback arrives after that frame is painted.
          const painted = new MessageChannel();
          painted.port1.onmessage = () => resolve(performance.now() - event.timeStamp);
          painted.port2.postMessage(null);
        };
        requestAnimationFrame(look);
      };
      document.addEventListener('keydown', listen, { once: true, capture: true });
    });
    Object.assign(globalThis, { drawn });
  }, beads);
  await page.keyboard.press(key);
  return page.evaluate((): Promise<number> => Reflect.get(globalThis, 'drawn'));
}

/** Measures frame times and long tasks while 2,000 notes go by: at rest, and while they are planned again. */
async function printScrolling(page: Page, { frameMs }: Baseline): Promise<void> {
  await openLine(page, 2000);
  await page.getByRole('button', { name: 'Look for other fingerings of this long line' }).waitFor();
  await page.getByText('Saved', { exact: true }).waitFor();
  await page.evaluate(() => {
    const tasks: number[] = [];
    Object.assign(globalThis, { tasks });
    new PerformanceObserver((list) => tasks.push(...list.getEntries().map((entry) => entry.duration))).observe({ type: 'longtask' });
  });
  await printFrames('2,000 notes scroll', await page.evaluate(framesOf, { frames: 300, step: 24 }));
  const scrolling = page.evaluate(framesOf, { frames: 300, step: -24 });
  await page.getByLabel('Meter').selectOption('3/4');
  await printFrames('2,000 notes scroll and are planned', await scrolling);

  async function printFrames(what: string, frames: readonly number[]): Promise<void> {
    console.log(`a frame while ${what}: ${timesText(frames)}, ${ratio(median(frames), frameMs)} a frame of an empty page`);
    const tasks = await page.evaluate((): readonly number[] => Reflect.get(globalThis, 'tasks').splice(0));
    const longest = tasks.length === 0 ? '' : `, the longest ${Math.max(...tasks).toFixed(0)} ms`;
    console.log(`  tasks over 50 ms meanwhile: ${tasks.length}${longest}`);
  }
}

/** Measures frame times in ms, while the score (if there is one) scrolls on by a number of px each frame. */
async function framesOf({ frames, step }: { readonly frames: number; readonly step: number }): Promise<readonly number[]> {
  const scroller = document.querySelector('[aria-label^="Staff and path of the hand"]');
  const times: number[] = [];
  return new Promise((resolve) => {
    let before = performance.now();
    const next = (): void => {
      const now = performance.now();
      times.push(now - before);
      before = now;
      scroller?.scrollBy({ left: step });
      if (times.length === frames) resolve(times);
      else requestAnimationFrame(next);
    };
    requestAnimationFrame(next);
  });
}

/** Opens a line up and down the violin, of a number of eighths. */
async function openLine(page: Page, notes: number): Promise<void> {
  const scale = ['G3', 'A3', 'B3', 'C4', 'D4', 'E4', 'F#4', 'G4', 'A4', 'B4', 'C5', 'D5', 'E5', 'F#5', 'G5', 'A5', 'B5'];
  const wave = [...scale, ...scale.slice(1, -1).toReversed()];
  const text = Array.from({ length: notes }, (_, index) => wave[index % wave.length]).join(' ');
  await page.goto(`${ADDRESS}/?new`);
  await page.getByLabel('Material').selectOption('line of my own');
  await page.getByRole('textbox', { name: /^Notes, for example/ }).fill(text);
  await page.locator('[data-bead="15"]').waitFor();
}

function median(times: readonly number[]): number {
  return at(times, 0.5);
}

function at(times: readonly number[], share: number): number {
  return times.toSorted((one, other) => one - other)[Math.floor(share * (times.length - 1))] ?? 0;
}

function timesText(times: readonly number[]): string {
  return `median ${median(times).toFixed(0)} ms, 95th percentile ${at(times, 0.95).toFixed(0)} ms`;
}

function ratio(time: number, baseline: number): string {
  return `${(time / baseline).toFixed(1)} ×`;
}

async function changeMs(page: Page, tonic: string): Promise<number> {
  return page.evaluate(async (name) => {
    const select = document.querySelector('select[aria-label="Tonic"]');
    const overlay = document.querySelector('[data-testid="overlay"]');
    if (!(select instanceof HTMLSelectElement) || !overlay) throw new Error('The bench is not there');
    const texts = (): string => [...document.querySelectorAll('[data-bead] title')].map((title) => title.textContent).join();
    const before = texts();
    const start = performance.now();
    Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value')?.set?.call(select, name);
    select.dispatchEvent(new Event('change', { bubbles: true }));
    return new Promise<number>((resolve) => {
      const look = (): void => {
        const now = texts();
        if (now === before || now === '') return void requestAnimationFrame(look);
        // A message sent from a frame's callback arrives after that frame is painted.
        const painted = new MessageChannel();
        painted.port1.onmessage = () => resolve(performance.now() - start);
        painted.port2.postMessage(null);
      };
      look();
    });
  }, tonic);
}

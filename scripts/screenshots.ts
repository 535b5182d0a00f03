/** Takes the pictures in docs/screenshots from the demo data: `npm run build` first, then `npm run screenshots`. */
import { chromium, type Page } from '@playwright/test';
import { studyFiles } from '../tests/support/plans/study-files.ts';
import { CHROMIUM, startServer } from '../tests/support/served.ts';

const PORT = 4397;
const ADDRESS = `http://127.0.0.1:${PORT}`;

/** One of the main views: its demo piece, its paper, its width, and the steps before the picture. */
interface View {
  readonly file: string;
  readonly piece: string | null;
  readonly dark?: boolean;
  readonly width?: number;
  readonly prepare: (page: Page) => Promise<void>;
}

const VIEWS: readonly View[] = [
  { file: 'bench-violin', piece: 'A♭ major in three octaves', prepare: (page) => keys(page, ['s']) },
  { file: 'bench-write', piece: 'Evening line', prepare: write },
  { file: 'this-fingering', piece: 'Evening line', prepare: thisFingering },
  { file: 'take', piece: 'A♭ major in three octaves', prepare: take },
  { file: 'intonation', piece: 'B♭ major, up and down', prepare: (page) => measures(page, 'Intonation') },
  { file: 'shift-apart', piece: 'B♭ major, up and down', prepare: (page) => drills(page, 'Stages') },
  { file: 'hot-spots', piece: 'A♭ major in three octaves', dark: true, prepare: hotSpots },
  { file: 'find-drill', piece: 'Evening line', prepare: findDrill },
  { file: 'session', piece: null, prepare: (page) => session(page, 'Martin') },
  { file: 'stand', piece: null, prepare: stand },
  { file: 'lesson', piece: null, prepare: lesson },
  { file: 'scale-book', piece: null, prepare: scaleBook },
  { file: 'atlas', piece: null, prepare: atlas },
  { file: 'book', piece: null, prepare: book },
  { file: 'by-heart', piece: 'Evening line', prepare: byHeart },
  { file: 'class-score', piece: null, prepare: classScore },
  { file: 'sheet', piece: 'A minor in first position', prepare: openSheet },
  { file: 'trends', piece: null, prepare: trends },
  { file: 'week', piece: null, prepare: week },
];

/** The words that stand where the other fingerings will be. */
const LOOKED_FOR = 'Looking for other fingerings …';

/** With names after it, only those pictures are taken. */
const only = process.argv.slice(2);

const server = await startServer({ port: PORT, env: { DOVE_PATH_DEMO: '1' } });
try {
  const browser = await chromium.launch(CHROMIUM);
  for (const { file, piece, dark, width, prepare } of VIEWS.filter(({ file: name }) => only.length === 0 || only.includes(name))) {
    // Each picture has a browser of its own, so that changes to a piece in one do not show in the next.
    const page = await browser.newPage({ viewport: { width: width ?? 1280, height: 800 }, colorScheme: dark === true ? 'dark' : 'light' });
    await page.addInitScript(() => localStorage.setItem('dove-path/first-steps', 'done'));
    await page.goto(`${ADDRESS}/pieces`, { waitUntil: 'load' }).catch(() => page.goto(`${ADDRESS}/pieces`));
    if (piece !== null) {
      await page.getByRole('link', { name: piece, exact: true }).click();
      await page.locator('[data-bead]').first().waitFor();
    }
    await prepare(page);
    await page.waitForLoadState('networkidle');
    await page.getByText('Saving', { exact: true }).waitFor({ state: 'detached' });
    await page.getByText(LOOKED_FOR).waitFor({ state: 'detached' });
    await page.screenshot({ path: `docs/screenshots/${file}.png` });
    await page.close();
  }
  await browser.close();
} finally {
  await server.stop();
}

async function keys(page: Page, pressed: readonly string[]): Promise<void> {
  for (const key of pressed) await page.keyboard.press(key);
  await page.getByRole('region', { name: 'Play it with' }).getByRole('button').first().waitFor();
  await page
    .getByRole('button', { name: /^Overlay/ })
    .first()
    .waitFor();
}

/** Opens the sheet as a practice page: two variants after the line. */
async function openSheet(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await page.getByRole('button', { name: /^Variants/ }).click();
  await page.getByLabel('one long and a triplet').check();
  await page.getByLabel('two slurred, two separate').check();
  await page.keyboard.press('Escape');
  await page.getByRole('article', { name: 'Pages' }).getByText('2. Two slurred, two separate').waitFor();
}

/** Opens the third position of a key, with every place of one of its notes. */
async function atlas(page: Page): Promise<void> {
  await page.goto(`${ADDRESS}/atlas?instrument=violin+4/4&key=D+major&position=3&note=D5`);
  await page
    .getByRole('button', { name: /^Play it/ })
    .first()
    .waitFor();
}

/** Brings in a book of studies of our own. */
async function book(page: Page): Promise<void> {
  await page.goto(`${ADDRESS}/books`);
  await page.getByRole('button', { name: 'New book' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Steps along the neck');
  await page.getByRole('textbox', { name: 'About it' }).fill('Short studies for the first shifts; a line a day.');
  await page.getByLabel('Pieces as JSON, MusicXML or MIDI').setInputFiles([...studyFiles('violin', 24)]);
  await page.getByRole('button', { name: 'Bring in 24 pieces' }).click();
  await page.getByText('What is in it').waitFor();
  await page.locator('td svg circle').nth(400).waitFor({ state: 'attached' });
}

async function byHeart(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'By heart' }).click();
  await page.getByRole('button', { name: 'Begin the usual course' }).click();
  for (let set = 0; set < 7; set += 1) await page.getByRole('button', { name: 'Clean set' }).click();
}

async function write(page: Page): Promise<void> {
  await page.locator('[data-bead="12"]').click();
  await page.getByRole('tab', { name: 'Write' }).click();
  await page.getByLabel('Bow sign').selectOption('up bow');
  await page.getByLabel('Cue').fill('sing');
  await page.keyboard.press('Enter');
  await page.getByLabel('Remark').fill('Listen to the open string.');
  await page.keyboard.press('Enter');
  await page.locator('[data-cue]').waitFor();
  await page
    .getByRole('button', { name: /^Overlay/ })
    .first()
    .waitFor();
}

async function drills(page: Page, region: string): Promise<void> {
  await page.getByRole('link', { name: 'Drills' }).click();
  await page.getByRole('region', { name: region }).waitFor();
}

async function hotSpots(page: Page): Promise<void> {
  await drills(page, 'Stages');
  await page.getByRole('button', { name: 'Hot spots' }).click();
  await page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').first().waitFor();
}

async function session(page: Page, player: string): Promise<void> {
  await page.goto(`${ADDRESS}/practise`);
  await page.getByLabel('For whom').selectOption({ label: player });
  await page.getByText('The whole ladder takes').first().waitFor();
}

async function stand(page: Page): Promise<void> {
  await session(page, 'Robin');
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  const good = page.getByLabel('Good so far');
  while (!(await good.isVisible())) {
    const before = await page.locator('main').innerText();
    await page.keyboard.press('PageDown');
    await page.waitForFunction((text) => document.querySelector('main')?.innerText !== text, before);
  }
  await page.keyboard.press('PageDown');
}

async function lesson(page: Page): Promise<void> {
  await page.goto(`${ADDRESS}/record?part=lesson`);
  await page.getByLabel('For whom').selectOption({ label: 'Martin' });
  await page.getByRole('heading', { name: 'Next aim' }).waitFor();
  await page.locator('.vf-notehead').first().waitFor();
}

async function findDrill(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Drills', exact: true }).click();
  await page.getByRole('button', { name: 'Find a drill' }).click();
  await page.getByRole('heading', { name: 'What this piece asks of this player' }).waitFor();
  const cards = page.getByRole('region', { name: 'Drills found' }).getByRole('list').first().getByRole('listitem');
  for (const card of await cards.all()) await card.locator('circle').first().waitFor();
}

/** Lets the simulated player play the line with one finger flat, and scrolls to what it missed. */
async function take(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Take', exact: true }).click();
  await page.getByRole('button', { name: 'Play and read it' }).click();
  await page.getByText('Note by note').waitFor();
  await page.mouse.move(640, 400);
  await page.mouse.wheel(0, 190);
  await page.getByText('Note by note').waitFor();
}

async function thisFingering(page: Page): Promise<void> {
  await page.getByText('This fingering, read and compared with ours').click();
  const given = page.getByRole('region', { name: 'This fingering', exact: true });
  await given.getByRole('region', { name: 'Beside ours' }).waitFor();
  await given.evaluate((section) => section.scrollIntoView());
}

async function measures(page: Page, part: string): Promise<void> {
  await page.getByRole('link', { name: 'Measurements' }).click();
  await page.getByRole('navigation', { name: 'Measurements' }).getByRole('button', { name: part }).click();
  await page.getByRole('region', { name: part }).waitFor();
}

/** Makes the score of a mixed class. */
async function classScore(page: Page): Promise<void> {
  await page.goto(`${ADDRESS}/sheet/class`);
  for (const name of ['Robin', 'Wren', 'Linnet', 'Martin', 'Merle']) await page.getByRole('checkbox', { name }).check();
  await page.getByLabel('Martin plays').selectOption('first notes of measures, and open strings');
  await page.getByRole('button', { name: 'Make the score' }).click();
  const score = page.getByRole('group', { name: /^Page 1 of/ });
  await score.waitFor();
  await page.getByRole('heading', { name: /^G major/ }).evaluate((heading) => heading.scrollIntoView());
}

/** Makes a scale book for a player, and opens one of its keys. */
async function scaleBook(page: Page): Promise<void> {
  await page.goto(`${ADDRESS}/sheet/scale-book`);
  await page.getByLabel('three octaves').check();
  await page.getByRole('button', { name: 'Make the book' }).click();
  await page
    .getByRole('navigation', { name: 'Contents' })
    .getByRole('button', { name: /^G major/ })
    .click();
  await page.getByRole('group', { name: /^Page 4 of/ }).waitFor();
}

async function week(page: Page): Promise<void> {
  await page.goto(`${ADDRESS}/practise/week`);
  await page.getByRole('combobox', { name: 'For whom' }).selectOption('Robin');
  await page
    .getByText(/^Evening line/)
    .first()
    .waitFor();
}

async function trends(page: Page): Promise<void> {
  await page.goto(`${ADDRESS}/record?part=trends`);
  await page.getByRole('combobox', { name: 'For whom' }).selectOption('Martin');
  await page.getByRole('table', { name: 'Week by week' }).waitFor();
  await page.locator('.recharts-surface').first().waitFor();
}

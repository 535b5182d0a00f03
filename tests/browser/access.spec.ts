import type { Page } from '@playwright/test';
import { beads, expect, findings, openPiece, planDrawn, test } from './bench-page.ts';

/** A view, with the way to it with the piece that was opened first. */
interface View {
  readonly name: string;
  readonly open: (page: Page, piece: string) => Promise<void>;
  /** Whether it is laid out in another way where the page is narrow, so that axe looks there too. */
  readonly foldsAt390?: true;
}

/** The views, by place. One test goes through those of a place: they share the start. */
const VIEWS: Readonly<Record<string, readonly View[]>> = {
  'the lists of the Studio': [
    { name: 'pieces', open: (page) => goTo(page, '/pieces', 'Pieces'), foldsAt390: true },
    { name: 'tapes', open: (page) => goTo(page, '/tapes', 'Tapes') },
    { name: 'costs', open: (page) => goTo(page, '/costs', 'What a fingering costs') },
    { name: 'the sheet', open: (page, piece) => goTo(page, `/sheet?piece=${piece}`, 'A major in sixths') },
  ],
  'who and what is in the Studio': [
    { name: 'a player', open: (page) => chosenInStudio(page, 'Plover cello'), foldsAt390: true },
    { name: 'an instrument', open: (page) => chosenInStudio(page, 'Plover’s ¾ cello ¾ cello'), foldsAt390: true },
    { name: 'a school', open: (page) => chosenInStudio(page, /^Dovecote studio/) },
  ],
  'the bench': [
    { name: 'the bench with a note', open: noteOnBench, foldsAt390: true },
    { name: 'the bench writing', open: writing },
    { name: 'the bench in tune', open: inTune },
    { name: 'the bench with a passage', open: passage },
  ],
  'Measurements and Compare': [
    { name: 'the fingerboard', open: (page, piece) => measures(page, piece, 'fingerboard'), foldsAt390: true },
    { name: 'intonation', open: (page, piece) => measures(page, piece, 'intonation') },
    { name: 'reach', open: (page, piece) => measures(page, piece, 'reach') },
    { name: 'compare', open: openCompared },
  ],
  Drills: [
    { name: 'a shift taken apart', open: shiftApart, foldsAt390: true },
    { name: 'hot spots', open: hotSpots, foldsAt390: true },
    { name: 'the drill writer', open: (page, piece) => drills(page, piece, 'write', 'The drill') },
    { name: 'the finder of drills', open: (page, piece) => drills(page, piece, 'find', 'Drills found') },
  ],
  Practise: [
    { name: 'the week', open: (page) => goTo(page, '/practise/week', 'To be practised'), foldsAt390: true },
    { name: 'the assignment', open: assignment, foldsAt390: true },
    { name: 'the sessions', open: sessions, foldsAt390: true },
    { name: 'the stand', open: stand },
  ],
  'the Record and the tools': [
    { name: 'the record', open: (page) => goTo(page, '/record', 'Record'), foldsAt390: true },
    { name: 'a lesson', open: (page) => goTo(page, '/record?part=lesson', 'Next aim'), foldsAt390: true },
    { name: 'trends', open: (page) => goTo(page, '/record?part=trends', 'Week by week'), foldsAt390: true },
    { name: 'the metronome', open: (page) => goTo(page, '/metronome', 'Metronome'), foldsAt390: true },
    { name: 'the tuner', open: tuner, foldsAt390: true },
  ],
  'the Atlas': [
    { name: 'the atlas', open: (page) => goTo(page, '/atlas', 'String by string'), foldsAt390: true },
    {
      name: 'questions',
      open: (page) => goTo(page, '/atlas/names?about=chosen&ask=places&instrument=violin+4/4', /^(Which note does|Where is)/),
      foldsAt390: true,
    },
    { name: 'names in order', open: namesInOrder, foldsAt390: true },
    { name: 'questions by ear', open: (page) => goTo(page, '/atlas/names?part=ear', 'Which interval do you hear?') },
    { name: 'a phrase', open: (page) => goTo(page, '/atlas/phrases?instrument=violin+4/4', 'Phrases') },
    { name: 'by heart', open: byHeart, foldsAt390: true },
  ],
};

/** The time limit of one view, ms. */
const A_VIEW_MS = 40_000;

for (const [place, views] of Object.entries(VIEWS)) {
  test(`${place}: nothing is hidden, cut off or too small, by axe, by Tab, at 320 px and with wide spacing`, async ({ page }) => {
    test.setTimeout(views.length * A_VIEW_MS);
    await openPiece(page, 'A major in sixths');
    const piece = new URL(page.url()).searchParams.get('piece') ?? '';
    for (const { name, open, foldsAt390 = false } of views) {
      await test.step(name, async () => {
        await open(page, piece);
        await isOpenToAll(page, name, foldsAt390);
      });
    }
  });
}

/** Checks a view; the faults of one do not hide those of the next. */
async function isOpenToAll(page: Page, name: string, foldsAt390: boolean): Promise<void> {
  expect.soft(await findings(page), name).toEqual([]);
  expect.soft(await hiddenFromFocus(page), name).toEqual([]);
  if (foldsAt390) {
    await page.setViewportSize({ width: 390, height: 800 });
    expect.soft(await findings(page), `${name} at 390 px`).toEqual([]);
  }
  await page.setViewportSize({ width: 320, height: 800 });
  await expect.soft.poll(() => page.evaluate(() => document.documentElement.scrollWidth), `${name} at 320 px`).toBeLessThanOrEqual(320);
  await page.setViewportSize({ width: 1280, height: 800 });
  // WCAG 1.4.12: line height 1.5, letters .12 em, words .16 em, paragraphs 2 em.
  await page.evaluate(() => {
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(
      '* { line-height: 1.5 !important; letter-spacing: .12em !important; word-spacing: .16em !important } p { margin-bottom: 2em !important }',
    );
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
  });
  // The music is drawn again for a page that has become wider.
  await expect.soft.poll(() => cutOff(page), name).toEqual([]);
}

async function assignment(page: Page): Promise<void> {
  await page.goto('/practise/assignment');
  await page.getByText('What goes with it').waitFor();
}

async function goTo(page: Page, address: string, heading: string | RegExp): Promise<void> {
  await page.goto(address);
  await page.getByRole('heading', { name: heading, exact: true }).first().waitFor();
}

async function chosenInStudio(page: Page, name: string | RegExp): Promise<void> {
  await page.goto('/setup');
  await page.getByRole('button', { name }).click();
  await page.getByRole('region', { name: 'Used by' }).waitFor();
}

async function namesInOrder(page: Page): Promise<void> {
  await page.goto('/atlas/names?part=names&instrument=violin+4/4');
  await page.getByRole('form', { name: 'Next name' }).waitFor();
}

async function byHeart(page: Page, piece: string): Promise<void> {
  await page.goto(`/by-heart?piece=${piece}&with=staff,names,numbers,pattern,tapes`);
  await page.getByRole('list', { name: 'Which fingers touch' }).waitFor();
}

async function onBench(page: Page, piece: string): Promise<void> {
  await page.goto(`/?piece=${piece}`);
  await planDrawn(page);
}

async function noteOnBench(page: Page, piece: string): Promise<void> {
  await onBench(page, piece);
  await beads(page).nth(4).click();
  await page.getByText('Table of the notes').click();
  await page
    .getByRole('button', { name: /^Overlay/ })
    .first()
    .waitFor();
}

async function writing(page: Page, piece: string): Promise<void> {
  await onBench(page, piece);
  await beads(page).nth(4).click();
  await page.getByRole('tab', { name: 'Write' }).click();
  await page.getByLabel('Bow sign').waitFor();
}

async function inTune(page: Page, piece: string): Promise<void> {
  await onBench(page, piece);
  await beads(page).nth(4).click();
  await page.getByRole('tab', { name: 'In tune' }).click();
  await page.getByText('Bow', { exact: true }).first().waitFor();
}

async function passage(page: Page, piece: string): Promise<void> {
  await onBench(page, piece);
  await beads(page).nth(4).click();
  await page.keyboard.press('Shift+ArrowRight');
  await page.getByRole('region', { name: 'Selected passage' }).waitFor();
}

async function measures(page: Page, piece: string, part: string): Promise<void> {
  await page.goto(`/measure?piece=${piece}&part=${part}`);
  await page.getByRole('table').first().waitFor();
}

async function shiftApart(page: Page): Promise<void> {
  await openPiece(page, 'B♭ major, up and down');
  await drills(page, new URL(page.url()).searchParams.get('piece') ?? '', 'shifts', 'Stages');
}

async function hotSpots(page: Page): Promise<void> {
  await openPiece(page, 'B♭ major, up and down');
  await drills(page, new URL(page.url()).searchParams.get('piece') ?? '', 'spots', 'The drill');
}

async function drills(page: Page, piece: string, part: string, region: string): Promise<void> {
  await page.goto(`/drills?piece=${piece}&part=${part}`);
  await expect(page.getByRole('region', { name: region })).toBeVisible();
}

async function openCompared(page: Page, piece: string): Promise<void> {
  await page.goto(`/compare?piece=${piece}`);
  await page.getByRole('region', { name: 'Note by note' }).waitFor();
}

async function sessions(page: Page): Promise<void> {
  await goTo(page, '/practise', 'Sessions');
  await expect(page.getByText('The whole ladder takes').first()).toBeVisible();
}

async function stand(page: Page): Promise<void> {
  await sessions(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('heading', { name: 'The shift clean and silent' })).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect(page.locator('.vf-notehead').first()).toBeVisible();
}

async function tuner(page: Page): Promise<void> {
  await page.goto('/tuner');
  await page.getByLabel('Instrument to tune').selectOption('Martin’s cello');
  await page.getByRole('button', { name: '2. D with A' }).click();
  await page.getByRole('img', { name: /^Beats/ }).waitFor();
}

/** Goes through the page by Tab and lists what has the focus and is not in view at all, or does not show that it has it. */
async function hiddenFromFocus(page: Page): Promise<readonly string[]> {
  await page.evaluate(noteFocus);
  for (let stop = 0; stop < MOST_STOPS; stop += STOPS_AT_ONCE) {
    for (let press = 0; press < STOPS_AT_ONCE; press += 1) await page.keyboard.press('Tab');
    const stops = await page.evaluate((): readonly FocusStop[] => Reflect.get(globalThis, 'focusStops'));
    const end = stops.findIndex((stop) => stop === null);
    if (end >= 0) return stops.slice(0, end).flatMap((stop) => (stop && !(stop.seen && stop.shown) ? [stop.name] : []));
  }
  throw new Error(`After ${MOST_STOPS} times Tab the page has not come to its end`);
}

/** The element that has the focus, as it looks; null when Tab has left the last one. */
type FocusStop = { readonly name: string; readonly seen: boolean; readonly shown: boolean } | null;

/** Runs in the page: from here on it notes the element with the focus whenever Tab is released. */
function noteFocus(): void {
  const stops: FocusStop[] = [];
  Object.assign(globalThis, { focusStops: stops });
  const lookAtFocus = (): FocusStop => {
    const element = document.activeElement;
    if (!element || element === document.body) return null;
    const { left, top, bottom, width } = element.getBoundingClientRect();
    // An element taller than the window counts by the middle of its part in view.
    const middle = (Math.max(top, 0) + Math.min(bottom, innerHeight)) / 2;
    const seen = [0.1, 0.5, 0.9].some((share) => {
      const at = document.elementFromPoint(left + width * share, middle);
      return at !== null && (element.contains(at) || at.contains(element));
    });
    const shown = getComputedStyle(element).outlineStyle !== 'none';
    return { name: element.getAttribute('aria-label') ?? element.textContent, seen, shown };
  };
  addEventListener('keyup', ({ key }) => key === 'Tab' && stops.push(lookAtFocus()), { capture: true });
}

/** The number of times Tab is pressed before the notes are read. */
const STOPS_AT_ONCE = 15;

/** A number of stops that no view reaches. */
const MOST_STOPS = 150;

/** Lists words that their place cuts off. */
async function cutOff(page: Page): Promise<readonly string[]> {
  return await page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('body *')]
      .filter(
        (element) => !element.closest('.sr-only') && element.innerText?.trim() && /hidden|clip/.test(getComputedStyle(element).overflow),
      )
      .filter(
        ({ scrollWidth, clientWidth, scrollHeight, clientHeight }) => scrollWidth > clientWidth + 1 || scrollHeight > clientHeight + 2,
      )
      .map((element) => element.innerText.slice(0, 60)),
  );
}

test('all rooms by keyboard alone: from the Studio to a fingering changed, heard and printed', async ({ page }) => {
  await page.goto('/pieces');
  await page.getByRole('row').nth(1).waitFor();
  await tabTo(page, 'Search');
  await page.keyboard.type('evening');
  await tabTo(page, 'Evening line');
  await page.keyboard.press('Enter');
  await planDrawn(page);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('2');
  await expect(page.getByRole('complementary', { name: 'Selected note' })).toContainText('locked');
  await page.keyboard.press('Space');
  await expect(page.locator('[data-playing]')).toBeAttached();
  await page.keyboard.press('Escape');
  for (const [link, heading] of [
    ['Measurements', 'Evening line'],
    ['Compare', 'Compare'],
    ['Sheet', 'Evening line'],
    ['Practise', 'Sessions'],
    ['Record', 'Record'],
    ['Studio', 'Pieces'],
    ['Players, instruments, schools', 'Players, instruments, schools'],
    ['Tapes', 'Tapes'],
    ['Costs', 'What a fingering costs'],
  ] as const) {
    await tabTo(page, link);
    await page.keyboard.press('Enter');
    await page.getByRole('heading', { name: heading, level: 1 }).waitFor();
  }
});

/** Presses Tab until something of this name has the focus. */
async function tabTo(page: Page, name: string): Promise<void> {
  for (let stop = 0; stop < MOST_STOPS; stop += 1) {
    await page.keyboard.press('Tab');
    const at = await page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '');
    if (at === name) return;
  }
  throw new Error(`Tab does not reach “${name}”`);
}

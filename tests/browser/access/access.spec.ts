import type { Page } from '@playwright/test';
import { retiredWords } from '../../../scripts/shape/retired-words.ts';
import { expect, findings, openPiece, planDrawn, test } from '../bench-page.ts';
import { wordsBesideGlossary } from './glossary-words.ts';
import { layoutFaults, layoutShift } from './layout-faults.ts';
import { VIEWS } from './views.ts';

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

/** The sizes of windows at which every view is laid out without a fault. */
const SIZES = [
  { width: 390, height: 800 },
  { width: 768, height: 1024 },
  { width: 1024, height: 768 },
  { width: 1920, height: 1080 },
  { width: 1280, height: 800 },
];

/** The most that a view may shift by itself while it comes. */
const MOST_SHIFT = 0.02;

/** Checks how a view is laid out at every size, and its words. */
async function isLaidOut(page: Page, name: string): Promise<void> {
  expect.soft(await layoutShift(page), `${name} shifts while it comes`).toBeLessThanOrEqual(MOST_SHIFT);
  const text = await page.locator('body').innerText();
  expect.soft(retiredWords([{ path: name, text }])).toEqual([]);
  expect.soft(wordsBesideGlossary(text), name).toEqual([]);
  for (const size of SIZES) {
    await page.setViewportSize(size);
    await expect.soft.poll(() => layoutFaults(page), `${name} at ${size.width} by ${size.height}`).toEqual([]);
  }
}

/** Checks a view; the faults of one do not hide those of the next. */
async function isOpenToAll(page: Page, name: string, foldsAt390: boolean): Promise<void> {
  await isLaidOut(page, name);
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

/** Lists words that their place cuts off: where an element hides what is larger than itself, the words that lie outside it. */
async function cutOff(page: Page): Promise<readonly string[]> {
  return await page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('body *')]
      .filter(
        (element) => !element.closest('.sr-only') && element.innerText?.trim() && /hidden|clip/.test(getComputedStyle(element).overflow),
      )
      .filter(
        ({ scrollWidth, clientWidth, scrollHeight, clientHeight }) => scrollWidth > clientWidth + 1 || scrollHeight > clientHeight + 2,
      )
      .flatMap((element) => {
        const { left, right, top, bottom } = element.getBoundingClientRect();
        const walker = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
        const cut: string[] = [];
        while (walker.nextNode()) {
          const { currentNode: node } = walker;
          const parent = node.parentElement;
          if (!parent?.checkVisibility({ visibilityProperty: true }) || parent.closest('.engraving') || !node.textContent?.trim()) continue;
          const range = document.createRange();
          range.selectNodeContents(node);
          const isOut = [...range.getClientRects()].some(
            (rect) => rect.left < left - 1 || rect.right > right + 1 || rect.top < top - 3 || rect.bottom > bottom + 3,
          );
          if (isOut) cut.push(node.textContent.slice(0, 60));
        }
        return cut;
      }),
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

import type { Locator, Page } from '@playwright/test';
import { beads, expect, fingers, openPiece, planDrawn, test } from './bench-page.ts';
import { Steps } from './jobs/steps.ts';

/** A task of a teacher: its beginning, the least number of steps it can take, and why it cannot take fewer. */
interface Task {
  readonly name: string;
  /** The signals that must be given at least. */
  readonly least: number;
  readonly because: string;
  readonly begin: (page: Page) => Promise<void>;
  readonly take: (steps: Steps, page: Page) => Promise<void>;
}

const WREN = 'A♭ major in three octaves';
const bench = (page: Page): Promise<void> => openPiece(page, WREN);
const notePanel = (page: Page): Locator => page.getByRole('complementary', { name: 'Selected note' });

const TASKS: readonly Task[] = [
  {
    name: 'Finger a D major scale in three octaves for Robin',
    least: 4,
    because: 'a new piece, the key, the octaves, the player',
    begin: bench,
    take: async (steps, page) => {
      await steps.press('link', 'New piece');
      await planDrawn(page);
      await steps.choose('Tonic', 'D');
      await steps.choose('Octaves', 'three octaves');
      await steps.write('Player', 'Robin');
      await expect(page.getByLabel('Studio instrument')).toHaveText(/Robin’s violin/);
      await expect(beads(page)).toHaveCount(22);
    },
  },
  {
    name: 'See why a note is fingered as it is',
    least: 1,
    because: 'the note',
    begin: bench,
    take: async (steps, page) => {
      await steps.note(15);
      await expect(notePanel(page).getByRole('region', { name: 'Why' })).toContainText('The shift');
    },
  },
  {
    name: 'Put another finger on a note',
    least: 2,
    because: 'the note, the finger',
    begin: bench,
    take: async (steps, page) => {
      await steps.note(3);
      await steps.key('3');
      await expect(beads(page).nth(3)).toContainText('3');
    },
  },
  {
    name: 'Use another fingering of the whole line',
    least: 2,
    because: 'which one, and that it shall be used',
    begin: bench,
    take: async (steps, page) => {
      const before = await fingers(page);
      await steps.press('button', /^Overlay: shifts on the A string/);
      await steps.press('button', /^Use this fingering/);
      await expect.poll(() => fingers(page)).not.toBe(before);
    },
  },
  {
    name: 'Keep a beginner in first position',
    least: 3,
    because: 'the parts that are folded away, positions, which',
    begin: async (page) => {
      await openPiece(page, 'E♭ major, open strings covered');
      await page.goto('/?new');
      await planDrawn(page);
    },
    take: async (steps, page) => {
      await steps.press('button', 'More parts of the brief');
      await steps.press('button', /^Positions/);
      await steps.press('button', 'only first position');
      await expect(page.getByRole('button', { name: 'Positions: first position' })).toBeAttached();
    },
  },
  {
    name: 'Loop the first shift',
    least: 2,
    because: 'the shift, the loop',
    begin: bench,
    take: async (steps, page) => {
      await steps.key('s');
      await steps.press('button', 'Loop it');
      await expect(page.locator('[data-playing]')).toBeAttached();
    },
  },
  {
    name: 'Print the piece for the stand',
    least: 2,
    because: 'what to print, and the browser’s own dialog',
    begin: bench,
    take: async (steps, page) => {
      await page.addInitScript(() => {
        globalThis.print = () => document.body.setAttribute('data-printed', '');
      });
      await steps.press('link', 'Print it');
      await page.getByRole('heading', { name: WREN }).waitFor();
      await steps.press('button', 'Print it');
      await expect(page.locator('[data-printed]')).toBeAttached();
    },
  },
  {
    name: 'See whether a pupil has grown into the next size',
    least: 3,
    because: 'the measures, the reach, the size',
    begin: bench,
    take: async (steps, page) => {
      await steps.press('link', 'Measurements');
      await steps.press('button', 'Reach');
      await steps.choose('Other size', 'full-size instrument');
      await expect(page.getByRole('region', { name: 'Reach' })).toContainText('The same fingering in the other case');
    },
  },
  {
    name: 'Print tapes for the pupil’s instrument',
    least: 3,
    because: 'the measures, the tapes, the strip; everything else is the usual',
    begin: bench,
    take: async (steps, page) => {
      await steps.press('link', 'Measurements');
      await steps.press('link', 'Print tapes');
      const download = page.waitForEvent('download');
      await steps.press('button', /^Save the strip/);
      expect((await download).suggestedFilename()).toMatch(/\.pdf$/);
    },
  },
  {
    name: 'Compare the piece as two pupils would play it',
    least: 2,
    because: 'to compare, and the other pupil',
    begin: bench,
    take: async (steps, page) => {
      await steps.press('link', 'Compare');
      await steps.choose('Player, compared with', 'Robin');
      await expect(page.getByRole('region', { name: 'Note by note' })).toBeVisible();
    },
  },
  {
    name: 'Give a new pupil a hand of average size and a first piece',
    least: 6,
    because: 'the Studio, its page, a new player, the name, the hand, the piece',
    begin: bench,
    take: async (steps, page) => {
      await steps.press('link', 'Studio');
      await steps.press('link', 'Players, instruments, schools');
      await steps.press('button', 'New player');
      await steps.write('Name', 'Siskin');
      await steps.choose('Hand', 'an average hand (estimate)');
      await expect(page.getByText('Saved', { exact: true })).toBeVisible();
      await steps.press('link', 'Start a piece');
      await planDrawn(page);
      await expect(page.getByLabel('Player')).toHaveValue('Siskin');
      await expect(page.getByLabel('Hand', { exact: true })).toHaveValue('average');
    },
  },
  {
    name: 'Tune Martin’s cello',
    least: 3,
    because: 'the room, where the session stands first, the tuner, the instrument',
    begin: bench,
    take: async (steps, page) => {
      await steps.press('link', 'Practise');
      await steps.press('link', 'Tuner');
      await steps.choose('Instrument to tune', 'Martin’s cello');
      await expect(page.getByRole('heading', { name: 'A', exact: true })).toBeVisible();
    },
  },
];

for (const { name, least, because, begin, take } of TASKS) {
  test(`${name}, in ${least} ${least === 1 ? 'step' : 'steps'}`, async ({ page }) => {
    await begin(page);
    const steps = new Steps(page);
    await take(steps, page);
    console.log(`${name}: ${steps.count} steps; least ${least}: ${because}`);
    expect(steps.count).toBe(least);
  });
}

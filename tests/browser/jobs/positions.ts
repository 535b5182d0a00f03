import type { Page } from '@playwright/test';
import { beads, expect, openPiece, waitUntilSaved } from '../bench-page.ts';
import { type Job, lastItem, newPiece, practise, printHere, teach, teachFromEmpty } from './job.ts';

/** Says names one after the other, as the pupil types them. */
async function say(page: Page, names: readonly string[]): Promise<void> {
  for (const said of names) {
    await page.getByLabel('Name of the note').fill(said);
    await page.keyboard.press('Enter');
  }
}

/** The names of C major on the cello in first position, from its lowest string up. */
const FIRST_POSITION = ['c', 'd', 'e', 'f', 'g', 'a', 'b', 'c'];

/** The G♭ of B♭ melodic minor on the way down, counted from 0. */
const G_FLAT = 9;

/** The jobs in one position: its names, its patterns, its notes. */
export const POSITIONS: readonly Job[] = [
  {
    name: '3, names in first position',
    most: 17,
    missing: null,
    begin: (page) => teach(page, 'Plover'),
    take: async (steps, page) => {
      await steps.press('link', 'Atlas');
      await steps.press('link', 'Names');
      await steps.press('button', 'Names in order');
      await steps.choose('Key', 'C major');
      await steps.choose('How much', 'one octave from the tonic');
      for (const from of ['from the staff', 'from the place', 'from the sound']) {
        await steps.choose('From what', from);
        await say(page, [...FIRST_POSITION, ...FIRST_POSITION.slice(0, -1).toReversed()]);
        await expect(page.getByText(/^15 of 15 at once/)).toBeVisible();
        await steps.press('button', 'Once more');
      }
    },
  },
  {
    name: '12, B♭ in first position, fingers prepared',
    most: 22,
    missing: null,
    begin: (page) => teach(page, 'Robin'),
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.choose('Tonic', 'B♭');
      await steps.write('Tempo, quarters a minute', '120');
      await steps.unfold('Finger patterns, landmarks, fingers set down together');
      await expect(page.getByRole('table', { name: 'Finger patterns of every position' })).toContainText('first position');
      await steps.press('link', 'Drills');
      await steps.press('button', 'Write a drill');
      await steps.choose('Drill', 'Blocks');
      await expect(page.getByRole('heading', { name: 'Blocks in first position, B♭ major' })).toBeVisible();
      await steps.choose('Drill', 'Set down at speed');
      await expect(page.getByRole('heading', { name: /^Set down at speed in first position/ })).toBeVisible();
      await steps.press('button', 'Put it in today’s session');
      const item = lastItem(page);
      await steps.write('From ♩ =', '40', item);
      await steps.write('To ♩ =', '120', item);
      await steps.unfold('Set, ladder and sound', item);
      await steps.write('Good ones to a set', '5', item);
      await expect(item.getByLabel('Of how many runs')).toHaveValue('5');
    },
  },
  {
    name: '13, the top of the melodic minor',
    most: 14,
    missing: null,
    begin: (page) => teach(page, 'Robin'),
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.choose('Tonic', 'B♭');
      await steps.choose('Scale', 'melodic minor');
      await steps.choose('Octaves', 'one octave');
      await steps.choose('Direction', 'up and down');
      await waitUntilSaved(page);
      await steps.press('link', 'Studio');
      await steps.press('link', 'Tapes');
      await steps.press('button', 'They are on the instrument now');
      await expect(page.getByRole('button', { name: 'These are on the instrument' })).toBeDisabled();
      await steps.press('link', 'Bench');
      await steps.note(G_FLAT);
      await expect(page.getByRole('complementary', { name: 'Selected note' })).toContainText('just below the third tape');
      await steps.press('link', 'Drills');
      await steps.press('button', 'Write a drill');
      await steps.choose('Drill', 'Lift and replace');
      await expect(page.getByRole('heading', { name: 'Lift and replace in first position, B♭ minor' })).toBeVisible();
      await steps.press('button', 'In a loop');
      await expect(page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').first()).toBeVisible();
    },
  },
  {
    name: '16, third position',
    most: 17,
    missing: null,
    begin: (page) => teach(page, 'Robin'),
    take: async (steps, page) => {
      await steps.press('link', 'Atlas');
      await steps.choose('Key', 'C major');
      await steps.choose('Position', 'third position');
      await expect(page.getByRole('region', { name: 'String by string' })).toContainText('1 D5, 2 E5, 3 F5, 4 G5');
      await steps.press('link', 'Names');
      await steps.choose('About', 'one key and position');
      await steps.choose('Questions', 'notes and places');
      const question = page.getByRole('form', { name: 'Question' });
      await expect(question.getByRole('heading')).toContainText('third position, C major');
      await steps.press('link', 'Phrases');
      const hand = page.getByRole('region', { name: 'Notes under the hand' });
      for (const name of ['1 D5', '2 E5', '3 F5']) await steps.press('button', name, hand);
      await steps.press('button', 'Keep it and open it on the bench');
      await expect(beads(page)).toHaveCount(3);
      await expect(page.getByText('3 notes · no shift')).toBeVisible();
      await steps.press('link', 'Drills');
      await steps.press('button', 'Write a drill');
      await steps.choose('Drill', 'Inside a position');
      await steps.choose('Position', 'third position');
      await expect(page.getByRole('heading', { name: /^Scale in third position/ })).toBeVisible();
    },
  },
  {
    name: '18, finger by finger, without notes',
    most: 7,
    missing: null,
    begin: async (page) => {
      await printHere(page);
      await teachFromEmpty(page, 'Robin');
      await openPiece(page, 'Evening line');
    },
    take: async (steps, page) => {
      await steps.press('link', 'Drills');
      await steps.press('button', 'Write a drill');
      await steps.choose('Drill', 'Finger by finger');
      await expect(page.getByLabel('Keys')).toHaveValue('each-string');
      const names = page.getByRole('list', { name: 'Fingers and names' });
      await expect(names.getByRole('listitem')).toHaveCount(16);
      await steps.press('button', 'Print it');
      await expect(page.locator('[data-printed]')).toBeAttached();
      await steps.press('button', 'Put it in today’s session');
      await steps.press('button', 'Begin');
      await practise(page);
      await steps.press('button', 'Names');
      await expect(names).toBeVisible();
    },
  },
];

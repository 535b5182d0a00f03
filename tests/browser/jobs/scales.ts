import type { Locator, Page } from '@playwright/test';
import { expect, fingers, planDrawn } from '../bench-page.ts';
import { type Job, lastItem, newPiece, practise, printHere, teach, teachFromEmpty } from './job.ts';

/** Finds the misses of the first finger in all weeks. */
function firstFinger(page: Page): Locator {
  const table = page.getByRole('table', { name: 'Misses out of tune, by finger' });
  return table.getByRole('row').filter({ hasText: 'First finger' }).getByRole('cell').nth(1);
}

/** The jobs with a scale on the bench. */
export const SCALES: readonly Job[] = [
  {
    name: '2, one octave on the violin’s G string, two fingerings compared',
    most: 13,
    missing: null,
    begin: async (page) => {
      await printHere(page);
      await teach(page, 'Robin');
    },
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.choose('Tonic', 'C');
      await steps.choose('Octaves', 'one octave');
      await steps.press('button', 'More parts of the brief');
      await steps.press('button', /^Strings/);
      await steps.press('button', 'only G');
      const other = page.getByRole('button', { name: /^Overlay: / }).first();
      await expect(other).toHaveAccessibleName(/differently$/);
      const before = await fingers(page);
      await steps.press('button', /^Overlay: /);
      await steps.press('button', /^Use this fingering/);
      await expect.poll(() => fingers(page)).not.toBe(before);
      await steps.note(4);
      await expect(page.getByRole('region', { name: 'Why', exact: true })).toContainText(/would be/);
      await steps.press('tab', 'In tune');
      await expect(page.getByRole('tabpanel', { name: 'In tune' })).toContainText(/on G; contact[\s\S]*\d mm[\s\S]*from the bridge/);
      await steps.press('link', 'Sheet');
      await steps.press('button', 'Print it');
      await expect(page.locator('[data-printed]')).toBeAttached();
    },
  },
  {
    name: '4, the chromatic scale of the cello in three octaves',
    most: 14,
    missing: null,
    begin: (page) => teach(page, 'Martin'),
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.choose('Tonic', 'C');
      await steps.choose('Scale', 'chromatic');
      await steps.choose('Octaves', 'three octaves');
      await steps.choose('Bowing', 'four to a bow');
      await expect(page.getByText('37 notes')).toBeVisible();
      await steps.unfold('Finger patterns, landmarks, fingers set down together');
      await expect(page.getByText(/^C5: \d on I, /)).toBeVisible();
      await steps.unfold('Bow plan');
      await expect(page.getByText(/^37 notes, four to a bow: one left over/)).toBeVisible();
      await steps.press('button', /^Put what is left over/);
      await expect(page.getByText(/^37 notes, four to a bow: none left over/)).toBeVisible();
      await steps.note(13);
      await expect(page.getByRole('region', { name: 'Why', exact: true })).toBeVisible();
    },
  },
  {
    name: '6, D major with one shift, a class’s fingering',
    most: 16,
    missing: null,
    begin: (page) => teach(page, 'Robin'),
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.choose('Tonic', 'D');
      await steps.note(0);
      await steps.press('tab', 'Write');
      await steps.write('Type the fingering from here on', '0 1 2 3 0 1 2 3 0 1 2 1 2 3 4');
      await steps.press('button', 'Lock it as the fingering');
      await expect.poll(() => fingers(page)).toMatch(/0 1 2 3 0 1 2 3 0 1 2 1 2 3 4/);
      await steps.note(7);
      await steps.press('tab', 'In tune');
      await expect(page.getByRole('heading', { name: 'Checks' })).toBeVisible();
      await steps.key('Escape');
      const spots = page.getByRole('region', { name: 'Hot spots' });
      await steps.press('button', /^Loop /, spots);
      await expect(page.locator('[data-playing]')).toBeAttached();
      await steps.press('button', 'Put it in today’s session', page.getByRole('region', { name: 'Selected passage' }));
      await steps.press('link', 'Open the session');
      await steps.press('button', 'Begin');
      await expect(page.getByText(/^Today’s aim/)).toBeVisible();
    },
  },
  {
    name: '8, the chromatic octave',
    most: 14,
    missing: null,
    begin: (page) => teach(page, 'Robin'),
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.choose('Tonic', 'A');
      await steps.choose('Scale', 'chromatic');
      await steps.choose('Octaves', 'one octave');
      await steps.choose('Lowest note', 'A4');
      await steps.press('button', 'More parts of the brief');
      await steps.press('button', /^Preferences/);
      await steps.choose(/^a finger for each semitone/, 'above all');
      await steps.key('Escape');
      await expect(page.getByText(/13 notes/)).toBeVisible();
      await steps.press('link', 'Record');
      await steps.press('button', 'Trends');
      await steps.choose('Steps counted', '13');
      await expect(page.getByRole('status', { name: 'Semitones' })).toContainText('8 too small');
    },
  },
  {
    name: '9, G major with fourth fingers',
    most: 18,
    missing: null,
    begin: (page) => teach(page, 'Robin'),
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.choose('Direction', 'up and down');
      await steps.choose('Bowing', 'two to a bow');
      await steps.write('Tempo, quarters a minute', '90');
      await steps.press('button', 'More parts of the brief');
      await steps.choose('Open strings', 'avoided');
      await expect.poll(() => fingers(page)).toMatch(/3 4 1[\s\S]*1 4 3/);
      await steps.unfold('Bow plan');
      await expect(page.getByText(/^29 notes, two to a bow: one left over; 15 bows/)).toBeVisible();
      await steps.press('checkbox', 'metronome');
      await steps.press('button', 'Play');
      await expect(page.locator('[data-playing]')).toBeAttached();
      await steps.press('button', 'Stop');
      await steps.press('button', 'Put it in today’s session');
      await steps.press('link', 'Open the session');
      const item = lastItem(page);
      await expect(item.getByLabel('To ♩ =')).toHaveValue('90');
      await steps.write('From ♩ =', '60', item);
      await expect(item.getByText(/^The whole ladder takes/)).toBeVisible();
    },
  },
  {
    name: '20, scale and arpeggio with a shift',
    most: 19,
    missing: null,
    begin: (page) => teachFromEmpty(page, 'Robin'),
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.choose('Tonic', 'C');
      await expect(page.getByText(/15 notes · 1 shift/)).toBeVisible();
      await steps.key('s');
      await expect(page.getByRole('region', { name: 'How you get there' })).toContainText('The same finger slides all the way.');
      await steps.press('button', 'Put it in today’s session');
      await expect(page.getByRole('status', { name: 'Messages' })).toContainText('in Robin’s session for today');
      await steps.press('link', 'New piece');
      await planDrawn(page);
      await steps.choose('Material', 'arpeggio');
      await steps.choose('Tonic', 'C');
      await steps.press('button', 'Put it in today’s session');
      await steps.press('link', 'Open the session');
      await expect(page.getByRole('region', { name: 'The session' }).locator('ol > li')).toHaveCount(2);
      const trends = await page.context().newPage();
      await trends.goto('/record?player=demo-player-robin&part=trends');
      const before = await firstFinger(trends).innerText();
      await trends.close();
      await steps.press('button', 'Begin');
      await practise(page);
      await steps.press('button', 'Missed');
      // It is E, the first of the line that the first finger plays.
      await page.locator('[data-staff-note="2"]').click();
      await steps.press('button', 'sharp');
      await steps.press('button', 'Leave');
      await steps.press('link', 'What was done');
      await steps.press('button', 'Trends');
      await expect(firstFinger(page)).toHaveText(/sharp/);
      await expect(firstFinger(page)).not.toHaveText(before);
    },
  },
];

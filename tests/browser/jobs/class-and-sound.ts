import { expect, fingers } from '../bench-page.ts';
import { type Job, lastItem, line, newPiece, teach, teachFromEmpty } from './job.ts';

/** The jobs about a sound that is heard, and about a class: as far as they can be done without listening and without groups of pupils. */
export const CLASS_AND_SOUND: readonly Job[] = [
  {
    name: '10, connected playing',
    most: 9,
    missing: 'crossings that overlap, heard too light, right and too heavy',
    begin: line('Robin', 'D', 'A4:1/2 C#5 E5 A5 F#5 D5'),
    take: async (steps, page) => {
      await steps.press('button', 'More parts of the brief');
      await steps.press('button', /^Preferences/);
      await steps.choose(/^one string where possible/, 'above all');
      await steps.key('Escape');
      await expect.poll(() => fingers(page)).toMatch(/^[0-4]( [1-4]){4} [0-4]$/);
      await steps.key('s');
      await steps.press('checkbox', 'Expressive slide');
      await expect(page.getByRole('region', { name: 'How you get there' })).toBeVisible();
      await steps.press('button', 'Hear this shift');
      await expect(page.locator('[data-playing]')).toBeAttached();
    },
  },
  {
    name: '19, a class',
    most: 16,
    missing: 'the lesson of the class, and everyone’s result side by side',
    begin: (page) => teachFromEmpty(page, 'Robin'),
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.press('button', 'Put it in the week');
      await steps.press('link', 'Open the week');
      await steps.press('link', 'Give it as an assignment');
      await steps.press('checkbox', 'Wren, violin');
      await steps.press('checkbox', 'Plover, cello');
      const download = page.waitForEvent('download');
      await steps.press('button', 'Save one file for all of them');
      expect((await download).suggestedFilename()).toMatch(/\.json/);
      await expect(page.getByRole('status', { name: 'Messages' })).toContainText('One file for Plover, Robin and Wren.');
    },
  },
  {
    name: '21, third position sounds poor',
    most: 9,
    missing: 'the complaint itself, whose causes are ruled out in order',
    begin: (page) => teach(page, 'Robin'),
    take: async (steps, page) => {
      await steps.press('link', 'Record');
      await steps.press('button', 'Trends');
      await steps.choose('Counted by', 'position');
      await expect(page.getByRole('table', { name: 'Misses out of tune, by position' })).toContainText('Fourth position');
      const says = page.getByRole('region', { name: 'What the record says' });
      await expect(says).toContainText('Look first at');
      await steps.press('link', 'Its loop and its drill', says);
      await expect(page.getByRole('region', { name: 'Its loop' })).toBeVisible();
      await steps.press('button', /^Write a drill for it/);
      await steps.press('button', 'Put it in today’s session');
      await expect(lastItem(page)).toBeVisible();
    },
  },
];

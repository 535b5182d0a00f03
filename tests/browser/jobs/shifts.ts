import type { Page } from '@playwright/test';
import { beads, expect, fingers } from '../bench-page.ts';
import { type Job, lastItem, line, newPiece, piece, practise, teachFromEmpty } from './job.ts';

/** Waits until the fingers of the line are these. */
async function expectFingers(page: Page, line: string): Promise<void> {
  await expect.poll(() => fingers(page)).toBe(line);
}

/** The jobs about shifts. */
export const SHIFTS: readonly Job[] = [
  {
    name: '5, when and why to shift',
    most: 20,
    missing: null,
    begin: (page) => teachFromEmpty(page, 'Robin'),
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.choose('Material', 'line of my own');
      await steps.choose('Tonic', 'C');
      await steps.write(/^Notes, for example/, 'E5:1/4 F5 G5 A5 B5 C6:1/2 C6');
      await steps.press('button', 'More parts of the brief');
      await steps.choose('Hand', 'a small hand');
      await steps.press('button', /^Overlay: starts in first, shifts on E to third/);
      await steps.press('button', /^Use this fingering/);
      await steps.key('s');
      await expect(page.getByRole('region', { name: 'Why', exact: true })).toContainText('The shift');
      await steps.press('checkbox', 'Expressive slide');
      await steps.note(5);
      await steps.key('4');
      await steps.note(6);
      await steps.key('3');
      const way = page.getByRole('region', { name: 'How you get there' });
      await expect(way).toContainText('Another finger takes over on the same note.');
      await steps.press('link', 'Take it apart');
      await expect(page.getByRole('region', { name: 'Both hands in time' })).toBeVisible();
    },
  },
  {
    name: '7, from a piece’s shift to its study',
    most: 12,
    missing: 'the nearest measure of the teacher’s own books',
    begin: piece('A♭ major in three octaves'),
    take: async (steps, page) => {
      await steps.note(15);
      await steps.press('link', 'Take it apart');
      await steps.press('button', 'Write its drill');
      await expect(page.getByRole('heading', { name: /^Shift study .*, E string, A♭ major$/ })).toBeVisible();
      await expect(page.getByLabel('Then', { exact: true })).toHaveValue('into');
      await steps.press('button', 'Hear it');
      await steps.press('button', 'Put it in today’s session');
      await expect(lastItem(page)).toContainText('Shift study');
    },
  },
  {
    name: '11, a first course in shifting',
    most: 25,
    missing: null,
    begin: (page) => teachFromEmpty(page, 'Robin'),
    take: async (steps, page) => {
      await newPiece(steps, page);
      await steps.note(8);
      await steps.press('tab', 'Write');
      await steps.write('Type the fingering from here on', '0 1 2 1 2 3 4');
      await steps.press('button', 'Lock it as the fingering');
      await expectFingers(page, '0 1 2 3 0 1 2 3 0 1 2 1 2 3 4');
      await steps.press('link', 'Drills');
      await expect(page.getByRole('heading', { name: 'C5 with 2 in first position to D5 with 1 in third position' })).toBeVisible();
      await expect(page.getByText('Finger 1', { exact: true })).toBeVisible();
      await steps.press('link', 'Put it in today’s session: Slow slide');
      await expect(lastItem(page)).toContainText('G major, two octaves, up');
      await steps.press('link', 'Bench');
      await steps.press('link', 'Drills');
      await steps.press('button', 'Write a drill');
      await steps.choose('Drill', 'Match it');
      await expect(
        page.getByRole('heading', { name: 'Match it from first position to third position, all strings, G major' }),
      ).toBeVisible();
      await steps.press('button', 'Put it in today’s session');
      await expect(lastItem(page)).toContainText('Match it from first position to third position');
      await steps.press('button', 'Begin');
      await practise(page);
    },
  },
  {
    name: '14, descending shifts',
    most: 13,
    missing: null,
    begin: async (page) => {
      await line('Robin', 'C', 'E5:1/4 D5 C5 B4 F6 E6 D6 C6 B5 A5')(page);
      await beads(page).first().click();
      await page.getByRole('tab', { name: 'Write' }).click();
      await page.getByLabel('Type the fingering from here on').fill('2 1 2 1 3 2 1 3 2 1');
      await page.getByRole('button', { name: 'Lock it as the fingering' }).click();
      await expectFingers(page, '2 1 2 1 3 2 1 3 2 1');
    },
    take: async (steps, page) => {
      await steps.press('link', 'Drills');
      const slide = 'Put it in today’s session: Slow slide';
      for (const [shift, heading] of [
        ['D5 1 – C5 2, down 46 mm', 'D5 with 1 in third position to C5 with 2 in first position'],
        ['D6 1 – C6 3, down 62 mm', 'D6 with 1 in sixth position to C6 with 3 in third position'],
      ] as const) {
        await steps.press('button', shift);
        await expect(page.getByRole('heading', { name: heading })).toBeVisible();
        await expect(page.getByRole('region', { name: 'Both hands in time' })).toContainText('Left thumb');
        await expect(page.getByRole('group', { name: 'Guide' })).toContainText(/passing [A-G]/);
        await steps.press('link', slide);
        await expect(lastItem(page)).toContainText('slow slide');
        if (shift.startsWith('D5')) await steps.back();
      }
      await steps.press('button', 'Begin');
      await practise(page);
    },
  },
  {
    name: '17, cello 4 to 1',
    most: 19,
    missing: null,
    begin: line('Martin', 'D', 'B3:1/4 C#4 D4 E4 F#4 G4'),
    take: async (steps, page) => {
      await steps.note(2);
      await steps.key('4');
      await steps.note(3);
      await steps.key('1');
      await expect.poll(() => fingers(page)).toContain('4 1');
      await steps.press('tab', 'In tune');
      await expect(page.getByRole('tabpanel', { name: 'In tune' })).toContainText(/find the octave on D/);
      await steps.press('tab', 'Fingering');
      await steps.press('link', 'Take it apart');
      await expect(page.getByRole('heading', { name: 'D4 with 4 in first position to E4 with 1 in fourth position' })).toBeVisible();
      await steps.press('link', 'Put it in today’s session: Match it');
      await steps.unfold('Set, ladder and sound', lastItem(page));
      await steps.write('Good ones to a set', '5', lastItem(page));
      await steps.press('link', 'Bench');
      await steps.press('link', 'Drills');
      await steps.press('button', 'Write its drill');
      await steps.choose('On', 'D string');
      await expect(page.getByRole('heading', { name: /^Shift study 4–1 up 3 positions, D string/ })).toBeVisible();
      await steps.press('button', 'Put it in today’s session');
      await expect(lastItem(page)).toContainText('Shift study 4–1');
      // Put in once more, it is the same piece, which is there already.
      const items = page.getByRole('region', { name: 'The session' }).locator('ol > li');
      const before = await items.count();
      await page.goBack();
      await page.getByRole('button', { name: 'Shifts', exact: true }).click();
      await page.getByRole('button', { name: 'Write its drill' }).click();
      await page.getByLabel('On', { exact: true }).selectOption('D string');
      await page.getByRole('button', { name: 'Put it in today’s session' }).click();
      await expect(lastItem(page)).toContainText('Shift study 4–1');
      await expect(items).toHaveCount(before);
    },
  },
];

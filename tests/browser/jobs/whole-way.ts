import { expect } from '../bench-page.ts';
import { type Job, newPiece, practise, teachFromEmpty } from './job.ts';

/** The whole way, from a typed line to the next session. */
export const WHOLE_WAY: Job = {
  name: 'The whole way: a line, its hot spot, a drill, today’s session, the stand, the lesson, the next session',
  most: 20,
  missing: null,
  begin: (page) => teachFromEmpty(page, 'Robin'),
  take: async (steps, page) => {
    await newPiece(steps, page);
    await steps.choose('Material', 'line of my own');
    await steps.write(/^Notes, for example/, 'G4:1/4 B4 D5 G5 B5 D6 G6 D6 B5 G5');
    const spots = page.getByRole('region', { name: 'Hot spots' });
    await steps.press('button', /: shift /, spots);
    await steps.press('link', 'Take it apart');
    await steps.press('button', 'Write its drill');
    await steps.press('button', 'Keep it as a piece');
    await steps.press('link', 'Put it in today’s session');
    await steps.press('button', 'Begin');
    await practise(page);
    await steps.press('button', 'Missed');
    await steps.press('button', 'flat');
    await steps.press('button', 'Leave');
    await steps.press('link', 'What was done');
    await steps.press('button', 'Lesson');
    await expect(page.getByRole('region', { name: /^Since the last lesson/ })).toContainText('0 of 1 good; 1 flat');
    await steps.write('Remark', 'Hear the note of arrival first.');
    await steps.key('Enter');
    await steps.press('link', 'Prepare the next session');
    await expect(page.getByRole('heading', { name: 'Sessions' })).toBeVisible();
    await expect(page.getByLabel('For whom')).toHaveValue('demo-player-robin');
  },
};

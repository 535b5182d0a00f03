import type { Page } from '@playwright/test';
import { expect, fingers } from '../bench-page.ts';
import { pedalUntil } from '../stand-page.ts';
import type { Steps } from './steps.ts';
import { type Job, lastItem, line, practise } from './job.ts';

/** Says how a try of a double stop missed, in which voice and at which note; the lesson tells it then. */
async function missInUpperVoice(steps: Steps, page: Page): Promise<void> {
  await steps.press('button', 'Missed');
  await page.locator('[data-staff-note]').last().click();
  await steps.press('button', 'the upper voice');
  await steps.press('button', 'sharp');
  await expect(page.getByText(/^Lift the finger and set it again/)).toBeVisible();
  await steps.press('button', 'Leave');
  await steps.press('link', 'What was done');
  await expect(page.getByRole('article').first()).toContainText('1 sharp; 1 in the upper voice');
}

/** The jobs with two strings at once. */
export const DOUBLE_STOPS: readonly Job[] = [
  {
    name: '1, cello octaves from the thumb',
    most: 24,
    missing: null,
    begin: line('Martin', 'D', 'D4+D5:1/4 E4+E5 F#4+F#5 G4+G5 A4+A5'),
    take: async (steps, page) => {
      await steps.press('button', 'Put it in today’s session');
      // A line that no hand plays yet would be left out of the session: nothing is said to be in it.
      await expect(page.getByRole('status', { name: 'Messages' })).toContainText(
        'It was not put in. No hand plays it as the sentence asks',
      );
      await steps.press('button', 'Make this change');
      await expect.poll(() => fingers(page)).toBe('T 3 T 3 T 3 T 3 T 3');
      await steps.press('link', 'Drills');
      await steps.press('button', 'Write a drill');
      await steps.choose('Drill', 'Double stops');
      await steps.choose('Interval', 'octaves');
      await steps.choose('Hand', 'from the thumb');
      await expect(page.getByText('A scale in two parts, one string at a time and then both.')).toBeVisible();
      await steps.press('button', 'In a loop');
      await expect(page.getByRole('button', { name: 'In a loop' })).toHaveAttribute('aria-pressed', 'true');
      await steps.press('button', 'Put it in today’s session');
      await steps.write('Minutes', '10', lastItem(page));
      await steps.press('button', 'Begin');
      await pedalUntil(page, 'PageDown', page.getByText('You hear the lower voice, then the upper, then both.'));
      await practise(page);
      await expect(page.getByText(/the thumb on the string tires the hand/)).toBeVisible();
      await missInUpperVoice(steps, page);
    },
  },
  {
    name: '15, first octaves',
    most: 15,
    missing: null,
    begin: line('Robin', 'D', 'G3+G4:1/4 D4+D5 A4+A5 D4+D5'),
    take: async (steps, page) => {
      await expect.poll(() => fingers(page)).toBe('0 3 0 3 0 3 0 3');
      await steps.note(1);
      await steps.press('tab', 'In tune');
      await expect(page.getByRole('tabpanel', { name: 'In tune' })).toContainText('Checks');
      await steps.key('Escape');
      await steps.press('button', 'Put it in today’s session');
      await steps.press('link', 'Open the session');
      await steps.press('button', 'Begin');
      await pedalUntil(page, 'PageDown', page.getByText('You hear the lower voice, then the upper, then both.'));
      await practise(page);
      await missInUpperVoice(steps, page);
    },
  },
];

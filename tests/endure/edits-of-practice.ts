import type { Page } from '@playwright/test';
import { STAGE_STATES } from '#core/drill/apart';
import type { Edit } from './edit.ts';
import { storedPieces } from './stored-pieces.ts';

/** Gives the minutes of a Monday: another number in each trial, for a while. */
const minutesOf = (trial: number): number => 1 + (trial % 200);

const stateOf = (trial: number): (typeof STAGE_STATES)[number] => STAGE_STATES[trial % STAGE_STATES.length] ?? 'not-yet';

/** Gives the clean sets in a row: more than the usual course asks. */
const cleanOf = (trial: number): number => 4 + (trial % 2);

/** Gives the cents, more than any player has. */
const toleranceOf = (trial: number): number => 60 + (trial % 40);

/** Gives the moment at which the question of a trial was answered, ms. */
const answeredAt = new Map<number, number>();

/** Finds a piece of the demo that shifts, by its id. */
async function pieceWithShifts(page: Page): Promise<string> {
  const pieces = await storedPieces(page);
  return pieces.find(({ document }) => document.name === 'B♭ major, up and down')?.id ?? '';
}

/** The edits of practice: sessions, weeks, stages, the log, and text that is only typed yet. None of them is waited for. */
export const PRACTICE_EDITS: readonly Edit[] = [
  {
    name: 'an entry of the log',
    on: 'Log',
    changes: 'log',
    open: async (page) => {
      await page.goto('/record?part=lesson');
      await page.getByRole('textbox', { name: 'Remark' }).waitFor();
    },
    make: async (page, trial) => {
      await page.getByRole('textbox', { name: 'Remark' }).fill(`Trial ${trial}`);
      await page.keyboard.press('Enter');
    },
    isIn: ({ records }, trial) =>
      records.log.some(({ document }) => document.entries.some((entry) => entry.kind === 'remark' && entry.text === `Trial ${trial}`)),
    beside: {
      make: async (page, trial) => {
        await page.getByRole('textbox', { name: 'Remark' }).fill(`Beside ${trial}`);
        await page.keyboard.press('Enter');
      },
      isIn: ({ records }, trial) =>
        records.log.some(({ document }) => document.entries.some((entry) => entry.kind === 'remark' && entry.text === `Beside ${trial}`)),
    },
  },
  {
    name: 'minutes of the week typed',
    on: 'Week',
    changes: 'week',
    open: async (page) => {
      await page.goto('/practise/week');
      await page.getByLabel('Mon', { exact: true }).waitFor();
    },
    make: async (page, trial) => await page.getByLabel('Mon', { exact: true }).fill(String(minutesOf(trial))),
    isIn: ({ records }, trial) => records.week.some(({ document }) => document.minutes[0] === minutesOf(trial)),
    beside: {
      make: async (page, trial) => await page.getByLabel('Tue', { exact: true }).fill(String(minutesOf(trial + 7))),
      isIn: ({ records }, trial) => records.week.some(({ document }) => document.minutes[1] === minutesOf(trial + 7)),
    },
  },
  {
    name: 'the aim of a session typed',
    on: 'Session',
    changes: 'session',
    open: async (page) => {
      await page.goto('/practise');
      await page.getByRole('button', { name: 'New session' }).click();
      await page.getByLabel('Aim', { exact: true }).waitFor();
    },
    make: async (page, trial) => await page.getByLabel('Aim', { exact: true }).fill(`Trial ${trial}`),
    isIn: ({ records }, trial) => records.session.some(({ document }) => document.name === `Trial ${trial}`),
  },
  {
    name: 'a thing put into a session',
    on: 'Session',
    changes: 'session',
    open: async (page) => {
      await page.goto('/practise');
      await page.getByLabel('Check at the end', { exact: true }).waitFor();
      // A session that is full takes nothing more.
      const putIn = page.getByRole('button', { name: 'Put it in' });
      if (!(await putIn.isVisible())) await page.getByRole('button', { name: 'New session' }).click();
      await putIn.waitFor();
    },
    inSteps: true,
    make: async (page, trial) => {
      await page.getByLabel('Check at the end', { exact: true }).fill(`Trial ${trial}`);
      await page.getByRole('button', { name: 'Put it in' }).click();
      await page
        .getByLabel('Minutes')
        .last()
        .fill(String(1 + (trial % 30)));
    },
    isIn: ({ records }, trial) =>
      records.session.some(
        ({ document }) => document.endCheck === `Trial ${trial}` && document.items.some(({ minutes }) => minutes === 1 + (trial % 30)),
      ),
    beside: {
      make: async (page, trial) => await page.getByLabel('Aim', { exact: true }).fill(`Beside ${trial}`),
      isIn: ({ records }, trial) => records.session.some(({ document }) => document.name === `Beside ${trial}`),
    },
  },
  {
    name: 'how far a stage is',
    on: 'Drills',
    changes: 'stages',
    open: async (page) => {
      await page.goto(`/drills?piece=${await pieceWithShifts(page)}`);
      await page.getByLabel('Slow slide: how far').waitFor();
    },
    make: async (page, trial) => {
      const field = page.getByLabel('Slow slide: how far');
      await field.selectOption(STAGE_STATES[(trial + 1) % STAGE_STATES.length] ?? null);
      await field.selectOption(stateOf(trial));
    },
    isIn: ({ records }, trial) =>
      records.stages.some(({ document }) =>
        document.shifts.some(({ states }) => states.some(({ stage, state }) => stage === 'slide' && state === stateOf(trial))),
      ),
    beside: {
      make: async (page, trial) => {
        const field = page.getByLabel('Lighter: how far');
        await field.selectOption(STAGE_STATES[(trial + 3) % STAGE_STATES.length] ?? null);
        await field.selectOption(stateOf(trial + 1));
      },
      isIn: ({ records }, trial) =>
        records.stages.some(({ document }) =>
          document.shifts.some(({ states }) => states.some(({ stage, state }) => stage === 'lighter' && state === stateOf(trial + 1))),
        ),
    },
  },
  {
    name: 'a question answered',
    on: 'Names',
    changes: 'log',
    open: async (page) => {
      await page.goto('/atlas/names?about=chosen&key=D+major&position=3&instrument=violin+4/4&ask=places');
      await page.getByRole('form', { name: 'Question' }).waitFor();
    },
    make: async (page, trial) => {
      answeredAt.set(trial, await page.evaluate(() => Date.now()));
      const asked = await page.getByRole('form', { name: 'Question' }).getByRole('heading').textContent();
      await page.keyboard.type(asked?.startsWith('Where') ? 'G1' : 'g');
      await page.keyboard.press('Enter');
    },
    isIn: ({ records }, trial) =>
      records.log.some(({ document }) =>
        document.entries.some(({ kind, at }) => kind === 'answer' && at >= (answeredAt.get(trial) ?? Infinity)),
      ),
  },
  {
    name: 'a course being changed',
    on: 'By heart',
    changes: null,
    open: async (page) => {
      await page.goto(`/by-heart?piece=${await pieceWithShifts(page)}`);
      const begin = page.getByRole('button', { name: 'Begin the usual course' });
      const course = page.getByText(/^The course of/);
      await begin.or(course).first().waitFor();
      if (await begin.isVisible()) await begin.click();
      await course.click();
      await page.getByLabel('Clean sets in a row').waitFor();
    },
    make: async (page, trial) => {
      // Another number is typed first, in case it stands there already.
      await page.getByLabel('Clean sets in a row').selectOption('1');
      await page.getByLabel('Clean sets in a row').selectOption(String(cleanOf(trial)));
    },
    isIn: ({ typed }, trial) => typed.some((text) => text.includes(`"clean":${cleanOf(trial)}`)),
  },
  {
    name: 'a tolerance being typed',
    on: 'Log',
    changes: null,
    open: async (page) => {
      await page.goto('/record?part=lesson');
      await page.getByLabel('Tolerance in cents').waitFor();
    },
    make: async (page, trial) => await page.getByLabel('Tolerance in cents').fill(String(toleranceOf(trial))),
    isIn: ({ typed }, trial) => typed.some((text) => text.includes(`"text":"${toleranceOf(trial)}"`)),
  },
  {
    name: 'a phrase being typed',
    on: 'Phrases',
    changes: null,
    open: async (page) => {
      await page.goto('/atlas/phrases');
      await page.getByRole('textbox', { name: /^Notes, for example/ }).waitFor();
    },
    make: async (page, trial) => await page.getByRole('textbox', { name: /^Notes, for example/ }).fill(`A4 B4 trial ${trial}`),
    isIn: ({ typed }, trial) => typed.some((text) => text.includes(`trial ${trial}`)),
  },
  {
    name: 'a remark of the lesson being typed',
    on: 'Log',
    changes: null,
    open: async (page) => {
      await page.goto('/record?part=lesson');
      await page.getByRole('textbox', { name: 'Remark' }).waitFor();
    },
    make: async (page, trial) => await page.getByRole('textbox', { name: 'Remark' }).fill(`Being typed ${trial}`),
    isIn: ({ typed }, trial) => typed.some((text) => text.includes(`Being typed ${trial}`)),
  },
];

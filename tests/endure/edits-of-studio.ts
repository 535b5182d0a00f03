import type { Page } from '@playwright/test';
import type { Edit } from './edit.ts';

/** Gives the thousandths that a shift costs in a school. */
const weightOf = (trial: number): number => 1000 + 10 * (trial % 200);

/** Types the name of whatever the form of the Studio shows. */
const typeName = async (page: Page, trial: number): Promise<void> =>
  await page.getByRole('textbox', { name: 'Name' }).fill(`Trial ${trial}`);

/** Gives the second tape of an instrument, semitones above the open strings. */
const tapeOf = (trial: number): number => 2 + (trial % 22);

/** The edits of players, instruments and schools. None of them is waited for. */
export const STUDIO_EDITS: readonly Edit[] = [
  {
    name: 'a weight of a school typed',
    on: 'Costs',
    changes: 'school',
    open: async (page) => {
      await page.goto('/costs');
      await page.getByLabel('Costs of').selectOption({ index: 1 });
      await page.getByLabel('Shift in this school', { exact: true }).waitFor();
    },
    make: async (page, trial) => await page.getByLabel('Shift in this school', { exact: true }).fill(String(weightOf(trial) / 1000)),
    isIn: ({ records }, trial) =>
      records.school.some(({ document }) => Object.values(document.school.weights?.violin ?? {}).includes(weightOf(trial))),
    beside: {
      make: async (page, trial) =>
        await page.getByLabel('Crossing in this school', { exact: true }).fill(String(weightOf(trial + 7) / 1000)),
      isIn: ({ records }, trial) =>
        records.school.some(({ document }) => Object.values(document.school.weights?.violin ?? {}).includes(weightOf(trial + 7))),
    },
  },
  {
    name: 'the name of a book typed',
    on: 'Books',
    changes: 'book',
    open: async (page) => {
      await page.goto('/books');
      await page.getByRole('button', { name: 'New book' }).click();
      await page.getByRole('textbox', { name: 'Name' }).waitFor();
    },
    make: typeName,
    isIn: ({ records }, trial) => records.book.some(({ document }) => document.name === `Trial ${trial}`),
    beside: {
      make: async (page, trial) => await page.getByRole('textbox', { name: 'About it' }).fill(`Beside ${trial}`),
      isIn: ({ records }, trial) => records.book.some(({ document }) => document.about === `Beside ${trial}`),
    },
  },
  {
    name: 'the name of a player typed',
    on: 'Players, instruments, schools',
    changes: 'player',
    open: async (page) => {
      await page.goto('/setup');
      await page.getByRole('region', { name: 'Player', exact: true }).waitFor();
    },
    make: typeName,
    isIn: ({ records }, trial) => records.player.some(({ document }) => document.name === `Trial ${trial}`),
    beside: {
      make: async (page, trial) => await page.getByRole('checkbox', { name: 'half position', exact: true }).setChecked(trial % 2 === 0),
      isIn: ({ records }, trial) =>
        records.player.some(
          ({ document }) => document.name === `Trial ${trial}` && (document.profile.positions ?? []).includes('half') === (trial % 2 === 0),
        ),
    },
  },
  {
    name: 'a new instrument named',
    on: 'Players, instruments, schools',
    changes: 'instrument',
    open: async (page) => {
      await page.goto('/setup');
      await page.getByRole('button', { name: 'New instrument' }).click();
      await page.getByRole('region', { name: 'Instrument', exact: true }).waitFor();
    },
    make: typeName,
    isIn: ({ records }, trial) => records.instrument.some(({ document }) => document.name === `Trial ${trial}`),
  },
  {
    name: 'the tapes of an instrument typed',
    on: 'Players, instruments, schools',
    changes: 'instrument',
    open: async (page) => {
      await page.goto('/setup');
      await page
        .getByRole('complementary', { name: 'Studio' })
        .getByRole('button', { name: /full-size violin$/ })
        .first()
        .click();
      await page.getByRole('region', { name: 'Instrument', exact: true }).waitFor();
    },
    make: async (page, trial) => await page.getByLabel('Tapes on it').fill(`1, ${tapeOf(trial)}`),
    isIn: ({ records }, trial) => records.instrument.some(({ document }) => document.instrument.tapes?.includes(tapeOf(trial)) === true),
    beside: {
      make: typeName,
      isIn: ({ records }, trial) => records.instrument.some(({ document }) => document.name === `Trial ${trial}`),
    },
  },
  {
    name: 'a new school named',
    on: 'Players, instruments, schools',
    changes: 'school',
    open: async (page) => {
      await page.goto('/setup');
      await page.getByRole('button', { name: 'New school' }).click();
      await page.getByRole('region', { name: 'School', exact: true }).waitFor();
    },
    make: typeName,
    isIn: ({ records }, trial) => records.school.some(({ document }) => document.name === `Trial ${trial}`),
  },
];

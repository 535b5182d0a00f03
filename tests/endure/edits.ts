import type { Page } from '@playwright/test';
import type { LogRecord, PieceRecord, WeekRecord } from '../../src/storage/database.ts';

/** What the database holds afterwards: the piece of the trial (null where it is gone), the log, and the weeks. */
export interface Stored {
  readonly piece: PieceRecord | null;
  readonly logs: readonly LogRecord[];
  readonly weeks: readonly WeekRecord[];
}

/** Something a teacher does on the bench or in the record, and how it is found again. */
export interface Edit {
  readonly name: string;
  /** Goes to where it is made, where that is not the bench; there no other tab has the same piece. */
  readonly open?: (page: Page) => Promise<void>;
  /** Makes it; `trial` tells one from the next. */
  readonly make: (page: Page, trial: number) => Promise<void>;
  readonly isIn: (stored: Stored, trial: number) => boolean;
}

/** Minutes of a Monday: another number in each trial, for a while. */
const minutesOf = (trial: number): number => 1 + (trial % 200);

const octavesOf = (trial: number): number => 1 + (trial % 2);

/** Every kind, none of them waited for. */
export const EDITS: readonly Edit[] = [
  {
    name: 'a name typed',
    make: async (page, trial) => await page.getByRole('textbox', { name: 'Name of the piece' }).fill(`Trial ${trial}`),
    isIn: ({ piece }, trial) => piece?.document.name === `Trial ${trial}`,
  },
  {
    name: 'octaves chosen',
    make: async (page, trial) => {
      // The other number first, in case it stands there already.
      await page.getByLabel('Octaves').selectOption({ index: octavesOf(trial + 1) - 1 });
      await page.getByLabel('Octaves').selectOption({ index: octavesOf(trial) - 1 });
    },
    isIn: ({ piece }, trial) => {
      const material = piece?.document.brief.material;
      return material !== undefined && material.kind !== 'line' && material.octaves === octavesOf(trial);
    },
  },
  {
    name: 'a finger locked',
    make: async (page) => {
      await page.locator('[data-bead]').nth(2).click();
      await page.keyboard.press('l');
    },
    isIn: ({ piece }) => (piece?.document.brief.locks ?? []).length > 0,
  },
  {
    name: 'a remark being typed',
    make: async (page, trial) => {
      await page.locator('[data-bead]').nth(1).click();
      await page.getByRole('tab', { name: 'Write' }).click();
      await page.getByRole('textbox', { name: 'Remark' }).fill(`Trial ${trial}`);
    },
    isIn: ({ piece }, trial) => (piece?.document.brief.marks ?? []).some(({ remark }) => remark === `Trial ${trial}`),
  },
  {
    name: 'an entry of the log',
    open: async (page) => {
      await page.goto('/record?part=lesson');
      await page.getByRole('textbox', { name: 'Remark' }).waitFor();
    },
    make: async (page, trial) => {
      await page.getByRole('textbox', { name: 'Remark' }).fill(`Trial ${trial}`);
      await page.keyboard.press('Enter');
    },
    isIn: ({ logs }, trial) =>
      logs.some(({ document }) => document.entries.some((entry) => entry.kind === 'remark' && entry.text === `Trial ${trial}`)),
  },
  {
    name: 'minutes of the week typed',
    open: async (page) => {
      await page.goto('/practise/week');
      await page.getByLabel('Mon', { exact: true }).waitFor();
    },
    make: async (page, trial) => await page.getByLabel('Mon', { exact: true }).fill(String(minutesOf(trial))),
    isIn: ({ weeks }, trial) => weeks.some(({ document }) => document.minutes[0] === minutesOf(trial)),
  },
];

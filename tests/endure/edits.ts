import type { Page } from '@playwright/test';
import type { PieceRecord } from '../../src/storage/database.ts';

/** Something a teacher does on the bench, and how it is found again. */
export interface Edit {
  readonly name: string;
  /** Makes it; `trial` tells one from the next. */
  readonly make: (page: Page, trial: number) => Promise<void>;
  readonly isIn: (piece: PieceRecord, trial: number) => boolean;
}

const octavesOf = (trial: number): number => 1 + (trial % 2);

/** Every kind, none of them waited for. */
export const EDITS: readonly Edit[] = [
  {
    name: 'a name typed',
    make: async (page, trial) => await page.getByRole('textbox', { name: 'Name of the piece' }).fill(`Trial ${trial}`),
    isIn: ({ document }, trial) => document.name === `Trial ${trial}`,
  },
  {
    name: 'octaves chosen',
    make: async (page, trial) => {
      // The other number first, in case it stands there already.
      await page.getByLabel('Octaves').selectOption({ index: octavesOf(trial + 1) - 1 });
      await page.getByLabel('Octaves').selectOption({ index: octavesOf(trial) - 1 });
    },
    isIn: ({ document }, trial) => document.brief.material.kind !== 'line' && document.brief.material.octaves === octavesOf(trial),
  },
  {
    name: 'a finger locked',
    make: async (page) => {
      await page.locator('[data-bead]').nth(2).click();
      await page.keyboard.press('l');
    },
    isIn: ({ document }) => (document.brief.locks ?? []).length > 0,
  },
  {
    name: 'a remark being typed',
    make: async (page, trial) => {
      await page.locator('[data-bead]').nth(1).click();
      await page.getByRole('tab', { name: 'Write' }).click();
      await page.getByRole('textbox', { name: 'Remark' }).fill(`Trial ${trial}`);
    },
    isIn: ({ document }, trial) => (document.brief.marks ?? []).some(({ remark }) => remark === `Trial ${trial}`),
  },
];

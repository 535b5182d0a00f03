import type { Page } from '@playwright/test';
import type { Edit } from './edit.ts';

const octavesOf = (trial: number): number => 1 + (trial % 2);

/** The edits of pieces: on the bench, and in the list. None of them is waited for. */
export const PIECE_EDITS: readonly Edit[] = [
  {
    name: 'a name typed',
    on: 'Fingering',
    changes: 'piece',
    make: async (page, trial) => await page.getByRole('textbox', { name: 'Name of the piece' }).fill(`Trial ${trial}`),
    isIn: ({ piece }, trial) => piece?.document.name === `Trial ${trial}`,
  },
  {
    name: 'octaves chosen',
    on: 'Fingering',
    changes: 'piece',
    make: async (page, trial) => {
      // The other number is typed first, in case it stands there already.
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
    on: 'Fingering',
    changes: 'piece',
    make: async (page) => {
      await page.locator('[data-bead]').nth(2).click();
      await page.keyboard.press('l');
    },
    isIn: ({ piece }) => (piece?.document.brief.locks ?? []).length > 0,
  },
  {
    name: 'a remark being typed',
    on: 'Fingering',
    changes: 'piece',
    make: async (page, trial) => {
      await page.locator('[data-bead]').nth(1).click();
      await page.getByRole('tab', { name: 'Write' }).click();
      await page.getByRole('textbox', { name: 'Remark' }).fill(`Trial ${trial}`);
    },
    isIn: ({ piece }, trial) => (piece?.document.brief.marks ?? []).some(({ remark }) => remark === `Trial ${trial}`),
  },
  {
    name: 'a tag being typed',
    on: 'Pieces',
    changes: 'piece',
    open: async (page) => {
      await page.goto('/pieces');
      await page.getByRole('button', { name: /^Tag / }).first().click();
      await page.getByLabel('Tags, with commas between').waitFor();
    },
    make: async (page, trial) => await page.getByLabel('Tags, with commas between').fill(`trial ${trial}`),
    isIn: ({ records }, trial) => records.piece.some(({ document }) => document.tags?.includes(`trial ${trial}`)),
    beside: {
      // The field is open with the tags of before: one more is added.
      make: async (page, trial) => {
        const field = page.getByLabel('Tags, with commas between');
        await field.fill(`${await field.inputValue()}, beside ${trial}`);
        await page.keyboard.press('Enter');
      },
      isIn: ({ records }, trial) => records.piece.some(({ document }) => document.tags?.includes(`beside ${trial}`)),
    },
  },
  {
    name: 'the aim of a sheet being typed',
    on: 'Sheet',
    changes: 'piece',
    open: openSheetWithAim,
    make: async (page, trial) => await page.getByLabel('Aim (empty: a line to write it on)').fill(`Trial ${trial}`),
    isIn: ({ piece }, trial) => piece?.document.sheet?.aim === `Trial ${trial}`,
  },
  {
    name: 'larger print chosen for a sheet',
    on: 'Sheet',
    changes: 'piece',
    open: openSheet,
    make: async (page) => {
      await page.getByLabel('Print', { exact: true }).selectOption('large');
    },
    isIn: ({ piece }) => piece?.document.sheet?.size === 'large',
  },
];

/** Opens the sheet of the piece that stands on the bench. */
async function openSheet(page: Page): Promise<void> {
  await page.goto(`/sheet?piece=${new URL(page.url()).searchParams.get('piece') ?? ''}`);
  await page.getByLabel('Print', { exact: true }).waitFor();
}

/** Opens the sheet with its aim, which the usual choices leave out. */
async function openSheetWithAim(page: Page): Promise<void> {
  await openSheet(page);
  await page.getByLabel('Aim', { exact: true }).check();
  await page.getByLabel('Aim (empty: a line to write it on)').waitFor();
}

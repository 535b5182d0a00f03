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
];

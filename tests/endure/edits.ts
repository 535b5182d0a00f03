import type { Page } from '@playwright/test';
import type { DocumentName } from '#core/documents';
import { STAGE_STATES } from '#core/drill';
import type { PageName } from '../../src/islands/rooms.ts';
import type { PieceRecord, RecordOf } from '../../src/records/record.ts';
import { storedPieces } from './stored-pieces.ts';

/** What the browser holds afterwards: the piece of the trial (null where it is gone), all records by their kind, and what fields hold. */
export interface Stored {
  readonly piece: PieceRecord | null;
  readonly records: StoredRecords;
  /** What was typed and is not kept anywhere else yet, by field. */
  readonly typed: readonly string[];
}

/** All records that are stored, by kind. */
export type StoredRecords = { readonly [Name in DocumentName]: readonly RecordOf<Name>[] };

/** Something a teacher does, and how it is found again. */
export interface Edit {
  readonly name: string;
  /** The page on which it is made. */
  readonly on: PageName;
  /** The kind of document that it changes; null for a field whose text is only remembered. */
  readonly changes: DocumentName | null;
  /** Goes to where it is made, where that is not the bench; there no other tab has the same piece. */
  readonly open?: (page: Page) => Promise<void>;
  /** Makes it; `trial` tells one from the next. */
  readonly make: (page: Page, trial: number) => Promise<void>;
  readonly isIn: (stored: Stored, trial: number) => boolean;
  /** What another tab changes in the same list at the same time, and how that is found. */
  readonly beside?: Pick<Edit, 'make' | 'isIn'>;
}

/** Minutes of a Monday: another number in each trial, for a while. */
const minutesOf = (trial: number): number => 1 + (trial % 200);

/** Thousandths of what a shift costs in a school. */
const weightOf = (trial: number): number => 1000 + 10 * (trial % 200);

const stateOf = (trial: number): (typeof STAGE_STATES)[number] => STAGE_STATES[trial % STAGE_STATES.length] ?? 'not-yet';

/** Types the name of whatever the form of the Studio shows. */
const typeName = async (page: Page, trial: number): Promise<void> =>
  await page.getByRole('textbox', { name: 'Name' }).fill(`Trial ${trial}`);

/** Clean sets in a row: more than the usual course asks. */
const cleanOf = (trial: number): number => 4 + (trial % 2);

/** Cents, more than any player has. */
const toleranceOf = (trial: number): number => 60 + (trial % 40);

/** When the question of a trial was answered, ms. */
const answeredAt = new Map<number, number>();

/** A piece of the demo that shifts, by its id. */
async function pieceWithShifts(page: Page): Promise<string> {
  const pieces = await storedPieces(page);
  return pieces.find(({ document }) => document.name === 'Martin · B♭ major, up and down')?.id ?? '';
}

const octavesOf = (trial: number): number => 1 + (trial % 2);

/** Every kind, none of them waited for. */
export const EDITS: readonly Edit[] = [
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
      make: async (page, trial) => await page.getByRole('checkbox', { name: 'fifth position', exact: true }).setChecked(trial % 2 === 0),
      isIn: ({ records }, trial) =>
        records.player.some(
          ({ document }) => document.name === `Trial ${trial}` && (document.profile.positions ?? []).includes('5') === (trial % 2 === 0),
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
    },
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
      // The field is open with the tags of before: one more is put to them.
      make: async (page, trial) => {
        const field = page.getByLabel('Tags, with commas between');
        await field.fill(`${await field.inputValue()}, beside ${trial}`);
        await page.keyboard.press('Enter');
      },
      isIn: ({ records }, trial) => records.piece.some(({ document }) => document.tags?.includes(`beside ${trial}`)),
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
      // Another number first, in case it stands there already.
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

import { Type } from '@sinclair/typebox';
import { countText } from '#core/messages';
import { goodReading } from '#core/result';
import type { LimitPart } from './limit-part.ts';

/** The largest number of shifts that can be asked for exactly. */
export const MOST_SHIFTS = 60;

/** The number of shifts more or fewer that are tried where the number asked for is impossible. */
const COUNTS_TRIED = 8;

/** Asks for an exact number of shifts in the whole line. */
export const shifts: LimitPart<number> = {
  schema: Type.Integer({ minimum: 0, maximum: MOST_SHIFTS, description: 'Exactly so many shifts.' }),
  read: (count) => goodReading({ exactShifts: count }),
  smallerSteps: (count) => ({
    steps: countsNear(count).map((near) => ({ value: near, words: `with ${shiftsText(near)} instead` })),
    weigh: 'first',
  }),
  words: {
    name: 'Number of shifts',
    none: 'any number of shifts',
    inSentence: exactText,
    inPrint: exactText,
    asked: exactText,
    leftOut: 'number of shifts',
    whole: 'the number of shifts',
  },
  control: {
    kind: 'count',
    around: ['Exactly', 'shifts in the whole line'],
    label: 'Number of shifts',
    most: MOST_SHIFTS,
    count: (count) => count ?? null,
    set: (count) => count,
  },
  stands: { in: 'rules' },
};

/** Lists other numbers of shifts, the nearest first and of two equally near ones the smaller. */
function countsNear(count: number): readonly number[] {
  const counts = Array.from({ length: 2 * COUNTS_TRIED + 1 }, (_, index) => count - COUNTS_TRIED + index);
  return counts.filter((other) => other >= 0 && other !== count).toSorted((one, other) => Math.abs(one - count) - Math.abs(other - count));
}

/** Writes the number in words: "no shifts", "exactly one shift", "exactly 3 shifts". */
function exactText(count: number): string {
  return count === 0 ? 'no shifts' : `exactly ${count === 1 ? 'one shift' : shiftsText(count)}`;
}

function shiftsText(count: number): string {
  return countText(count, 'shift', 'shifts');
}

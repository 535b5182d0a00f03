import type { Finger } from '#core/hand/placement';
import type { Plan } from '#core/plan/describe';
import { writtenMarks, type WrittenRows } from '../engraving/index.ts';

/** The rows that may be asked for. */
interface AskedRows {
  /** Whether the work of the fingers is shown. */
  readonly fingers: boolean;
  /** Whether tones and semitones are shown. */
  readonly steps: boolean;
  /** Whether the place of the bow is shown. */
  readonly bow: boolean;
}

/** Gives the rows a staff needs: for the teacher's marks, and for what is shown under it. */
export function rowsOf(plan: Plan, { fingers, steps, bow }: AskedRows): WrittenRows {
  const { rows } = writtenMarks(plan.brief);
  return { ...rows, bows: rows.bows || bow, steps, lanes: fingers ? lanesOf(plan).length : 0, bow };
}

/** Lists the fingers that have a lane, the highest first: the thumb only where it plays. */
export function lanesOf({ notes }: Plan): readonly Finger[] {
  const thumb = notes.some((note) => note.kind === 'note' && note.stops.some(({ finger }) => finger === 'T'));
  return ['4', '3', '2', '1', ...(thumb ? (['T'] as const) : [])];
}

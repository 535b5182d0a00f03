import type { GivenFingering } from '#core/given';
import type { Plan } from '#core/plan/describe';
import { weighedText } from '../explain/weighed.ts';
import { mmText } from '../plan-words.ts';

/** The words of the table in which the fingerings of several scores are told. */
export const GIVEN_TABLE = {
  title: 'Their fingerings, read and compared with ours',
  columns: ['Score', 'Fingered', 'Likely misprints', 'No hand of ours', 'Shifts (ours)', 'Widest reach', 'Fingered differently', 'Overall'],
  waiting: 'is being read …',
  none: 'no fingers, strings or positions in it',
} as const;

/** Writes the figures of one fingering, for the columns after the name of the score. */
export function figuresOf({ plan, completed, doubts, against }: GivenFingering): readonly string[] {
  const sounding = plan.notes.filter(({ kind }) => kind === 'note').length;
  return [
    `${sounding - completed.length} of ${sounding}`,
    String(doubts.length),
    String(plan.notOneHand.length),
    against ? `${plan.shifts.length} (${against.plan.shifts.length})` : String(plan.shifts.length),
    mmText(widestReach(plan)),
    against ? `${against.differsAt.length} of ${sounding}` : '–',
    against?.deltaThousandths == null ? '–' : weighedText(against.deltaThousandths),
  ];
}

function widestReach({ notes }: Plan): number {
  return Math.max(0, ...notes.map((note) => (note.kind === 'note' && note.reach ? note.reach.needMm : 0)));
}

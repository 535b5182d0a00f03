import type { Plan } from '#core/plan/describe';
import { drillIssue } from '#core/messages';
import { keyLabel } from '#core/key';
import { badReading, goodReading, type Reading } from '#core/result';
import { bestOf, type DrillFor, drillBrief, type Written } from '#core/drill';
import { type LoopPlace, loopWritten } from '#core/drill/hot-spots';
import type { FamilyOf } from '../request.ts';

/** The length of the notes of a loop before it is written. */
const QUARTER = '1/4';

/**
 * Turns a loop of a hot spot or a note into a drill that can be asked for: its notes as the plan fingers them, the fingers as the school
 * has them, unchecked.
 */
export function loopAsked(plan: Plan, { kind, loop: places }: Pick<LoopPlace, 'kind' | 'loop'>): FamilyOf<'loop'> {
  // The plan's loop goes there and back, and the drill writes the way back itself.
  const { measures } = loopWritten(plan, places, { checks: false });
  const there = measures.flat().flatMap((note) => ('rest' in note ? [] : [note]));
  const notes = there.slice(0, Math.ceil(there.length / 2)).map(({ pitches, fingered }) => ({ pitches: [...pitches], fingered }));
  return { family: 'loop', kind, notes, fingers: 'as-taught', checks: false };
}

/** Writes the loop there and back, checked at its ends where that is asked for. */
export function loop(player: DrillFor, key: string, { notes, checks }: FamilyOf<'loop'>): Reading<Written> {
  const plan = bestOf(
    drillBrief(
      player,
      key,
      notes.map((note) => ({ ...note, duration: QUARTER })),
    ),
  );
  if (!plan) return badReading(drillIssue('not-here', { key: keyLabel(key) }));
  return goodReading(
    loopWritten(
      plan,
      plan.notes.map((_, index) => index),
      { checks },
    ),
  );
}

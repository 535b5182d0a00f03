import type { DrillOfCover, ShiftCover, ShiftNeed } from '#core/drill/cover';
import { countText, listText } from '#core/messages';
import { shiftClassText } from './families.ts';

/** The words of the drills that cover all pieces. */
export const COVER = {
  tab: 'For all pieces',
  waiting: 'Fingering all pieces, and writing and comparing drills. This takes a few seconds …',
  none: 'The pieces of this player have no shifts yet.',
  inWeek: 'Put all of them in the week',
  fewest: 'These are the fewest there can be.',
  shifts: 'Every kind of shift in these pieces',
  left: 'No drill of ours has these shifts; take them apart one by one.',
  columns: ['Shift', 'Places', 'Missed', 'Drill'],
} as const;

/** Writes what the drills cover: "7 drills cover 112 of 131 shifts in 9 pieces." */
export function coverText({ drills, covered, shifts }: ShiftCover, pieces: number): string {
  return `${countText(drills.length, 'drill covers', 'drills cover')} ${covered} of ${countText(shifts, 'shift', 'shifts')} in ${countText(pieces, 'piece', 'pieces')}.`;
}

/** Writes whether there can be fewer drills. */
export function fewestText({ drills, leastDrills }: ShiftCover): string {
  return leastDrills >= drills.length ? COVER.fewest : `There cannot be fewer than ${leastDrills}; the search stopped after ten seconds.`;
}

/** The number of kinds of shifts that a drill names. */
const MOST_NAMED = 2;

/** Writes what a drill of the cover is for: "For 14 shifts: 1–3 up 2 positions on A and 3 more kinds; missed 6 times." */
export function coversText({ needs: own, adds, missed }: DrillOfCover, needs: readonly ShiftNeed[]): string {
  const kinds = own.flatMap((index) => needs[index] ?? []);
  const named = kinds.slice(0, MOST_NAMED).map(({ shiftClass }) => shiftClassText(shiftClass));
  const more = kinds.length - named.length;
  const all = listText(more > 0 ? [...named, countText(more, 'other kind', 'other kinds')] : named);
  return `For ${countText(adds, 'shift', 'shifts')}: ${all}${missed > 0 ? `; missed ${countText(missed, 'time', 'times')}` : ''}.`;
}

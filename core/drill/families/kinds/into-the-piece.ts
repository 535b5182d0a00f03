import type { Brief } from '#core/brief';
import { isPlayed, type Drill } from '#core/drill';
import type { MeasuresOfPiece } from '../request.ts';

/** Lets a drill go on into measures of a piece, in their meter; leaves them out where no hand plays both in a row, and says so. */
export function leadingInto({ brief, altered }: Drill, { meter, notes, locks }: MeasuresOfPiece): Drill {
  if (brief.material.kind !== 'line') return { brief, altered };
  const drilled = brief.material.notes;
  const joined: Brief = {
    ...brief,
    rhythm: { meter },
    material: { ...brief.material, notes: [...drilled, ...notes] },
    locks: [...(brief.locks ?? []), ...locks.map((lock) => ({ ...lock, note: lock.note + drilled.length }))],
  };
  return isPlayed(joined) ? { brief: joined, altered } : { brief, altered: [...altered, { what: 'without-the-piece' }] };
}

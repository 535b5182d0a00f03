import type { Brief } from '#core/brief';
import { isPlayed, type Drill } from '#core/drill';
import type { MeasuresOfPiece } from '../request.ts';

/** A drill that goes on into measures of a piece, in their meter; without them where no hand plays both in a row, which is said. */
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

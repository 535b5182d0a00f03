import type { Line } from '#core/material/line';
import { type Issue, lockIssue } from '#core/messages';
import type { LockedBow, Rhythm } from '#core/rhythm';

/**
 * Reports what is wrong with the locked bows: each must lie in the line, go over no rest, and begin after the one before; null where all is
 * well.
 */
export function lockedBowsIssue({ lockedBows = [] }: Rhythm, { notes }: Line): Issue | null {
  for (const [order, bow] of lockedBows.entries()) {
    const pointer = `/rhythm/lockedBows/${order}`;
    if (bow.from > bow.to || bow.to >= notes.length) return lockIssue('bow-outside-line', { ...bow, count: notes.length }, { pointer });
    const before: LockedBow | undefined = lockedBows[order - 1];
    if (before && bow.from <= before.to) return lockIssue('bows-overlap', { note: bow.from }, { note: bow.from, pointer });
    const rest = notes.slice(bow.from, bow.to + 1).findIndex(({ kind }) => kind === 'rest');
    if (rest >= 0) return lockIssue('bow-over-rest', { note: bow.from + rest }, { note: bow.from + rest, pointer });
  }
  return null;
}

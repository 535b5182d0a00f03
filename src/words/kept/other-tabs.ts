/** The words for a change taken over from another tab. */
export const CHANGED_ELSEWHERE = 'This piece was changed in another tab; this is how it is now. Undo goes back to how it was here.';

/** The words for two tabs that change one piece at once. */
export const CHANGED_IN_BOTH =
  'This piece is being changed in another tab, too. It has both changes now; where both changed the same thing, the change made here counts, and the other is under History, “Earlier versions”.';

/** Writes that the same piece is changed in the list here and in another tab. */
export function changedInBothText(title: string): string {
  return `“${title}” was changed in another tab, too. It has both changes now; where both changed the same thing, the change made here counts, and the other is on the bench under History, “Earlier versions”.`;
}

/** The words for a change of another tab to a player, an instrument or a school that stands here. */
export const CHANGED_ELSEWHERE_STUDIO = 'This was changed in another tab; this is how it is now.';

/** The words for two tabs that changed one of them at once. */
export const CHANGED_IN_BOTH_STUDIO =
  'This was changed in another tab, too. It has both changes now; where both changed the same field, the change made here counts, and the other is under “Earlier versions”.';

/** The words for an earlier version of a player, an instrument or a school that was brought back. */
export const BROUGHT_BACK_STUDIO = 'The earlier version is back. What you had until now is under “Earlier versions”.';

/** The words for a piece on the bench whose record is gone. */
export const PIECE_GONE =
  'This piece is no longer in the browser’s storage: it was deleted in another tab, or the storage was emptied. It is still here.';

/** The words for another tab with the same piece on its bench. */
export const OPEN_TWICE = 'This piece is open in another tab, too. Each tab follows what the other changes.';

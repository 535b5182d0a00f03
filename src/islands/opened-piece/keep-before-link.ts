import { saveSoon, workStore } from '../../state/bench/index.ts';

/**
 * Writes a new piece that nobody has changed yet when a link to another of its pages is followed: that page would not find it, and would
 * open the last piece, perhaps another player’s.
 */
export function keepBeforeLink({ target }: Event): void {
  const link = target instanceof Element ? target.closest('a') : null;
  const { pieceId, base } = workStore.getState();
  if (!(link instanceof HTMLAnchorElement) || base !== null || pieceId === null) return;
  if (new URLSearchParams(link.search).get('piece') === pieceId) saveSoon();
}

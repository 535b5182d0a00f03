import { useEffect } from 'react';

/** Puts the name of the piece before the name of the page; null leaves the page its own title. */
export function usePageTitle(page: string, piece: string | null): void {
  useEffect(() => {
    if (piece !== null) document.title = `${piece} · ${page} · Dove Path`;
  }, [page, piece]);
}

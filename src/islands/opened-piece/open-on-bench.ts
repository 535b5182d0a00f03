import { switchPiece } from '../../state/bench/index.ts';

/** Puts another piece on the bench without leaving the page; with null a new one. The address follows, and "back" returns. */
export function openOnBench(id: string | null): void {
  void switchPiece(id).then((opened) => {
    const address = new URL(location.href);
    address.searchParams.set('piece', opened);
    history.pushState(null, '', address);
  });
}

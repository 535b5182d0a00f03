import { useEffect, useState } from 'react';
import { bringStudio, keepWorking, newPiece, openPiece } from '../store/bench-work.ts';

/**
 * Opens the piece named in the address, the last one, or a new one, and keeps planning and saving it; null while all is
 * well, else what the database said.
 */
export function useOpenedPiece(): string | null {
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    let stop = (): void => undefined;
    let gone = false;
    void openFromAddress()
      .catch((error: unknown) => {
        setTrouble(error instanceof Error ? error.message : 'unknown error');
        newPiece();
      })
      .then(() => {
        if (gone) return;
        stop = keepWorking();
      });
    return () => {
      gone = true;
      stop();
    };
  }, []);
  return trouble;
}

/** The address then names the piece, and keeps whatever else it says. */
async function openFromAddress(): Promise<void> {
  if (document.documentElement.dataset['demo'] === 'yes') await (await import('../store/demo.ts')).seedDemoOnce();
  await bringStudio();
  const address = new URL(location.href);
  const id = address.searchParams.has('new') ? newPiece() : await openPiece(address.searchParams.get('piece'));
  address.searchParams.delete('new');
  address.searchParams.set('piece', id);
  history.replaceState(null, '', address);
}

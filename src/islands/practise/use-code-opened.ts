import { useEffect, useRef, useState } from 'react';
import type { PlayerRecord } from '../../records/record.ts';

/** The part of an address behind which a scanned code carries its piece. */
const CODE = '#brief=';

/** Opens the piece of a scanned code on the stand, once, for whoever is taught here; gives why it cannot be played, null otherwise. */
export function useCodeOpened(player: PlayerRecord | null): string | null {
  const [trouble, setTrouble] = useState<string | null>(null);
  const opened = useRef(false);
  useEffect(() => {
    if (opened.current || !location.hash.startsWith(CODE)) return;
    opened.current = true;
    const text = location.hash.slice(CODE.length);
    // The page is read again later without beginning another session.
    history.replaceState(history.state, '', location.pathname + location.search);
    const whose = { playerId: player?.id ?? null, name: player?.document.name ?? '' };
    void import('../../state/practice/open-on-stand.ts')
      .then(async ({ openOnStand }) => setTrouble(await openOnStand(text, whose)))
      .catch((error: unknown) => setTrouble(error instanceof Error ? error.message : String(error)));
  });
  return trouble;
}

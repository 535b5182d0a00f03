import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { BEFORE_FIRST, type LivePlace } from '#core/listening/live';
import type { Plan } from '#core/plan/describe';
import type { LiveListening, NoMicrophone } from '../../audio/index.ts';

/** The state of listening while somebody plays. */
export type LiveState =
  | { readonly state: 'off' | 'asking' | 'failed' }
  | { readonly state: 'no-microphone'; readonly why: NoMicrophone }
  | { readonly state: 'on'; readonly place: LivePlace };

/** This comes when somebody wants to be listened to. */
const loadLive = () => import('../../audio/takes/listen-live.ts');

/** Listens while a line is played, until it is stopped or the page is left. */
export function useLive(plan: Plan) {
  const [live, setLive] = useState<LiveState>({ state: 'off' });
  const listening = useRef<LiveListening | null>(null);
  const begun = useRef(0);
  const stop = (): void => {
    begun.current += 1;
    void listening.current?.close();
    listening.current = null;
    setLive({ state: 'off' });
  };
  const leave = useEffectEvent(stop);
  useEffect(() => () => leave(), []);
  const begin = async (): Promise<void> => {
    begun.current += 1;
    const own = begun.current;
    const isWanted = (): boolean => own === begun.current;
    setLive({ state: 'asking' });
    const { listenLive } = await loadLive();
    const opened = await listenLive(plan, {
      onPlace: (place) => isWanted() && setLive({ state: 'on', place }),
      onEnd: () => isWanted() && stop(),
    });
    if (typeof opened === 'string') return isWanted() ? setLive({ state: 'no-microphone', why: opened }) : undefined;
    // While the browser asked, it was stopped, or the page was left.
    if (!isWanted()) return void opened.close();
    listening.current = opened;
    setLive({ state: 'on', place: BEFORE_FIRST });
  };
  return { live, begin: () => void begin().catch(() => setLive({ state: 'failed' })), stop };
}

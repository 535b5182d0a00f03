import { useEffect, useState } from 'react';
import type { Heard, NoMicrophone } from '../../audio/index.ts';

/** The interval at which the microphone is listened to, ms. */
const EVERY_MS = 150;

/** The result of listening. */
export type Listening =
  | { readonly state: 'opening' }
  | { readonly state: 'none'; readonly why: NoMicrophone }
  | { readonly state: 'open'; readonly heard: Heard };

/** Listens to the microphone while it is wanted; null while it is not. */
export function useMicrophone(wanted: boolean): Listening | null {
  const [listening, setListening] = useState<Listening>({ state: 'opening' });
  useEffect(() => {
    if (!wanted) return;
    let gone = false;
    let close = (): void => undefined;
    void (async () => {
      const [{ openMicrophone }, { listen: heard }] = await Promise.all([
        import('../../audio/microphone.ts'),
        import('../../audio/heard.ts'),
      ]);
      const microphone = await openMicrophone();
      if (typeof microphone === 'string') return gone ? undefined : setListening({ state: 'none', why: microphone });
      const timer = setInterval(() => setListening({ state: 'open', heard: heard(microphone.read(), microphone.sampleRate) }), EVERY_MS);
      close = () => {
        clearInterval(timer);
        microphone.close();
      };
      if (gone) close();
    })();
    return () => {
      gone = true;
      close();
      setListening({ state: 'opening' });
    };
  }, [wanted]);
  return wanted ? listening : null;
}

import { useEffect, useState } from 'react';
import type { Heard, HeardTogether, NoMicrophone } from '../../audio/index.ts';

/** The interval at which the microphone is listened to, ms. */
const EVERY_MS = 150;

/** The result of listening. */
export type Listening =
  | { readonly state: 'opening' }
  | { readonly state: 'none'; readonly why: NoMicrophone }
  | {
      readonly state: 'open';
      readonly heard: Heard;
      /** The two strings that are bowed together; null where only one is heard. */
      readonly together: HeardTogether | null;
    };

/** Listens to the microphone while it is wanted, for one string and for two, Hz, the lower first; null while it is not. */
export function useMicrophone(wanted: boolean, lowHz: number | null = null, highHz: number | null = null): Listening | null {
  const [listening, setListening] = useState<Listening>({ state: 'opening' });
  useEffect(() => {
    if (!wanted) return;
    let gone = false;
    let close = (): void => undefined;
    void (async () => {
      const [{ openMicrophone }, { listen: heard }, { hearTogether }] = await Promise.all([
        import('../../audio/microphone.ts'),
        import('../../audio/heard.ts'),
        import('../../audio/heard-together.ts'),
      ]);
      const microphone = await openMicrophone();
      if (typeof microphone === 'string') return gone ? undefined : setListening({ state: 'none', why: microphone });
      const timer = setInterval(() => {
        const [samples, rate] = [microphone.read(), microphone.sampleRate];
        const one = heard(samples, rate);
        const isSounding = one.kind === 'pitch' || one.kind === 'unclear';
        const together = isSounding && lowHz !== null && highHz !== null ? hearTogether(samples, rate, [lowHz, highHz]) : null;
        setListening({ state: 'open', heard: one, together });
      }, EVERY_MS);
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
  }, [wanted, lowHz, highHz]);
  return wanted ? listening : null;
}

import { useEffect, useState } from 'react';
import type { BeatNow } from '#core/practice/metronome';
import { beatNow } from '../../audio/index.ts';

/** Gives the beat that is heard, from its beginning on; null in silence. */
export function useBeat(sounds: boolean): BeatNow | null {
  const [beat, setBeat] = useState<BeatNow | null>(null);
  useEffect(() => {
    if (!sounds) return;
    let frame = requestAnimationFrame(function look() {
      const now = beatNow();
      setBeat((before) => (before?.beat === now?.beat && before?.measure === now?.measure ? before : now));
      frame = requestAnimationFrame(look);
    });
    return () => cancelAnimationFrame(frame);
  }, [sounds]);
  return sounds ? beat : null;
}

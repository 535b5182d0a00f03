import { useState } from 'react';
import type { Along } from '../../state/backup/index.ts';
import { type FILE_UNDER_WAY, STOPPED } from '../../words/kept/backup.ts';

/** The long work on a file: which, how far it is, and the way to stop it. */
interface UnderWay {
  readonly work: keyof typeof FILE_UNDER_WAY;
  readonly share: number;
  readonly onStop: () => void;
}

/** Shows long work on a file while it goes on; where it is stopped, that is said instead of its result. */
export function useUnderWay(): {
  readonly underWay: UnderWay | null;
  readonly during: (work: UnderWay['work'], run: (along: Along) => Promise<string | null>) => Promise<string | null>;
} {
  const [underWay, setUnderWay] = useState<UnderWay | null>(null);
  const during = async (work: UnderWay['work'], run: (along: Along) => Promise<string | null>): Promise<string | null> => {
    const stopping = new AbortController();
    const onStop = (): void => stopping.abort();
    try {
      return await run({
        signal: stopping.signal,
        onProgress: (share) => setUnderWay({ work, share, onStop }),
      });
    } catch (error) {
      if (stopping.signal.aborted) return STOPPED;
      throw error;
    } finally {
      setUnderWay(null);
    }
  };
  return { underWay, during };
}

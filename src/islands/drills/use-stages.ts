import { useEffect, useState } from 'react';
import type { StageName, StageState } from '#core/drill';
import { useWork } from '../../state/bench/work.ts';
import { keep } from '../../state/keeping/keep.ts';
import type { StagesRecord } from '../../storage/database.ts';
import { readyToRead } from '../../storage/first-start.ts';
import { loadStages, stateOf, withStage } from '../../storage/stages.ts';

/** How far a player is with shifts, as this page knows it; `loaded` is false until it has been read. */
interface Known {
  readonly loaded: boolean;
  readonly record: StagesRecord | null;
}

/** How far the player of the piece is with a shift, and how it is set; `trouble` is why it could not be read or kept. */
export function useStages(shift: string) {
  const playerId = useWork((work) => work.playerId);
  const name = useWork(({ brief }) => brief.player?.name ?? '');
  const [{ loaded, record }, setKnown] = useState<Known>({ loaded: false, record: null });
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    const read = async (): Promise<void> => {
      await readyToRead();
      const found = await loadStages(playerId);
      if (!gone) setKnown({ loaded: true, record: found });
    };
    read().catch((error: unknown) => setTrouble(error instanceof Error ? error.message : null));
    return () => {
      gone = true;
    };
  }, [playerId]);
  const set = (stage: StageName, state: StageState): void => {
    const next = withStage(record, { playerId, name, shift, stage, state });
    setKnown({ loaded, record: next });
    void keep('stages', next, record).then(async (outcome) => {
      if (outcome?.ok === false) setTrouble(outcome.message);
      const kept = outcome?.ok === false ? await outcome.later : outcome;
      if (!kept) return;
      setTrouble(null);
      // What was set meanwhile is on its way, and follows from this.
      setKnown((now) => (now.record === next ? { loaded: true, record: kept.record } : now));
    });
  };
  return { loaded, stateOf: (stage: StageName): StageState => stateOf(record, shift, stage), set, trouble };
}

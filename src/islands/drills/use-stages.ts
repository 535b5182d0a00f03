import { useEffect, useState } from 'react';
import type { StageName, StageState } from '#core/drill';
import { useWork } from '../../state/bench/work.ts';
import type { StagesRecord } from '../../storage/database.ts';
import { keepStages, loadStages, stateOf, withStage } from '../../storage/stages.ts';

/** How far the player of the piece is with a shift, and how it is set; `trouble` is why it could not be kept. */
export function useStages(shift: string) {
  const playerId = useWork((work) => work.playerId);
  const name = useWork(({ brief }) => brief.player?.name ?? '');
  const [record, setRecord] = useState<StagesRecord | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    void loadStages(playerId).then(
      (found) => !gone && setRecord(found),
      (error: unknown) => !gone && setTrouble(error instanceof Error ? error.message : null),
    );
    return () => {
      gone = true;
    };
  }, [playerId]);
  const set = (stage: StageName, state: StageState): void => {
    const next = withStage(record, { playerId, name, shift, stage, state });
    setRecord(next);
    keepStages(next, record).then(
      (kept) => setRecord((now) => (now === next ? kept : now)),
      (error: unknown) => setTrouble(error instanceof Error ? error.message : null),
    );
  };
  return { stateOf: (stage: StageName): StageState => stateOf(record, shift, stage), set, trouble };
}

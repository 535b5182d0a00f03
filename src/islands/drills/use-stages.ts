import type { StageName, StageState } from '#core/drill/apart';
import { useWork } from '../../state/bench/index.ts';
import { stateOf, withStage } from '../../records/stages.ts';
import { useRecords } from '../../state/reading/index.ts';

/** Gives the stages of the player of the piece with a shift, and sets them; changes of another tab are shown as they come. */
export function useStages(shift: string) {
  const playerId = useWork((work) => work.playerId);
  const name = useWork(({ brief }) => brief.player?.name ?? '');
  const { records, trouble, elsewhere, keep, bringBack } = useRecords({
    name: 'stages',
    of: playerId ?? '',
    belongs: (record) => record.playerId === playerId,
  });
  const record = records?.[0] ?? null;
  const set = (stage: StageName, state: StageState): void => keep(withStage(record, { playerId, name, shift, stage, state }), record);
  return {
    record,
    loaded: records !== null,
    stateOf: (stage: StageName): StageState => stateOf(record, shift, stage),
    set,
    bringBack,
    trouble,
    elsewhere,
  };
}

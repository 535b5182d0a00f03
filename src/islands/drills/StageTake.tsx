import { useMemo } from 'react';
import type { Stage, StageState } from '#core/drill/apart';
import { dueNotes } from '#core/listening';
import { missesOf } from '#core/listening/report';
import { judgeStage } from '#core/listening/stand';
import type { Plan } from '#core/plan/describe';
import { FIRST_TOLERANCE } from '#core/trends';
import { answerOf } from '../../engine/index.ts';
import { useWork } from '../../state/bench/index.ts';
import { SET_FOR_PLAYER, useStored } from '../../state/reading/index.ts';
import { type ReadTake, useTake } from '../../state/takes/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Play } from '../../ui/icons.ts';
import { STAGE_TAKE, STATE_WORDS } from '../../words/drills/stages.ts';
import { tellNotesOfPlan, noteAtText } from '../../words/line/note-places.ts';
import { stageJudgedText } from '../../words/practice/by-ear.ts';
import { RecordButton, TakeStatus } from '../recording/index.ts';

/** A stage to record, and the player’s state with it. */
export interface StageTakeProps {
  readonly stage: Stage;
  /** The plan of the stage. */
  readonly plan: Plan;
  readonly state: StageState;
  readonly onClean: () => void;
}

/** Records a stage, and says whether it was passed. */
export function StageTake({ stage, plan, state, onClean }: StageTakeProps) {
  const { take, record, stop, simulate } = useTake(plan, 'nothing');
  return (
    <div role="group" aria-label={STAGE_TAKE.title} className="mb-2 basis-full border-l-2 border-line pl-4">
      <p className="flex flex-wrap gap-2">
        <RecordButton state={take.state} stop={STAGE_TAKE.stop} onRecord={record} onStop={stop} />
        <Button disabled={take.state === 'recording'} onClick={() => simulate({ kind: 'none' })}>
          <Play size={15} aria-hidden="true" /> {STAGE_TAKE.simulate}
        </Button>
      </p>
      <div role="status" aria-label={STAGE_TAKE.heard} className="mt-1">
        {take.state === 'none' ? (
          <p className="text-dove-dark">{STAGE_TAKE.none}</p>
        ) : take.state === 'read' ? (
          <Judged stage={stage} take={take} state={state} onClean={onClean} />
        ) : (
          <TakeStatus take={take} />
        )}
      </div>
    </div>
  );
}

interface JudgedProps extends Omit<StageTakeProps, 'plan'> {
  readonly take: ReadTake;
}

/** Says whether a stage was passed, and offers to note it; a simulated player passes nothing. */
function Judged({ stage, take: { plan, reading, simulated }, state, onClean }: JudgedProps) {
  const playerId = useWork((work) => work.playerId);
  const tolerance = answerOf(useStored(SET_FOR_PLAYER, playerId))?.tolerance?.cents ?? FIRST_TOLERANCE;
  const judged = useMemo(() => {
    const due = dueNotes(plan);
    return judgeStage(stage.name, due, reading, missesOf(plan, due, reading, tolerance));
  }, [stage.name, plan, reading, tolerance]);
  const tell = tellNotesOfPlan(plan);
  return (
    <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span>{stageJudgedText(judged, tolerance, (note) => noteAtText(tell(note), note))}</span>
      {judged.judged === 'clean' && !simulated && (state === 'not-yet' || state === 'understood') && (
        <Button onClick={onClean}>{STAGE_TAKE.setTo(STATE_WORDS.clean)}</Button>
      )}
    </p>
  );
}

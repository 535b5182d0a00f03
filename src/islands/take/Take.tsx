import { Fragment, useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Play } from '../../ui/icons.ts';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { OpenFileButton } from '../../ui/OpenFileButton.tsx';
import { guardIsland } from '../../ui/states/index.ts';
import { PAIRS } from '../../words/intonation/pairs.ts';
import { LIVE } from '../../words/intonation/live.ts';
import { RECORD, TAKE_PAGE } from '../../words/intonation/takes.ts';
import { Addressed } from '../frame/index.ts';
import { PlannedPage, type PlannedPiece } from '../opened-piece/index.ts';
import { RecordButton, TakeStatus } from '../recording/index.ts';
import { PathScore } from '../score/index.ts';
import { LivePanel } from './LivePanel.tsx';
import { PairsToHear } from './PairsToHear.tsx';
import { faultOf } from './simulated/fault.ts';
import { FIRST_CHOSEN, TakeChoices } from './TakeChoices.tsx';
import { TakeRead } from './TakeRead.tsx';
import { useTake } from '../../state/takes/index.ts';

/** Reads a take of a piece against its plan. */
export const Take = guardIsland(GuardedTake);

function GuardedTake() {
  return (
    <Addressed>
      <PlannedPage name="Take" waiting={TAKE_PAGE.waiting}>
        {(piece) => <TakeOf piece={piece} />}
      </PlannedPage>
    </Addressed>
  );
}

function TakeOf({ piece }: { readonly piece: PlannedPiece }) {
  const { plan } = piece;
  const [chosen, choose] = useState(FIRST_CHOSEN);
  const { take, visit, simulate, open, record, stop } = useTake(plan, chosen.along);
  const isRecording = take.state === 'recording';
  const live = <LivePanel plan={plan} playerId={piece.playerId} toleranceCents={Number(chosen.tolerance)} />;
  const pairs = <PairsToHear plan={plan} playerId={piece.playerId} />;
  return (
    <>
      <TakeChoices plan={plan} chosen={chosen} onChoose={choose} />
      <p className="mt-1 flex flex-wrap gap-2">
        <RecordButton state={take.state} stop={RECORD.stop} onRecord={record} onStop={stop} />
        <Button disabled={isRecording} onClick={() => simulate(faultOf(plan, chosen), chosen.place)}>
          <Play size={15} aria-hidden="true" /> Play and read it
        </Button>
        <OpenFileButton label="A recording of the line" accept="audio/*" onFile={open} />
      </p>
      <div role="status" aria-label="The take" className="mt-2">
        <TakeStatus take={take} />
      </div>
      {!isRecording && take.state !== 'read' && live}
      {take.state === 'read' ? (
        <Fragment key="read">
          <TakeRead piece={piece} take={take} visit={visit} toleranceCents={Number(chosen.tolerance)} />
          <OpenedSection title={LIVE.title}>{() => live}</OpenedSection>
          <OpenedSection title={PAIRS.title}>{() => pairs}</OpenedSection>
        </Fragment>
      ) : (
        <Fragment key="line">
          <PathScore plan={plan} name="the line" />
          <OpenedSection title={PAIRS.title}>{() => pairs}</OpenedSection>
        </Fragment>
      )}
    </>
  );
}

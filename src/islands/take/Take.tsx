import { useState } from 'react';
import type { Finger } from '#core/hand/placement';
import type { Plan } from '#core/plan/describe';
import { answerOf } from '../../engine/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { Choice } from '../../ui/fields/index.ts';
import { Mic, Play, Square } from '../../ui/icons.ts';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { OpenFileButton } from '../../ui/OpenFileButton.tsx';
import { Answered, guardIsland, Notice } from '../../ui/states/index.ts';
import { FAULT_LABELS, TAKE_PAGE } from '../../words/intonation/takes.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { fingerName } from '../../words/plan-words.ts';
import { Addressed, PageShell, usePageTitle } from '../frame/index.ts';
import { type PlannedPiece, usePlanned } from '../opened-piece/index.ts';
import { PathScore } from '../score/index.ts';
import { TakeRead } from './TakeRead.tsx';
import { TakeStatus } from './TakeStatus.tsx';
import { useTake } from './use-take.ts';

/** Reads a take of a piece against its plan. */
export const Take = guardIsland(GuardedTake);

function GuardedTake() {
  return (
    <Addressed>
      <TakePage />
    </Addressed>
  );
}

function TakePage() {
  const id = new URL(location.href).searchParams.get('piece');
  const asked = usePlanned(id);
  const come = answerOf(asked);
  const title = come === null || typeof come === 'string' ? TAKE_PAGE.title : titleOf(come);
  usePageTitle(TAKE_PAGE.title, title === TAKE_PAGE.title ? null : title);
  return (
    <PageShell current="Take" title={title} pieceId={id}>
      <Answered asked={asked} waiting={TAKE_PAGE.waiting}>
        {(piece) => (typeof piece === 'string' ? <NoPiece why={piece} /> : <TakeOf piece={piece} />)}
      </Answered>
    </PageShell>
  );
}

function titleOf({ name, plan }: PlannedPiece): string {
  return pieceTitle({ name, brief: plan.brief });
}

function NoPiece({ why }: { readonly why: string }) {
  return (
    <>
      <p role="alert">{why}</p>
      <NextSteps>
        <ButtonLink href="/pieces">Choose a piece</ButtonLink>
      </NextSteps>
    </>
  );
}

/** The tolerances within which a note is in tune, cents. */
const TOLERANCES = ['5', '10', '15', '20', '30'] as const;

const FAULTS = ['none', 'finger', 'shifts', 'slips'] as const;

function TakeOf({ piece: { id, plan } }: { readonly piece: PlannedPiece }) {
  const { take, simulate, open, record, stop } = useTake(plan);
  const isRecording = take.state === 'recording';
  const [kind, setKind] = useState<(typeof FAULTS)[number]>('finger');
  const fingers = fingersOf(plan);
  const [chosen, setFinger] = useState<Finger>('3');
  const [tolerance, setTolerance] = useState<(typeof TOLERANCES)[number]>('10');
  const finger = fingers.includes(chosen) ? chosen : (fingers[0] ?? '1');
  if (hasDoubleStops(plan)) return <Notice className="mt-3">{TAKE_PAGE.doubleStops}</Notice>;
  return (
    <>
      <p className="mt-2 font-serif text-[19px] leading-[1.75]">
        Record this line, open a recording of it, or let a simulated player play it{' '}
        <Choice label="The simulated player" value={kind} values={FAULTS} name={(value) => FAULT_LABELS[value]} onChange={setKind} />
        {kind === 'finger' && (
          <>
            : <Choice label="The finger that lies flat" value={finger} values={fingers} name={fingerName} onChange={setFinger} />
          </>
        )}
        . A note is in tune within{' '}
        <Choice label="In tune within" value={tolerance} values={TOLERANCES} name={(value) => `${value} cents`} onChange={setTolerance} />.
      </p>
      <p className="mt-1 flex flex-wrap gap-2">
        <Button aria-pressed={isRecording} disabled={take.state === 'asking'} onClick={isRecording ? stop : record}>
          {isRecording ? <Square size={15} aria-hidden="true" /> : <Mic size={15} aria-hidden="true" />}
          {isRecording ? 'Stop and read it' : 'Record'}
        </Button>
        <Button disabled={isRecording} onClick={() => simulate(kind === 'finger' ? { kind, finger } : { kind })}>
          <Play size={15} aria-hidden="true" /> Play and read it
        </Button>
        <OpenFileButton label="A recording of the line" accept="audio/*" onFile={open} />
      </p>
      <div role="status" aria-label="The take" className="mt-2">
        <TakeStatus take={take} />
      </div>
      {take.state === 'read' ? (
        <TakeRead plan={plan} pieceId={id} sound={take.sound} reading={take.reading} toleranceCents={Number(tolerance)} />
      ) : (
        <PathScore plan={plan} name="the line" />
      )}
    </>
  );
}

/** Lists the fingers that play in a plan. */
function fingersOf({ notes }: Plan): readonly Finger[] {
  const playing = new Set(notes.flatMap((note) => (note.kind === 'note' ? note.stops.map(({ finger }) => finger) : [])));
  return (['1', '2', '3', '4', 'T'] as const).filter((finger) => playing.has(finger));
}

function hasDoubleStops({ notes }: Plan): boolean {
  return notes.some((note) => note.kind === 'note' && note.stops.length > 1);
}

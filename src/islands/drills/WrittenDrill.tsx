import { Printer } from '../../ui/icons.ts';
import { type ReactNode, useState } from 'react';
import type { Brief } from '#core/brief';
import { lineTextOf } from '#core/brief/lines';
import type { Drill } from '#core/drill';
import type { DrillRequest } from '#core/drill/families';
import { issuesText } from '#core/messages';
import { answerOf, useEngine } from '../../engine/index.ts';
import { playPlan, silence, useSound } from '../../state/sound/index.ts';
import { workStore } from '../../state/bench/index.ts';
import { pieceOf } from '../../records/piece-documents.ts';
import { newPieceRecord } from '../../records/new-records.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { Answered, Notice } from '../../ui/states/index.ts';
import { alterationText, bowsText, drillTitle } from '../../words/drills/families.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';
import { Caution } from '../parts/index.ts';
import { keepOrThrow, wordsBesideHead } from '../../state/keeping/index.ts';
import { PathScore } from '../score/index.ts';
import { FingersOnly } from './FingersOnly.tsx';

interface WrittenProps {
  /** The brief of the piece it is written from, which names the player. */
  readonly brief: Brief;
  readonly request: DrillRequest;
  /** The note of the piece that called for it. */
  readonly note: number | null;
  /** The next steps. */
  readonly steps?: ReactNode;
}

/** Shows a drill as it is written for the player of a piece, with its alterations: heard, kept, printed; or why there is none. */
export function Written({ brief, request, note, steps }: WrittenProps) {
  const asked = useEngine(brief, { kind: 'drill', request });
  return (
    <Answered asked={asked} waiting="Writing the drill …">
      {(drill) =>
        drill.ok ? (
          <>
            <Altered altered={drill.value.altered} />
            <WrittenDrill key={JSON.stringify(request)} brief={drill.value.brief} request={request} note={note} steps={steps} />
          </>
        ) : (
          <Notice className="mt-3">{issuesText(drill.issues)}</Notice>
        )
      }
    </Answered>
  );
}

function Altered({ altered }: Pick<Drill, 'altered'>) {
  if (altered.length === 0) return null;
  return (
    <ul aria-label="What is altered" className="mt-1 text-[15px]">
      {altered.map((alteration) => (
        <li key={JSON.stringify(alteration)}>{alterationText(alteration)}</li>
      ))}
    </ul>
  );
}

function WrittenDrill({ brief, request, note, steps }: WrittenProps) {
  const outcome = answerOf(useEngine(brief, { kind: 'plan' }));
  const playing = useSound(({ state }) => state !== 'silent');
  const [loop, setLoop] = useState(false);
  if (!outcome) return null;
  if (!outcome.ok) return <Notice className="mt-3">{issuesText(outcome.issues)}</Notice>;
  const plan = outcome.value.best;
  // The rest that fills the last measure is not played.
  const played = plan.notes.slice(0, plan.notes.findLastIndex(({ kind }) => kind === 'note') + 1);
  const rests = played.filter(({ kind }) => kind === 'rest').length;
  const bows = bowsText(played.length - rests, rests, request.variant.notesPerBow);
  return (
    <>
      <NextSteps atHead>
        <Button onClick={() => (playing ? void silence() : playPlan(plan, { pace: 1, slides: true, loop }))}>
          {playing ? 'Stop' : 'Hear it'}
        </Button>
        <Button aria-pressed={loop} onClick={() => setLoop(!loop)}>
          In a loop
        </Button>
        <KeepDrill brief={brief} request={request} note={note} />
        <Button onClick={() => print()}>
          <Printer size={15} aria-hidden="true" /> Print it
        </Button>
        {steps}
      </NextSteps>
      <Caution plan={plan} repeated className="mt-2 max-w-4xl text-[15px] text-dove-dark" />
      {bows !== '' && <p className="mt-1 text-[15px] text-dove-dark">{bows}</p>}
      <PathScore name="The drill" plan={plan} />
      <FingersOnly plan={plan} />
    </>
  );
}

/** Keeps a drill as a piece, with what it was written for; then leads to it. */
function KeepDrill({ brief, request, note }: WrittenProps) {
  const [kept, setKept] = useState<{ readonly id: string } | { readonly trouble: string | null } | null>(null);
  const keep = async (): Promise<void> => {
    const work = workStore.getState();
    const { instrumentId, playerId, schoolId } = work;
    const drill = { request, piece: pieceTitle(work).slice(0, 120), ...(note === null ? {} : { note }) };
    const document = pieceOf(drillTitle(request).slice(0, 120), brief, lineTextOf(brief), { tags: ['drill'], drill });
    const record = newPieceRecord(document, false, { instrumentId, playerId, schoolId });
    await keepOrThrow('piece', record).then(
      () => setKept({ id: record.id }),
      (error: unknown) => setKept({ trouble: wordsBesideHead(error, NOT_ANSWERED) }),
    );
  };
  if (kept && 'id' in kept) {
    return (
      <>
        <span role="status">Kept as a piece.</span>
        <ButtonLink href={`/?piece=${kept.id}`}>Open it on the bench</ButtonLink>
        <ButtonLink href={`/sheet?piece=${kept.id}`}>Its sheet</ButtonLink>
        <ButtonLink href={`/practise?add=${kept.id}`}>Put it in today’s session</ButtonLink>
        <ButtonLink href={`/practise/week?add=${kept.id}`}>Put it in the week</ButtonLink>
      </>
    );
  }
  return (
    <>
      <Button onClick={() => void keep()}>Keep it as a piece</Button>
      {kept !== null && kept.trouble !== null && <span role="alert">{kept.trouble}</span>}
    </>
  );
}

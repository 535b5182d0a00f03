import { Printer } from 'lucide-react';
import { useState } from 'react';
import type { DrillRequest } from '#core/drill';
import { issuesText } from '#core/messages';
import type { Brief } from '#core/brief';
import { lineTextOf } from '#core/brief/lines';
import { useEngine } from '../../engine/queries.ts';
import { answerOf } from '../../engine/asked.ts';
import { playPlan, silence } from '../../state/sound/sound-actions.ts';
import { useSound } from '../../state/sound/sound.ts';
import { workStore } from '../../state/bench/work.ts';
import { pieceOf } from '../../storage/pieces.ts';
import { newPieceRecord } from '../../storage/records.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { Answered } from '../../ui/states/Answered.tsx';
import { Notice } from '../../ui/states/Notice.tsx';
import { pieceTitle } from '../../words/labels.ts';
import { cautionText } from '../../words/plan-words.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';
import { alterationText, bowsText, drillTitle, FAMILY_WORDS } from '../../words/drills/families.ts';
import { keepRecord } from '../pieces/keep-record.ts';
import { PathScore } from '../score/PathScore.tsx';
import { FingersOnly } from './FingersOnly.tsx';
import type { WrittenFor } from './first-request.ts';
import { RequestFields } from './RequestFields.tsx';

interface WritePartProps {
  readonly brief: Brief;
  readonly place: WrittenFor;
  readonly request: DrillRequest;
  /** The note of the piece that called for it. */
  readonly note: number | null;
  readonly onChange: (request: DrillRequest) => void;
}

/** The drill writer: what is asked, and the drill as it is written for this player. */
export function WritePart({ brief, place, request, note, onChange }: WritePartProps) {
  const asked = useEngine(brief, { kind: 'drill', request });
  return (
    <div>
      <RequestFields request={request} place={place} onChange={onChange} />
      <h2 className="mt-4 text-2xl font-semibold">{drillTitle(request)}</h2>
      <p className="text-dove-dark">{FAMILY_WORDS[request.asks.family].gains}</p>
      <Answered asked={asked} waiting="Writing the drill …">
        {(drill) =>
          drill.ok ? (
            <>
              {drill.value.altered.length > 0 && (
                <ul aria-label="What is altered" className="mt-1 text-[15px]">
                  {drill.value.altered.map((each) => (
                    <li key={JSON.stringify(each)}>{alterationText(each)}</li>
                  ))}
                </ul>
              )}
              <WrittenDrill key={JSON.stringify(request)} brief={drill.value.brief} request={request} note={note} />
            </>
          ) : (
            <Notice className="mt-3">{issuesText(drill.issues)}</Notice>
          )
        }
      </Answered>
    </div>
  );
}

interface WrittenDrillProps {
  readonly brief: Brief;
  readonly request: DrillRequest;
  readonly note: number | null;
}

function WrittenDrill({ brief, request, note }: WrittenDrillProps) {
  const outcome = answerOf(useEngine(brief, { kind: 'plan' }));
  const playing = useSound(({ state }) => state !== 'silent');
  const [loop, setLoop] = useState(false);
  if (!outcome) return null;
  if (!outcome.ok) return <Notice className="mt-3">{issuesText(outcome.issues)}</Notice>;
  const plan = outcome.value.best;
  // The rest that fills the last measure ends nothing.
  const played = plan.notes.slice(0, plan.notes.findLastIndex(({ kind }) => kind === 'note') + 1);
  const rests = played.filter(({ kind }) => kind === 'rest').length;
  const bows = bowsText(played.length - rests, rests, request.variant.notesPerBow);
  const caution = cautionText(plan);
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
      </NextSteps>
      {caution !== null && <Notice className="mt-2">{caution}</Notice>}
      {bows !== '' && <p className="mt-1 text-[15px] text-dove-dark">{bows}</p>}
      <PathScore name="The drill" plan={plan} />
      <FingersOnly plan={plan} />
    </>
  );
}

/** Keeps a drill as a piece, with what it was written for; then leads to it. */
function KeepDrill({ brief, request, note }: WrittenDrillProps) {
  const [kept, setKept] = useState<{ readonly id: string } | { readonly trouble: string } | null>(null);
  const keep = async (): Promise<void> => {
    const work = workStore.getState();
    const { instrumentId, playerId, schoolId } = work;
    const drill = { request, piece: pieceTitle(work).slice(0, 120), ...(note === null ? {} : { note }) };
    const document = pieceOf(drillTitle(request).slice(0, 120), brief, lineTextOf(brief), { tags: ['drill'], drill });
    const record = newPieceRecord(document, false, { instrumentId, playerId, schoolId });
    await keepRecord(record).then(
      () => setKept({ id: record.id }),
      (error: unknown) => setKept({ trouble: error instanceof Error ? error.message : NOT_ANSWERED }),
    );
  };
  if (kept && 'id' in kept) {
    return (
      <>
        <span role="status">Kept as a piece.</span>
        <ButtonLink href={`/?piece=${kept.id}`}>Open it on the bench</ButtonLink>
        <ButtonLink href={`/sheet?piece=${kept.id}`}>Its sheet</ButtonLink>
      </>
    );
  }
  return (
    <>
      <Button onClick={() => void keep()}>Keep it as a piece</Button>
      {kept && <span role="alert">{kept.trouble}</span>}
    </>
  );
}

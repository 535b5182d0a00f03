import { Printer } from '../../ui/icons.ts';
import { type ReactNode, useState } from 'react';
import type { Brief } from '#core/brief';
import type { Drill } from '#core/drill';
import type { DrillRequest } from '#core/drill/families';
import { issuesText } from '#core/messages';
import { answerOf, useEngine } from '../../engine/index.ts';
import { playPlan, silence, useSound } from '../../state/sound/index.ts';
import { Button } from '../../ui/Button.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { Answered, Notice } from '../../ui/states/index.ts';
import { alterationText, bowsText } from '../../words/drills/families.ts';
import { Caution } from '../parts/index.ts';
import { PathScore } from '../score/index.ts';
import { FingersOnly } from './FingersOnly.tsx';
import { KeepDrill } from './KeepDrill.tsx';

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
      <FingersOnly plan={plan} opened={request.asks.family === 'matrix'} />
    </>
  );
}

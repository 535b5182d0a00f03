import { type DrillRequest, PLAIN_VARIANT } from '#core/drill/families';
import { formatKey } from '#core/key';
import type { Plan } from '#core/plan/describe';
import { answerOf, useEngine } from '../../engine/index.ts';
import { drillTitle, FAMILY_WORDS } from '../../words/drills/families.ts';
import { firstOf, measuresAround, type WrittenFor } from './first-request.ts';
import { PiecesInside } from './find/StudioPieces.tsx';
import { RequestFields } from './RequestFields.tsx';
import type { Writer } from './use-writer.ts';
import { Written } from './WrittenDrill.tsx';

interface WritePartProps {
  readonly plan: Plan;
  readonly place: WrittenFor;
  readonly writer: Writer;
}

/** Shows the drill writer: the request, and the drill as it is written for this player. */
export function WritePart({ plan, place, writer }: WritePartProps) {
  const composed = writer.composed ?? { request: firstRequest(plan, place), note: null, opens: true };
  const { note, opens } = composed;
  const opening = useEngine(plan.brief, { kind: 'opening-drill', request: composed.request }, opens);
  const opened = opens ? answerOf(opening) : undefined;
  const request = opened ?? composed.request;
  return (
    <div>
      <div className="no-print">
        <RequestFields brief={plan.brief} request={request} place={place} around={measuresAround(plan, note)} onChange={writer.change} />
      </div>
      <h2 className="mt-4 text-2xl font-semibold">{drillTitle(request)}</h2>
      <p className="text-dove-dark">{FAMILY_WORDS[request.asks.family].gains}</p>
      {(!opens || opened) && <Written brief={plan.brief} request={request} note={note} />}
      {request.asks.family === 'position' && <PiecesInside kind={plan.brief.instrument.kind} position={request.asks.position} />}
    </div>
  );
}

function firstRequest({ line }: Plan, place: WrittenFor): DrillRequest {
  return { key: formatKey(line.key), asks: firstOf('shift', place, null), variant: PLAIN_VARIANT };
}

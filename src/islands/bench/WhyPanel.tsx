import { useCallback, useState } from 'react';
import { type Plan, type PlannedSound, type WayToPlay, type WhyNot, wishOf } from '#core/plan';
import { noteLabel, wayLabel } from '../../words/labels.ts';
import { REASON_HEADINGS } from '../../words/reasons.ts';
import { advisor } from '../../workers/client.ts';
import { useAnswer } from '../use-answer.ts';

interface WhyPanelProps {
  readonly plan: Plan;
  readonly index: number;
  readonly note: PlannedSound;
  readonly ways: readonly WayToPlay[];
}

/** Why the selected note is as it is, and why not otherwise: each answer comes from the line solved again. */
export function WhyPanel({ plan, index, note, ways }: WhyPanelProps) {
  const answer = useAnswer(useCallback(() => advisor.reasonsOf(plan.brief, index), [plan, index]));
  const reasons = answer?.ok ? answer.value : [];
  return (
    <section aria-label="Why" className="mt-4">
      <h3 className="small-heading">Why so</h3>
      {reasons.length === 0 && <p className="mt-1 text-dove-dark">Nothing about this note needed a choice.</p>}
      <dl className="mt-1 text-[15px] leading-snug">
        {reasons.map((reason) => (
          <div key={reason.about} className="mb-1.5">
            <dt className="text-dove-dark">{REASON_HEADINGS[reason.about]}</dt>
            <dd>{reason.sentence}</dd>
          </div>
        ))}
      </dl>
      <WhyNots key={`${index} ${plan.cost.totalThousandths}`} plan={plan} index={index} note={note} ways={ways} />
    </section>
  );
}

function WhyNots({ plan, index, note, ways }: WhyPanelProps) {
  const [answer, setAnswer] = useState<{ readonly way: WayToPlay; readonly why: WhyNot } | null>(null);
  const others = ways.filter(
    (way) => way.open !== note.stops[0].open || way.finger !== note.stops[0].finger || way.upperFinger !== (note.stops[1]?.finger ?? null),
  );
  const ask = (way: WayToPlay): void => {
    void advisor.whyNot(plan.brief, wishOf(index, way)).then((why) => why && setAnswer({ way, why }));
  };
  if (others.length === 0) return null;
  return (
    <>
      <h3 className="small-heading mt-3">Why not</h3>
      <p className="mt-1 flex flex-wrap gap-1.5">
        {others.map((way) => (
          <button
            key={`${way.open} ${wayLabel(way)}`}
            type="button"
            className="quiet-button"
            aria-pressed={answer?.way === way}
            aria-label={`Why not ${wayText(way)}?`}
            onClick={() => ask(way)}
          >
            {wayLabel(way)} {way.string}
          </button>
        ))}
      </p>
      <p role="status" className="mt-1.5 text-[15px] leading-snug">
        {answer && (
          <>
            <strong>{wayText(answer.way)}:</strong> {answer.why.sentence}
          </>
        )}
      </p>
    </>
  );
}

function wayText(way: WayToPlay): string {
  return way.finger === '0' ? `open ${noteLabel(way.open)}` : `${way.finger === 'T' ? 'thumb' : wayLabel(way)} on ${noteLabel(way.open)}`;
}

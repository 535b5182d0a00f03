import { useState } from 'react';
import type { Lock } from '#core/brief';
import { wishOf } from '#core/brief/locks';
import type { Reason } from '#core/explain';
import { isWayOf, type WayToPlay } from '#core/fit';
import { noteLabel } from '#core/pitch';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { useEngine } from '../../../engine/index.ts';
import { Answered } from '../../../ui/states/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Figure } from '../../../ui/Figure.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { wayLabel } from '../../../words/hand/hands.ts';
import { weighedHow } from '../../../words/explain/weighed.ts';
import { REASON_HEADINGS, reasonHow, reasonText, whyNotText } from '../../../words/explain/reasons.ts';

interface WhyPanelProps {
  readonly plan: Plan;
  readonly index: number;
  readonly note: PlannedSound;
  readonly ways: readonly WayToPlay[];
}

/** Tells why the selected note is as it is, and why not otherwise: each answer comes from the line solved again. */
export function WhyPanel({ plan, index, note, ways }: WhyPanelProps) {
  const asked = useEngine(plan.brief, { kind: 'reasons', note: index });
  return (
    <section aria-label="Why" className="mt-4">
      <Heading as="h3">Why</Heading>
      <Answered asked={asked}>{(reasons) => <Reasons reasons={reasons.ok ? reasons.value : []} strings={plan.strings} />}</Answered>
      <WhyNots key={`${index} ${plan.cost.totalThousandths}`} plan={plan} index={index} note={note} ways={ways} />
    </section>
  );
}

function Reasons({ reasons, strings }: { readonly reasons: readonly Reason[]; readonly strings: Plan['strings'] }) {
  return (
    <>
      {reasons.length === 0 && <p className="mt-1 text-dove-dark">Nothing about this note needed a choice.</p>}
      <dl className="mt-1 text-[15px] leading-snug">
        {reasons.map((reason) => (
          <div key={reason.about} className="mb-1.5">
            <dt className="text-dove-dark">{REASON_HEADINGS[reason.about]}</dt>
            <dd>
              {reasonText(reason, strings)} <HowMuch how={reasonHow(reason)} />
            </dd>
          </div>
        ))}
      </dl>
    </>
  );
}

/** Shows the figure behind a sentence, on asking. */
function HowMuch({ how }: { readonly how: string | null }) {
  return (
    how !== null && (
      <span className="text-sm text-dove-dark">
        <Figure how={how}>how much</Figure>
      </span>
    )
  );
}

function WhyNots({ plan, index, note, ways }: WhyPanelProps) {
  const [chosen, setChosen] = useState<WayToPlay | null>(null);
  const others = ways.filter((way) => !isWayOf(way, note));
  if (others.length === 0) return null;
  return (
    <>
      <Heading as="h3" className="mt-3">
        Why not
      </Heading>
      <p className="mt-1 flex flex-wrap gap-1.5">
        {others.map((way) => (
          <Button
            key={`${way.open} ${wayLabel(way)}`}

            aria-pressed={chosen === way}
            aria-label={`Why not ${wayText(way)}?`}
            onClick={() => setChosen(way)}
          >
            {wayLabel(way)} {way.string}
          </Button>
        ))}
      </p>
      <p role="status" className="mt-1.5 text-[15px] leading-snug">
        {chosen && <WhyNot plan={plan} way={chosen} wish={wishOf(index, chosen)} />}
      </p>
    </>
  );
}

function WhyNot({ plan, way, wish }: { readonly plan: Plan; readonly way: WayToPlay; readonly wish: Lock }) {
  const asked = useEngine(plan.brief, { kind: 'why-not', wish });
  return (
    <Answered asked={asked}>
      {(why) =>
        why && (
          <>
            <strong>{wayText(way)}:</strong> {whyNotText(why)}{' '}
            {why.kind === 'costs' && <HowMuch how={weighedHow(why.deltaThousandths, why.more)} />}
          </>
        )
      }
    </Answered>
  );
}

function wayText(way: WayToPlay): string {
  return way.finger === '0' ? `open ${noteLabel(way.open)}` : `${way.finger === 'T' ? 'thumb' : wayLabel(way)} on ${noteLabel(way.open)}`;
}

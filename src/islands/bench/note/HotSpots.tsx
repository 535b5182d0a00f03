import type { HotSpot } from '#core/drill/hot-spots';
import type { Plan } from '#core/plan/describe';
import { selectPassage } from '../../../state/selection.ts';
import { practiseSlowly } from '../../../state/sound/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { hotSpotText, hotSpotWhy } from '../../../words/explain/hot-spots.ts';
import { putInNow } from './put-in-now.ts';
import { soundText } from '../../../words/plan-words.ts';

interface HotSpotsProps {
  readonly plan: Plan;
  readonly hotSpots: readonly HotSpot[];
}

/** Lists the hardest places of a plan for its player, numbered as on the path, each one step from its loop. */
export function HotSpots({ plan, hotSpots }: HotSpotsProps) {
  return (
    <section aria-label="Hot spots" className="mt-4">
      <Heading as="h3">Hot spots</Heading>
      <ol className="mt-0.5 grid gap-1.5 text-[14px] leading-snug">
        {hotSpots.map((spot, order) => (
          <Spot key={spot.note} spot={spot} number={order + 1} plan={plan} />
        ))}
      </ol>
    </section>
  );
}

interface SpotProps {
  readonly spot: HotSpot;
  /** The number as on the path. */
  readonly number: number;
  readonly plan: Plan;
}

function Spot({ spot, number, plan }: SpotProps) {
  const note = plan.notes[spot.note];
  if (note?.kind !== 'note') return null;
  const [first = spot.note] = spot.loop;
  const passage = { from: first, to: spot.loop[spot.loop.length - 1] ?? spot.note };
  const name = soundText(note);
  return (
    <li className="flex items-start gap-2">
      <span aria-hidden className="py-[3px] text-dove-dark tabular-nums">
        {number}
      </span>
      <div className="grow">
        <button
          type="button"
          className="cursor-pointer py-[3px] text-left underline decoration-dotted underline-offset-3"
          onClick={() => selectPassage(passage)}
        >
          <strong>{name}</strong>: {hotSpotText(spot, plan)}
        </button>
        <p className="text-dove-dark">{hotSpotWhy(spot)}</p>
      </div>
      <div className="grid gap-1">
        <Button
          aria-label={`Loop ${name}`}
          className="justify-center"
          onClick={() => {
            selectPassage(passage);
            practiseSlowly();
          }}
        >
          Loop
        </Button>
        <Button
          aria-label={`Put ${name} in today’s session`}
          className="justify-center"
          onClick={() => putInNow('session', { part: 'passage', ...passage })}
        >
          Session
        </Button>
      </div>
    </li>
  );
}

import { useMemo } from 'react';
import { type HotSpot, hotSpotsOf, NOTHING_KNOWN } from '#core/drill';
import type { Plan } from '#core/plan/describe';
import { selectPassage } from '../../../state/selection.ts';
import { practiseSlowly } from '../../../state/sound/sound-actions.ts';
import { useStudioAtHand } from '../../../state/studio.ts';
import { useWork } from '../../../state/work/work.ts';
import { Button } from '../../../ui/Button.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { hotSpotText, hotSpotWhy } from '../../../words/explain/hot-spots.ts';
import { soundText } from '../../../words/plan-words.ts';

/** So many are listed; a teacher works on one of them. */
const LISTED = 5;

/** The hardest places of a plan for its player, each with the loop that holds it. */
export function HotSpots({ plan }: { readonly plan: Plan }) {
  const playerId = useWork((work) => work.playerId);
  const players = useStudioAtHand((studio) => studio.players);
  const positions = players.find(({ id }) => id === playerId)?.document.profile.positions ?? null;
  const spots = useMemo(() => hotSpotsOf(plan, { ...NOTHING_KNOWN, positions }).slice(0, LISTED), [plan, positions]);
  if (spots.length === 0) return null;
  return (
    <section aria-label="Hot spots" className="mt-4">
      <Heading as="h3">Hot spots</Heading>
      <ol className="mt-0.5 grid gap-1.5">
        {spots.map((spot) => (
          <Spot key={spot.note} spot={spot} plan={plan} />
        ))}
      </ol>
    </section>
  );
}

function Spot({ spot, plan }: { readonly spot: HotSpot; readonly plan: Plan }) {
  const note = plan.notes[spot.note];
  if (note?.kind !== 'note') return null;
  const [first = spot.note] = spot.loop;
  const passage = { from: first, to: spot.loop[spot.loop.length - 1] ?? spot.note };
  const name = soundText(note);
  return (
    <li className="flex items-start gap-2">
      <div className="grow text-[14px] leading-snug">
        <button
          type="button"
          className="cursor-pointer py-[3px] text-left underline decoration-dotted underline-offset-3"
          onClick={() => selectPassage(passage)}
        >
          <strong>{name}</strong>: {hotSpotText(spot, plan)}
        </button>
        <p className="text-dove-dark">{hotSpotWhy(spot)}</p>
      </div>
      <Button
        aria-label={`Loop ${name}`}
        onClick={() => {
          selectPassage(passage);
          practiseSlowly();
        }}
      >
        Loop
      </Button>
    </li>
  );
}

import { keyAt } from '#core/material/measures';
import { useState } from 'react';
import { aroundNote, type HotSpot, type LoopPlace } from '#core/drill/hot-spots';
import { type DrillFamily, loopAsked, PLAIN_VARIANT } from '#core/drill/families';
import { drillOfSpot } from '#core/drill/finder';
import { formatKey } from '#core/key';
import type { Plan } from '#core/plan/describe';
import { Button } from '../../ui/Button.tsx';
import { LabelledChoice } from '../../ui/fields/index.ts';
import { Answered, EmptyState } from '../../ui/states/index.ts';
import { FAMILY_WORDS } from '../../words/drills/families.ts';
import { hotSpotText, hotSpotWhy } from '../../words/explain/hot-spots.ts';
import { noteAtText, tellNotesOfPlan } from '../../words/line/note-places.ts';
import { soundText } from '../../words/plan-words.ts';
import { FieldsOfFamily } from './fields/FieldsOfFamily.tsx';
import type { WrittenFor } from './first-request.ts';
import { PlacesNav } from './PlacesNav.tsx';
import { useHotSpots } from './use-hot-spots.ts';
import { Written } from './WrittenDrill.tsx';

interface SpotPartProps {
  readonly plan: Plan;
  readonly place: WrittenFor;
  /** The line index of the note the chosen hot spot arrives on; null for the hardest. */
  readonly chosen: number | null;
  readonly onChoose: (note: number) => void;
  readonly onTakeApart: (note: number) => void;
  readonly onWrite: (asks: DrillFamily, note: number) => void;
}

/** Shows the hot spots of a piece, the hardest first, and the loop of one of them. */
export function SpotPart(props: SpotPartProps) {
  return (
    <Answered asked={useHotSpots(props.plan)} waiting="Looking for the hot spots …">
      {({ hotSpots }) => <SpotList {...props} hotSpots={hotSpots} />}
    </Answered>
  );
}

interface SpotListProps extends SpotPartProps {
  /** The hot spots, the hardest first. */
  readonly hotSpots: readonly HotSpot[];
}

function SpotList({ plan, place, hotSpots, chosen, onChoose, onTakeApart, onWrite }: SpotListProps) {
  const [order, setOrder] = useState<SpotOrder>('hardest');
  const asked = chosen === null ? null : (hotSpots.find(({ note }) => note === chosen) ?? aroundNote(plan, chosen));
  const shown = asked ?? hotSpots[0];
  if (!shown) {
    return (
      <div className="mt-4">
        <EmptyState title="No hot spot in this piece">Nothing in it is hard for this player.</EmptyState>
      </div>
    );
  }
  const spot = hotSpots.find(({ note }) => note === shown.note);
  const lineOf = (note: number): string => {
    const [sound, found] = [plan.notes[note], hotSpots.find((hotSpot) => hotSpot.note === note)];
    if (sound?.kind !== 'note') return '';
    return found ? `${soundText(sound)}: ${hotSpotText(found, plan)}` : noteAtText(tellNotesOfPlan(plan)(note), note);
  };
  const why = spot ? hotSpotWhy(spot) : '';
  return (
    <div className="mt-3 grid gap-x-8 md:grid-cols-[15rem_1fr]">
      <div className="grid content-start gap-3">
        <LabelledChoice label="Order" value={order} among={SPOT_ORDERS} nameOf={(value) => ORDER_WORDS[value]} onChoose={setOrder} />
        <PlacesNav
          label={`Hot spots of the piece, ${ORDER_WORDS[order]}`}
          notes={(order === 'music' ? inMusicOrder(hotSpots) : hotSpots).map(({ note }) => note)}
          chosen={shown.note}
          nameOf={lineOf}
          onChoose={onChoose}
        />
      </div>
      <div className="mt-4 min-w-0 md:mt-0">
        <h2 className="text-2xl font-semibold">{lineOf(shown.note)}</h2>
        {!spot && <p className="text-dove-dark">No hot spot by itself: the loop goes from the note before it to the note after it.</p>}
        {why !== '' && <p className="text-dove-dark">Why: {why}.</p>}
        <Loop key={shown.note} plan={plan} place={place} spot={shown} onTakeApart={onTakeApart} onWrite={onWrite} />
      </div>
    </div>
  );
}

/** The orders in which hot spots are listed. */
const SPOT_ORDERS = ['hardest', 'music'] as const;

type SpotOrder = (typeof SPOT_ORDERS)[number];

const ORDER_WORDS: Readonly<Record<SpotOrder, string>> = { hardest: 'the hardest first', music: 'in the order of the music' };

function inMusicOrder(hotSpots: readonly HotSpot[]): readonly HotSpot[] {
  return hotSpots.toSorted((one, other) => one.note - other.note);
}

interface LoopProps extends Pick<SpotPartProps, 'plan' | 'place' | 'onTakeApart' | 'onWrite'> {
  readonly spot: LoopPlace;
}

/** Shows the fewest notes that contain a hot spot, or a note with its neighbours, there and back, with the fingers as wanted. */
function Loop({ plan, place, spot, onTakeApart, onWrite }: LoopProps) {
  const [asks, setAsks] = useState(() => loopAsked(plan, spot));
  const drill = spot.kind === 'shift' ? null : drillOfSpot(plan, spot);
  const steps = (
    <>
      {spot.kind === 'shift' && <Button onClick={() => onTakeApart(spot.note)}>Take it apart</Button>}
      {drill && (
        <Button onClick={() => onWrite(drill, spot.note)}>Write a drill for it: {FAMILY_WORDS[drill.family].name.toLowerCase()}</Button>
      )}
    </>
  );
  const request = { key: formatKey(keyAt(plan.line, spot.note)), asks, variant: PLAIN_VARIANT };
  return (
    <section aria-label="Its loop" className="mt-2">
      <p className="mb-2 font-serif text-[17px] leading-[1.75]">
        The loop
        <FieldsOfFamily name="loop" asks={asks} place={place} onChange={setAsks} />.
      </p>
      <Written brief={plan.brief} request={request} note={spot.note} steps={steps} />
    </section>
  );
}

import type { Plan } from '#core/plan/describe';
import { SIMULATED_PLACES, type SimulatedPlace } from '../../audio/index.ts';
import { Choice } from '../../ui/fields/index.ts';
import { ALONG_LABELS, FAULT_LABELS, PLACE_LABELS } from '../../words/intonation/takes.ts';
import { FaultChoices } from './simulated/FaultChoices.tsx';
import { type FaultChosen, FAULTS, faultOf, FIRST_FAULT } from './simulated/fault.ts';
import { SOUNDS_ALONG, type SoundAlong } from '../../state/takes/index.ts';

/** The tolerances within which a note is in tune, cents. */
const TOLERANCES = ['5', '10', '15', '20', '30'] as const;

/** The choices for a take. */
export interface TakeChosen extends FaultChosen {
  readonly place: SimulatedPlace;
  readonly along: SoundAlong;
  /** The distance within which a note is in tune, cents. */
  readonly tolerance: (typeof TOLERANCES)[number];
}

/** The choices at first. */
export const FIRST_CHOSEN: TakeChosen = { ...FIRST_FAULT, place: 'silence', along: 'nothing', tolerance: '10' };

interface TakeChoicesProps {
  readonly plan: Plan;
  readonly chosen: TakeChosen;
  readonly onChoose: (chosen: TakeChosen) => void;
}

/** Chooses how a take is made and judged, in a sentence. */
export function TakeChoices({ plan, chosen, onChoose }: TakeChoicesProps) {
  const choose = (some: Partial<TakeChosen>): void => onChoose({ ...chosen, ...some });
  const { kind, place, along, tolerance } = chosen;
  const fault = faultOf(plan, chosen);
  return (
    <p className="mt-2 font-serif text-[19px] leading-[1.75]">
      Record this line, open a recording of it, or let a simulated player play it{' '}
      <Choice
        label="The simulated player"
        value={kind}
        values={FAULTS}
        name={(value) => FAULT_LABELS[value]}
        onChange={(value) => choose({ kind: value })}
      />
      <FaultChoices plan={plan} fault={fault} chosen={chosen} onChoose={choose} />,{' '}
      <Choice
        label="Where it plays"
        value={place}
        values={SIMULATED_PLACES}
        name={(value) => PLACE_LABELS[value]}
        onChange={(value) => choose({ place: value })}
      />
      . It is played{' '}
      <Choice
        label="What sounds along"
        value={along}
        values={SOUNDS_ALONG}
        name={(value) => ALONG_LABELS[value]}
        onChange={(value) => choose({ along: value })}
      />
      . A note is in tune within{' '}
      <Choice
        label="In tune within"
        value={tolerance}
        values={TOLERANCES}
        name={(value) => `${value} cents`}
        onChange={(value) => choose({ tolerance: value })}
      />
      .
    </p>
  );
}

import type { Finger } from '#core/hand/placement';
import type { StringNumber } from '#core/instrument';
import { noteLabel } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import type { Fault } from '../../audio/index.ts';
import { Choice } from '../../ui/fields/index.ts';
import { ALONG_LABELS, FAULT_LABELS } from '../../words/intonation/takes.ts';
import { fingerName } from '../../words/plan-words.ts';
import { SOUNDS_ALONG, type SoundAlong } from '../../state/takes/index.ts';

/** The tolerances within which a note is in tune, cents. */
const TOLERANCES = ['5', '10', '15', '20', '30'] as const;

const FAULTS = ['none', 'finger', 'string', 'shifts', 'landing', 'drift', 'vibrato', 'slips'] as const;

/** The choices for a take. */
export interface TakeChosen {
  /** The fault of the simulated player. */
  readonly kind: (typeof FAULTS)[number];
  readonly finger: Finger;
  readonly string: StringNumber;
  readonly along: SoundAlong;
  /** The distance within which a note is in tune, cents. */
  readonly tolerance: (typeof TOLERANCES)[number];
}

/** The choices at first. */
export const FIRST_CHOSEN: TakeChosen = { kind: 'finger', finger: '3', string: 'I', along: 'nothing', tolerance: '10' };

interface TakeChoicesProps {
  readonly plan: Plan;
  readonly chosen: TakeChosen;
  readonly onChoose: (chosen: TakeChosen) => void;
}

/** Chooses how a take is made and judged, in a sentence. */
export function TakeChoices({ plan, chosen, onChoose }: TakeChoicesProps) {
  const choose = (some: Partial<TakeChosen>): void => onChoose({ ...chosen, ...some });
  const { kind, along, tolerance } = chosen;
  const [fingers, strings] = [fingersOf(plan), stringsOf(plan)];
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
      {fault.kind === 'finger' && (
        <>
          :{' '}
          <Choice
            label="The finger that lies flat"
            value={fault.finger}
            values={fingers}
            name={fingerName}
            onChange={(finger) => choose({ finger })}
          />
        </>
      )}
      {fault.kind === 'string' && (
        <>
          :{' '}
          <Choice
            label="The string that is sharp"
            value={fault.string}
            values={strings}
            name={(value) => `${value} (${nameOfString(plan, value)})`}
            onChange={(string) => choose({ string })}
          />
        </>
      )}
      . It is played along with{' '}
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

/** Gives the fault that is chosen, on a finger or a string that plays in the plan. */
export function faultOf(plan: Plan, { kind, finger, string }: TakeChosen): Fault {
  const [fingers, strings] = [fingersOf(plan), stringsOf(plan)];
  if (kind === 'finger') return { kind, finger: fingers.includes(finger) ? finger : (fingers[0] ?? '1') };
  if (kind === 'string') return { kind, string: strings.includes(string) ? string : (strings[0] ?? 'I') };
  return { kind };
}

/** Lists the fingers that play in a plan. */
function fingersOf({ notes }: Plan): readonly Finger[] {
  const playing = new Set(notes.flatMap((note) => (note.kind === 'note' ? note.stops.map(({ finger }) => finger) : [])));
  return (['1', '2', '3', '4', 'T'] as const).filter((finger) => playing.has(finger));
}

/** Lists the strings on which something is stopped in a plan. */
function stringsOf({ notes, strings }: Plan): readonly StringNumber[] {
  const stops = notes.flatMap((note) => (note.kind === 'note' ? note.stops : []));
  const stopped = new Set(stops.flatMap(({ finger, string }) => (finger === '0' ? [] : [string])));
  return strings.map(({ number }) => number).filter((number) => stopped.has(number));
}

function nameOfString({ strings }: Plan, number: StringNumber): string {
  return noteLabel(strings.find((string) => string.number === number)?.name ?? '');
}

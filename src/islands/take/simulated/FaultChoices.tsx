import type { ReactNode } from 'react';
import type { Plan } from '#core/plan/describe';
import { noteLabel } from '#core/pitch';
import type { Fault } from '../../../audio/index.ts';
import { Choice, OptionChoice } from '../../../ui/fields/index.ts';
import { outByText, SHIFTS_MISSED } from '../../../words/intonation/takes.ts';
import { noteAtText, tellNotesOfPlan } from '../../../words/line/note-places.ts';
import { fingerName } from '../../../words/plan-words.ts';
import { type FaultChosen, fingersOf, OUT_BY, stoppedNotes, stringsOf } from './fault.ts';

interface FaultChoicesProps {
  readonly plan: Plan;
  readonly fault: Fault;
  readonly chosen: FaultChosen;
  readonly onChoose: (some: Partial<FaultChosen>) => void;
}

/** Chooses in a sentence which finger, string, note or shifts of a simulated player are out, and by how much. */
export function FaultChoices(props: FaultChoicesProps) {
  const { fault, chosen, onChoose } = props;
  const where = drawPlace(props);
  if (where === null) return null;
  return (
    <>
      : {where},{' '}
      <Choice
        label="How far out"
        value={chosen.outBy}
        values={OUT_BY}
        name={(value) => outByText(Number(value), fault.kind === 'shifts')}
        onChange={(outBy) => onChoose({ outBy })}
      />
    </>
  );
}

/** Draws the choice of what is out; null for a fault that has no place. */
function drawPlace({ plan, fault, chosen, onChoose }: FaultChoicesProps): ReactNode {
  switch (fault.kind) {
    case 'finger':
      return (
        <Choice
          label="The finger that is out"
          value={fault.finger}
          values={fingersOf(plan)}
          name={fingerName}
          onChange={(finger) => onChoose({ finger })}
        />
      );
    case 'string':
      return (
        <Choice
          label="The string that is out"
          value={fault.string}
          values={stringsOf(plan)}
          name={(value) => `${value} (${nameOfString(plan, value)})`}
          onChange={(string) => onChoose({ string })}
        />
      );
    case 'note':
      return <NoteOut plan={plan} note={fault.note} onChoose={(note) => onChoose({ note })} />;
    case 'shifts':
      return (
        <Choice
          label="The shifts that miss"
          value={chosen.way}
          values={['both', 'up', 'down'] as const}
          name={(value) => SHIFTS_MISSED[value]}
          onChange={(way) => onChoose({ way })}
        />
      );
    case 'none':
    case 'landing':
    case 'drift':
    case 'vibrato':
    case 'slips':
      return null;
  }
}

interface NoteOutProps {
  readonly plan: Plan;
  /** The line index. */
  readonly note: number;
  readonly onChoose: (note: number) => void;
}

function NoteOut({ plan, note, onChoose }: NoteOutProps) {
  const tell = tellNotesOfPlan(plan);
  const options = stoppedNotes(plan).map((index) => ({ value: String(index), name: noteAtText(tell(index), index) }));
  return <OptionChoice label="The note that is out" value={String(note)} options={options} onChange={(value) => onChoose(Number(value))} />;
}

function nameOfString({ strings }: Plan, number: string): string {
  const string = strings.find((one) => one.number === number);
  return string ? noteLabel(string.name) : number;
}

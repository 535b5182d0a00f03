import type { Plan } from '#core/plan/describe';
import { Popover } from '../../../ui/Popover.tsx';
import { positionDerivation, reachDerivation, speedDerivation, travelDerivation } from '../../../words/explain/derivations.ts';
import { shiftSpeed } from '../../../words/plan-words.ts';
import type { PathLabel } from '../../../path/index.ts';

interface AskedLabelProps {
  readonly plan: Plan;
  readonly label: PathLabel;
  /** The place of the label. */
  readonly at: SVGElement;
  readonly onClose: () => void;
}

/** Explains beside a label of the path what it says, or how it is calculated. */
export function AskedLabel({ plan, label, at, onClose }: AskedLabelProps) {
  return (
    <Popover label="How this is calculated" anchor={{ current: at }} width="max-w-80" onClose={onClose}>
      {explainLabel(plan, label).map((sentence) => (
        <p key={sentence} className="text-sm not-first:mt-1.5">
          {sentence}
        </p>
      ))}
    </Popover>
  );
}

function explainLabel(plan: Plan, label: PathLabel): readonly string[] {
  switch (label.kind) {
    case 'travel':
      return [travelDerivation(label.shift), ...(shiftSpeed(label.shift) === null ? [] : [speedDerivation(label.shift)])];
    case 'position':
      return [positionDerivation(plan, label.stay)];
    case 'reach': {
      const note = plan.notes[label.note];
      return note?.kind === 'note' && note.reach ? [reachDerivation(note.reach, plan.stringLengthMm)] : [];
    }
  }
}

import { CLEF_NAMES, type ClefName, CLEFS_READ } from '#core/instrument';
import type { Plan } from '#core/plan/describe';
import { writeMark } from '../../../state/edits/index.ts';
import { SelectField } from '../../../ui/fields/index.ts';
import { clefChoiceLabel } from '../../../words/line/signature.ts';
import { WriteRow } from './WriteRow.tsx';

interface ClefHereProps {
  readonly plan: Plan;
  readonly index: number;
  /** The clef that is set at the note. */
  readonly clef: ClefName | null;
}

/**
 * Chooses the clef in which the line is read from this note on; for instruments whose players read one alone there is nothing to choose.
 */
export function ClefHere({ plan: { brief }, index, clef }: ClefHereProps) {
  const read = CLEFS_READ[brief.instrument.kind];
  if (read.length === 1) return null;
  const isSetBefore = brief.marks?.some((mark) => mark.note < index && mark.clef !== undefined) ?? false;
  const offered = CLEF_NAMES.filter((name) => read.includes(name) || name === clef);
  return (
    <WriteRow name="Clef">
      <SelectField
        aria-label="Clef from this note on"
        value={clef ?? ''}
        options={['' as const, ...offered].map((value) => ({ value, name: clefChoiceLabel(value, isSetBefore) }))}
        onChoose={(next) => writeMark(index, { clef: next === '' ? null : next })}
      />
    </WriteRow>
  );
}

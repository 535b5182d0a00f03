import { SelectField } from './Field.tsx';
import type { Option } from './Select.tsx';

interface LabelledOptionsProps<Value extends string | number> {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly Option<Value>[];
  readonly onChoose: (value: Value) => void;
}

/** A choice of one of some options, under its name. */
function LabelledOptions<Value extends string | number>({ label, ...choice }: LabelledOptionsProps<Value>) {
  return (
    <label className="grid max-w-full grid-cols-[minmax(0,auto)] gap-0.5 text-[14px]">
      <span className="text-dove-dark">{label}</span>
      <SelectField aria-label={label} className="max-w-full" {...choice} />
    </label>
  );
}

interface LabelledChoiceProps<Value extends string | number> {
  readonly label: string;
  readonly value: Value;
  readonly among: readonly Value[];
  readonly nameOf: (value: Value) => string;
  readonly onChoose: (value: Value) => void;
}

/** A choice of one value from several, under its name. */
export function LabelledChoice<Value extends string | number>({ among, nameOf, ...others }: LabelledChoiceProps<Value>) {
  return <LabelledOptions {...others} options={among.map((value) => ({ value, name: nameOf(value) }))} />;
}

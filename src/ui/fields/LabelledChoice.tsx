import type { Option } from './Choice.tsx';
import { SelectField } from './Field.tsx';

interface LabelledOptionsProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Option[];
  readonly onChoose: (value: string) => void;
}

/** A choice of one of some options, under its name. */
export function LabelledOptions({ label, value, options, onChoose }: LabelledOptionsProps) {
  return (
    <label className="grid gap-0.5 text-[14px]">
      <span className="text-dove-dark">{label}</span>
      <SelectField aria-label={label} value={value} options={options} onChange={(event) => onChoose(event.target.value)} />
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
export function LabelledChoice<Value extends string | number>({ label, value, among, nameOf, onChoose }: LabelledChoiceProps<Value>) {
  const choose = (text: string): void => {
    const chosen = among.find((one) => String(one) === text);
    if (chosen !== undefined) onChoose(chosen);
  };
  return (
    <LabelledOptions
      label={label}
      value={String(value)}
      options={among.map((one) => ({ value: String(one), name: nameOf(one) }))}
      onChoose={choose}
    />
  );
}

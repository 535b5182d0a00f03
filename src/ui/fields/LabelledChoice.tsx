import { SelectField } from './Field.tsx';

interface LabelledChoiceProps<Value extends string | number> {
  readonly label: string;
  readonly value: Value;
  readonly among: readonly Value[];
  readonly nameOf: (value: Value) => string;
  readonly onChoose: (value: Value) => void;
}

/** A choice of one from several, under its name. */
export function LabelledChoice<Value extends string | number>({ label, value, among, nameOf, onChoose }: LabelledChoiceProps<Value>) {
  return (
    <label className="grid gap-0.5 text-[14px]">
      <span className="text-dove-dark">{label}</span>
      <SelectField
        aria-label={label}
        value={String(value)}
        options={among.map((value) => ({ value: String(value), name: nameOf(value) }))}
        onChange={(event) => {
          const chosen = among.find((value) => String(value) === event.target.value);
          if (chosen !== undefined) onChoose(chosen);
        }}
      />
    </label>
  );
}

import { SENTENCE_PART } from './sentence-part.ts';

interface ChoiceProps<Value extends string> {
  /** The name of what is chosen, for a screen reader. */
  readonly label: string;
  readonly value: Value;
  readonly values: readonly Value[];
  /** Gives the name of a value in the sentence. */
  readonly name: (value: Value) => string;
  readonly onChange: (value: Value) => void;
}

/** A part of the sentence with one choice of several. */
export function Choice<Value extends string>({ label, value, values, name, onChange }: ChoiceProps<Value>) {
  const pick = (text: string): void => {
    const picked = values.find((candidate) => candidate === text);
    if (picked !== undefined) onChange(picked);
  };
  return (
    <select aria-label={label} className={SENTENCE_PART} value={value} onChange={(event) => pick(event.target.value)}>
      {values.map((option) => (
        <option key={option} value={option}>
          {name(option)}
        </option>
      ))}
    </select>
  );
}

/** One of several options. */
export interface Option {
  readonly value: string;
  readonly name: string;
}

interface OptionChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Option[];
  readonly onChange: (value: string) => void;
}

/** A part of the sentence whose options come with their names. */
export function OptionChoice({ label, value, options, onChange }: OptionChoiceProps) {
  const nameOf = (chosen: string): string => options.find((option) => option.value === chosen)?.name ?? chosen;
  return <Choice label={label} value={value} values={options.map((option) => option.value)} name={nameOf} onChange={onChange} />;
}

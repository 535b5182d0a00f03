import { Select, type Option } from './Select.tsx';
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
export function Choice<Value extends string>({ values, name, ...others }: ChoiceProps<Value>) {
  return <OptionChoice {...others} options={values.map((value) => ({ value, name: name(value) }))} />;
}

interface OptionChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly Option<Value>[];
  readonly onChange: (value: Value) => void;
}

/** A part of the sentence whose options come with their names. */
export function OptionChoice<Value extends string>({ label, value, options, onChange }: OptionChoiceProps<Value>) {
  return <Select aria-label={label} className={SENTENCE_PART} value={value} options={options} onChoose={onChange} />;
}

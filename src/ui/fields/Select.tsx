import { memo, type SelectHTMLAttributes } from 'react';

/** One of several options: its value, and its name on the screen. */
export interface Option<Value extends string | number = string> {
  readonly value: Value;
  readonly name: string;
}

interface SelectProps<Value extends string | number> extends Omit<SelectHTMLAttributes<HTMLSelectElement>, 'value' | 'onChange'> {
  readonly value: Value;
  readonly options: readonly Option<Value>[];
  readonly onChoose: (value: Value) => void;
}

/** A choice of one from several, without a look of its own; the value that is chosen is the option's, not a text. */
export function Select<Value extends string | number>({ value, options, onChoose, ...attributes }: SelectProps<Value>) {
  const choose = (text: string): void => {
    const chosen = options.find((option) => String(option.value) === text);
    if (chosen) onChoose(chosen.value);
  };
  return (
    <select value={String(value)} onChange={(event) => choose(event.target.value)} {...attributes}>
      <Options options={options} />
    </select>
  );
}

/**
 * The options of a choice; a long list that stays as it is, as the players of a studio, is not made again with every letter of a search.
 */
const Options = memo(function Options({ options }: { readonly options: readonly Option<string | number>[] }) {
  return options.map(({ value, name }) => (
    <option key={value} value={value}>
      {name}
    </option>
  ));
});

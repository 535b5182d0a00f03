interface ChoiceProps<Value extends string> {
  /** What is chosen, for a screen reader. */
  readonly label: string;
  readonly value: Value;
  readonly values: readonly Value[];
  /** How a value stands in the sentence. */
  readonly name: (value: Value) => string;
  readonly onChange: (value: Value) => void;
}

/** One part of the sentence with one choice of several. */
export function Choice<Value extends string>({ label, value, values, name, onChange }: ChoiceProps<Value>) {
  const pick = (text: string): void => {
    const picked = values.find((candidate) => candidate === text);
    if (picked !== undefined) onChange(picked);
  };
  return (
    <select aria-label={label} className="sentence-part" value={value} onChange={(event) => pick(event.target.value)}>
      {values.map((each) => (
        <option key={each} value={each}>
          {name(each)}
        </option>
      ))}
    </select>
  );
}

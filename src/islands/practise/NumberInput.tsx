import { TextField } from '../../ui/fields/index.ts';

interface NumberInputProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** Whether it is a field of two or three digits, beside others. */
  readonly narrow?: boolean;
  readonly onChange: (value: number) => void;
}

/** Edits a whole number between two others, under its name; a text that is no such number stays as it was typed and has no effect. */
export function NumberInput({ label, value, least, most, narrow = false, onChange }: NumberInputProps) {
  return (
    <label className="grid gap-0.5 text-[14px]">
      <span className="text-dove-dark">{label}</span>
      <TextField
        type="number"
        aria-label={label}
        className={narrow ? 'w-13' : 'w-20'}
        min={least}
        max={most}
        defaultValue={value}
        onChange={({ target }) => {
          const typed = Number(target.value);
          if (target.value !== '' && Number.isInteger(typed) && typed >= least && typed <= most) onChange(typed);
        }}
      />
    </label>
  );
}

import { type ChangeEvent, type ComponentProps, type InputHTMLAttributes, type ReactNode, type Ref, useId } from 'react';
import { plainText } from '../../words/plain-text.ts';
import { FIELD, FIELD_ROW } from './field-look.ts';
import { Select } from './Select.tsx';

interface TextFieldProps extends InputHTMLAttributes<HTMLInputElement> {
  readonly ref?: Ref<HTMLInputElement>;
}

/** A field for text, typed or pasted; characters that no file may contain are removed. `className` sets its width. */
export function TextField({ className = '', onChange, ...attributes }: TextFieldProps) {
  const change = (event: ChangeEvent<HTMLInputElement>): void => {
    const plain = plainText(event.target.value);
    if (plain !== event.target.value) event.target.value = plain;
    onChange?.(event);
  };
  return <input className={`${FIELD} ${className}`} onChange={change} {...attributes} />;
}

/** A choice of one from several, outside the sentence. */
export function SelectField<Value extends string | number>({ className = '', ...choice }: ComponentProps<typeof Select<Value>>) {
  return <Select className={`${FIELD} ${className}`} {...choice} />;
}

interface CheckFieldProps {
  readonly label: ReactNode;
  /** The effect, in one line. */
  readonly hint?: string;
  readonly checked: boolean;
  readonly disabled?: boolean;
  readonly onChange: (checked: boolean) => void;
}

/** A choice of yes or no; its effect is written below it, and for a screen reader after its name. */
export function CheckField({ label, hint, checked, disabled = false, onChange }: CheckFieldProps) {
  const id = useId();
  return (
    <div className="py-1">
      <label className="flex items-baseline gap-2">
        <input
          type="checkbox"
          className="size-4 accent-ink"
          checked={checked}
          disabled={disabled}
          aria-describedby={hint === undefined ? undefined : id}
          onChange={(event) => onChange(event.target.checked)}
        />
        <span>{label}</span>
      </label>
      {hint !== undefined && (
        <span id={id} className="block pl-6 text-sm text-dove-dark">
          {hint}
        </span>
      )}
    </div>
  );
}

interface FieldRowProps {
  readonly label: ReactNode;
  readonly htmlFor?: string;
  readonly children: ReactNode;
}

/** One line of a form: the question, and its field. */
export function FieldRow({ label, htmlFor, children }: FieldRowProps) {
  return (
    <div className={FIELD_ROW}>
      <label htmlFor={htmlFor}>{label}</label>
      {children}
    </div>
  );
}

import { useId } from 'react';
import { TextField } from './Field.tsx';

interface SuggestedFieldProps {
  readonly label: string;
  readonly suggestions: readonly string[];
  readonly value: string;
  readonly maxLength: number;
  readonly className?: string;
  /** Receives the text with every letter. */
  readonly onType?: (text: string) => void;
  /** Runs when the field is left. */
  readonly onLeave?: (text: string) => void;
}

/** A field for typed text, or one of its suggestions. */
export function SuggestedField({ label, suggestions, value, maxLength, className = '', onType, onLeave }: SuggestedFieldProps) {
  const id = useId();
  return (
    <>
      <TextField
        aria-label={label}
        className={className}
        list={id}
        maxLength={maxLength}
        defaultValue={value}
        onChange={({ target }) => onType?.(target.value)}
        onBlur={({ target }) => onLeave?.(target.value)}
      />
      <datalist id={id}>
        {suggestions.map((suggestion) => (
          <option key={suggestion} value={suggestion} />
        ))}
      </datalist>
    </>
  );
}

import { useId } from 'react';
import { TextField } from './Field.tsx';

interface SuggestedFieldProps {
  readonly label: string;
  readonly suggestions: readonly string[];
  readonly value: string;
  readonly maxLength: number;
  readonly className?: string;
  /** With every letter. */
  readonly onType?: (text: string) => void;
  /** When it is left. */
  readonly onLeave?: (text: string) => void;
}

/** Something typed, or one of what is suggested for it. */
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
        {suggestions.map((each) => (
          <option key={each} value={each} />
        ))}
      </datalist>
    </>
  );
}

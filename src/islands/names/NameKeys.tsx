import { LETTERS, noteLabel } from '#core/pitch';
import { Button } from '../../ui/Button.tsx';

interface NameKeysProps {
  /** The name so far, documents' form; null before a letter is chosen. */
  readonly name: string | null;
  readonly disabled: boolean;
  readonly onName: (name: string) => void;
}

const SIGNS = [
  { sign: 'b', text: '♭', spoken: 'flat' },
  { sign: '', text: '♮', spoken: 'natural' },
  { sign: '#', text: '♯', spoken: 'sharp' },
] as const;

/** Shows the seven letters and their signs, to tap. */
export function NameKeys({ name, disabled, onName }: NameKeysProps) {
  const letter = name?.charAt(0) ?? null;
  const sign = name?.slice(1) ?? '';
  return (
    <div className="mt-2 flex flex-wrap gap-x-6 gap-y-2">
      <div role="group" aria-label="Letter" className="flex flex-wrap gap-1.5">
        {LETTERS.map((choice) => (
          <Button
            key={choice}
            className={TAP}
            aria-pressed={choice === letter}
            disabled={disabled}
            onClick={() => onName(`${choice}${choice === letter ? sign : ''}`)}
          >
            {choice}
          </Button>
        ))}
      </div>
      <div role="group" aria-label="Sign" className="flex gap-1.5">
        {SIGNS.map((offered) => (
          <Button
            key={offered.spoken}
            className={TAP}
            aria-label={offered.spoken}
            aria-pressed={letter !== null && offered.sign === sign}
            disabled={disabled || letter === null}
            onClick={() => letter !== null && onName(`${letter}${offered.sign}`)}
          >
            {offered.text}
          </Button>
        ))}
      </div>
      <p aria-live="polite" className="sr-only">
        {name === null ? '' : noteLabel(name)}
      </p>
    </div>
  );
}

/** The size of a key, large enough for a thumb. */
export const TAP = 'min-h-11 min-w-11 justify-center text-[17px]';

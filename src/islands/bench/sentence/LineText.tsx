import { FIELD } from '../../../ui/fields/field-look.ts';

interface LineTextProps {
  readonly text: string;
  /** Reads an octave above what sounds. */
  readonly bass: boolean;
  /** Hears what is typed; without it the line can only be read. */
  readonly onType?: (text: string) => void;
}

/** The line as it is typed, and how it is written. */
export function LineText({ text, bass, onType }: LineTextProps) {
  return (
    <label className="mt-1 block">
      <span className="text-sm text-dove-dark">
        Notes, for example Eb4 F4 (G4:1/8 Ab4) r:1/4 — a value holds until the next one, 1/8t is a triplet, ( ) is one bow, A4&gt; an
        accent, {'{D5}'} a grace note, ~ a tie, r a rest, A3+F4 a double stop, A4tr a trill (A4tr# with a sharp), A4mord and A4upmord
        mordents, A4* a natural harmonic, A6** a stopped one.
        {bass && ' Write as the double bass reads, an octave above what sounds.'}
      </span>
      <textarea
        className={`${FIELD} mt-1 block w-full`}
        rows={2}
        spellCheck={false}
        value={text}
        readOnly={onType === undefined}
        onChange={(event) => onType?.(event.target.value)}
      />
    </label>
  );
}

import { gapsOfKey } from '#core/plan/describe';
import { TextField } from '../../../ui/fields/index.ts';
import { gapsText } from '../../../words/hand/patterns.ts';
import { HAND_DETAILS_TITLE } from '../../../words/hand/hand-details.ts';

type Names = Readonly<Record<string, string>>;

interface PatternNamesProps {
  readonly names: Names;
  readonly onChange: (names: Record<string, string>) => void;
}

/** Edits the teacher's own names for finger patterns; they are given on the bench, where the patterns are. */
export function PatternNames({ names, onChange }: PatternNamesProps) {
  const rename = (key: string, name: string): void => {
    const { [key]: _, ...others } = names;
    onChange(name.trim() === '' ? others : { ...others, [key]: name.trim() });
  };
  const keys = Object.keys(names);
  if (keys.length === 0) {
    return (
      <p className="mt-1 max-w-[60ch] text-dove-dark">
        None yet. On the bench, under “{HAND_DETAILS_TITLE}”, every pattern of a piece has a field for your own name.
      </p>
    );
  }
  return (
    <ul className="mt-2 grid gap-y-1.5">
      {keys.map((key) => (
        <li key={key} className="flex items-baseline gap-3">
          <TextField
            className="w-48"
            aria-label={`Name for ${gapsText(gapsOfKey(key))}`}
            defaultValue={names[key]}
            maxLength={40}
            onChange={(event) => event.target.value.trim() !== '' && rename(key, event.target.value)}
            onBlur={(event) => event.target.value.trim() === '' && rename(key, '')}
          />
          <span>{gapsText(gapsOfKey(key))}</span>
          <span className="text-dove-dark">
            {gapsOfKey(key)
              .map(({ from, to }) => `${from}–${to}`)
              .join(', ')}
          </span>
        </li>
      ))}
    </ul>
  );
}

import { type Brief, STRETCH_LIMITS, type StretchLimits } from '#core/brief';
import { stretchAt, withStretch } from '#core/brief/lines';
import { limitPart } from '#core/brief/parts/limits';
import { type Preference, PREFERENCES, wishPart } from '#core/brief/parts/wishes';
import { changeBrief } from '../../../state/edits/brief-actions.ts';
import type { Stretch } from '../../../state/selection.ts';
import { useWork } from '../../../state/work/work.ts';
import { SelectField } from '../../../ui/fields/Field.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { STRENGTHS } from '../../../words/labels.ts';
import { settingOf } from '../sentence/LimitControl.tsx';
import { PartControl } from '../sentence/PartControl.tsx';

/** What is asked of the selected notes alone: to stay on a string, to avoid one, one colour. */
export function AskOfStretch({ stretch }: { readonly stretch: Stretch }) {
  const brief = useWork((work) => work.brief);
  const { preferences = {} } = stretchAt(brief, stretch);
  const wish = (name: Preference, strength: number): void =>
    changeBrief((now) => {
      const { [name]: _, ...others } = stretchAt(now, stretch).preferences ?? {};
      return withStretch(now, { ...stretchAt(now, stretch), preferences: strength > 0 ? { ...others, [name]: strength } : others });
    });
  return (
    <>
      {STRETCH_LIMITS.map((name) => (
        <StretchLimit key={name} name={name} brief={brief} stretch={stretch} />
      ))}
      <Heading as="h3" className="mt-3">
        Preferences
      </Heading>
      {PREFERENCES.map((name) => (
        <label key={name} className="flex items-baseline justify-between gap-4 py-0.5">
          {wishPart(name).label}
          <SelectField
            value={String(preferences[name] ?? 0)}
            options={STRENGTHS}
            onChange={(event) => wish(name, Number(event.target.value))}
          />
        </label>
      ))}
    </>
  );
}

interface StretchLimitProps<Name extends keyof StretchLimits> {
  readonly name: Name;
  readonly brief: Brief;
  readonly stretch: Stretch;
}

function StretchLimit<Name extends keyof StretchLimits>({ name, brief, stretch }: StretchLimitProps<Name>) {
  const { control, words } = limitPart(name);
  const setting = settingOf(brief);
  const { limits = {} } = stretchAt(brief, stretch);
  const set = (value: StretchLimits[Name] | null): void =>
    changeBrief((now) => {
      const { [name]: _, ...others } = stretchAt(now, stretch).limits ?? {};
      return withStretch(now, { ...stretchAt(now, stretch), limits: value === null ? others : { ...others, [name]: value } });
    });
  return (
    setting && (
      <div className="mt-2">
        {control.kind === 'choice' && <span>{words.name} </span>}
        <PartControl name={words.name} none={words.none} control={control} value={limits[name]} setting={setting} onSet={set} />
      </div>
    )
  );
}

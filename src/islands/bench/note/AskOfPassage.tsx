import { type Brief, PASSAGE_LIMITS, type PassageLimits } from '#core/brief';
import { passageAt, withPassage } from '#core/brief/locks';
import { limitPart } from '#core/brief/parts/limits';
import { type Preference, PREFERENCES, wishPart } from '#core/brief/parts/wishes';
import { changeBrief } from '../../../state/edits/index.ts';
import type { Passage } from '../../../state/selection.ts';
import { useWork } from '../../../state/bench/index.ts';
import { SelectField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { STRENGTHS } from '../../../words/piece/wishes.ts';
import { settingOf } from '../sentence/LimitControl.tsx';
import { PartControl } from '../sentence/PartControl.tsx';

/** Edits what is asked of the selected notes alone: to stay on a string, to avoid one, one colour. */
export function AskOfPassage({ passage }: { readonly passage: Passage }) {
  const brief = useWork((work) => work.brief);
  const { preferences = {} } = passageAt(brief, passage);
  const wish = (name: Preference, strength: number): void =>
    changeBrief((now) => {
      const { [name]: _, ...others } = passageAt(now, passage).preferences ?? {};
      return withPassage(now, { ...passageAt(now, passage), preferences: strength > 0 ? { ...others, [name]: strength } : others });
    });
  return (
    <>
      {PASSAGE_LIMITS.map((name) => (
        <PassageLimit key={name} name={name} brief={brief} passage={passage} />
      ))}
      <Heading as="h3" className="mt-3">
        Preferences
      </Heading>
      {PREFERENCES.map((name) => (
        <label key={name} className="flex items-baseline justify-between gap-4 py-0.5">
          {wishPart(name).label}
          <SelectField value={preferences[name] ?? 0} options={STRENGTHS} onChoose={(strength) => wish(name, strength)} />
        </label>
      ))}
    </>
  );
}

interface PassageLimitProps<Name extends keyof PassageLimits> {
  readonly name: Name;
  readonly brief: Brief;
  readonly passage: Passage;
}

function PassageLimit<Name extends keyof PassageLimits>({ name, brief, passage }: PassageLimitProps<Name>) {
  const { control, words } = limitPart(name);
  const setting = settingOf(brief);
  const { limits = {} } = passageAt(brief, passage);
  const set = (value: PassageLimits[Name] | null): void =>
    changeBrief((now) => {
      const { [name]: _, ...others } = passageAt(now, passage).limits ?? {};
      return withPassage(now, { ...passageAt(now, passage), limits: value === null ? others : { ...others, [name]: value } });
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

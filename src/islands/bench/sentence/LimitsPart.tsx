import { lazy, useRef, useState } from 'react';
import { Part } from '../../../ui/states/index.ts';
import type { Brief } from '#core/brief';
import { withLimit } from '#core/brief/edits';
import { LIMIT_NAMES, type LimitName, limitPart } from '#core/brief/parts/limits';
import { changeBrief } from '../../../state/edits/index.ts';
import { OptionChoice, SENTENCE_PART } from '../../../ui/fields/index.ts';
import { useTold } from './use-told.ts';

/** The control comes when first asked for: the bench is drawn without it, and without the data of hands. */
const LimitPopover = lazy(async () => ({ default: (await import('./LimitPopover.tsx')).LimitPopover }));

/** Shows the limits that stand in the sentence: the positions, strings and fingers that are allowed, and the use of open strings. */
export function LimitsPart({ brief }: { readonly brief: Brief }) {
  return LIMIT_NAMES.map((name) => <SentenceLimit key={name} name={name} brief={brief} />);
}

interface LimitProps<Name extends LimitName> {
  readonly name: Name;
  readonly brief: Brief;
}

function SentenceLimit<Name extends LimitName>({ name, brief }: LimitProps<Name>) {
  const { control, stands, words } = limitPart(name);
  const value = brief.limits?.[name];
  const told = useTold(value === undefined || (control.kind === 'choice' && control.chosen(value) === control.chosen(undefined)));
  if (stands.in !== 'sentence' || !told) return null;
  if (control.kind !== 'choice') {
    return (
      <>
        , {stands.lead} <OpenedLimit name={name} brief={brief} />
      </>
    );
  }
  return (
    <>
      , {stands.lead}{' '}
      <OptionChoice
        label={words.name}
        value={control.chosen(value)}
        options={control.options}
        onChange={(chosen) => changeBrief((now) => withLimit(now, name, control.choose(chosen)))}
      />
    </>
  );
}

/** A part of the sentence with more than one choice of several, which opens below it. */
function OpenedLimit<Name extends LimitName>({ name, brief }: LimitProps<Name>) {
  const [open, setOpen] = useState(false);
  const trigger = useRef<HTMLButtonElement>(null);
  const part = limitPart(name);
  const value = brief.limits?.[name];
  const words = value === undefined ? part.words.none : part.words.inSentence(value);
  return (
    <>
      <button
        ref={trigger}
        type="button"
        className={SENTENCE_PART}
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={`${part.words.name}: ${words}`}
        onClick={() => setOpen(true)}
      >
        {words}
      </button>
      {open && (
        <Part>
          <LimitPopover name={name} brief={brief} anchor={trigger} onClose={() => setOpen(false)} />
        </Part>
      )}
    </>
  );
}

import type { RefObject } from 'react';
import { type Brief, waysOf } from '#core/brief';
import { withPreference, withSamePattern } from '#core/brief/edits';
import { LIMIT_NAMES, limitPart } from '#core/brief/parts/limits';
import { materialPart } from '#core/brief/parts/materials';
import { SAME_PATTERN_WORDS } from '#core/brief/parts/rules';
import { styleWishes } from '#core/brief/parts/school';
import { PREFERENCES, wishPart } from '#core/brief/parts/wishes';
import { withPassage } from '#core/brief/locks';
import { changeBrief } from '../../../state/edits/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { CheckField, SelectField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { Popover } from '../../../ui/Popover.tsx';
import { tellNotesOfBrief } from '../../../words/line/note-places.ts';
import { STRENGTHS, passageLabel } from '../../../words/piece/wishes.ts';
import { WaysFields } from './WaysFields.tsx';
import { LimitControl } from './LimitControl.tsx';

interface WishesPopoverProps {
  readonly brief: Brief;
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** The limits that stand among the rules. */
const RULES = LIMIT_NAMES.filter((name) => limitPart(name).stands.in === 'rules');

/** Shows all wishes with their strength, and what may be asked of the whole line. */
export function WishesPopover({ brief, anchor, onClose }: WishesPopoverProps) {
  const taught = styleWishes(brief.school, waysOf(brief));
  return (
    <Popover label="Preferences" anchor={anchor} width="w-[460px] max-w-[94vw]" onClose={onClose}>
      <Heading className="mb-2">Preferences</Heading>
      {PREFERENCES.map((wish) => (
        <label key={wish} className="flex items-baseline justify-between gap-4 py-1">
          <span>
            {wishPart(wish).label}
            <span className="block text-sm text-dove-dark">{wishPart(wish).hint}</span>
          </span>
          <SelectField
            value={brief.preferences?.[wish] ?? taught[wish] ?? 0}
            options={STRENGTHS}
            onChoose={(strength) => changeBrief((now) => withPreference(now, wish, strength))}
          />
        </label>
      ))}
      <Heading className="mt-4 mb-2">Requirements</Heading>
      <CheckField
        label={SAME_PATTERN_WORDS.name}
        hint={SAME_PATTERN_WORDS.hint}
        checked={brief.samePatternEveryOctave === true}
        disabled={!materialPart(brief.material.kind).repeatsByOctave}
        onChange={(same) => changeBrief((now) => withSamePattern(now, same))}
      />
      {RULES.map((name) => (
        <LimitControl key={name} name={name} brief={brief} />
      ))}
      {(brief.stretches ?? []).map((passage) => (
        <p key={`${passage.from} ${passage.to}`} className="flex items-baseline justify-between gap-4 py-1">
          {passageLabel(passage, tellNotesOfBrief(brief))}
          <Button onClick={() => changeBrief((now) => withPassage(now, { from: passage.from, to: passage.to }))}>Delete</Button>
        </p>
      ))}
      <OpenedSection title="Taught differently here">{() => <WaysFields brief={brief} />}</OpenedSection>
    </Popover>
  );
}

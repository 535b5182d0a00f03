import type { RefObject } from 'react';
import { type Brief, MOST_SHIFTS } from '#core/plan';
import { PREFERENCES } from '#core/search';
import { changeBrief } from '../../store/bench-actions.ts';
import { withLimits, withPreference, withSamePattern } from '../../store/brief-edits.ts';
import { PREFERENCE_HINTS, STRENGTHS, strengthLabel } from '../../words/wishes.ts';
import { PREFERENCE_LABELS } from '../../words/labels.ts';
import { SentencePopover } from './SentencePopover.tsx';

interface WishesPopoverProps {
  readonly brief: Brief;
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** All wishes with their strength, and what may be asked of the whole line. */
export function WishesPopover({ brief, anchor, onClose }: WishesPopoverProps) {
  const pattern = brief.material.kind === 'scale' || brief.material.kind === 'arpeggio';
  return (
    <SentencePopover label="Wishes" anchor={anchor} width="w-[460px] max-w-[94vw]" onClose={onClose}>
      <h2 className="small-heading mb-2">What you would like</h2>
      {PREFERENCES.map((wish) => (
        <label key={wish} className="flex items-baseline justify-between gap-4 py-1">
          <span>
            {PREFERENCE_LABELS[wish]}
            <span className="block text-sm text-dove-dark">{PREFERENCE_HINTS[wish]}</span>
          </span>
          <select
            className="field"
            value={String(brief.preferences?.[wish] ?? 0)}
            onChange={(event) => changeBrief((now) => withPreference(now, wish, Number(event.target.value)))}
          >
            {STRENGTHS.map((strength) => (
              <option key={strength} value={strength}>
                {strengthLabel(strength)}
              </option>
            ))}
          </select>
        </label>
      ))}
      <h2 className="small-heading mt-4 mb-2">What must hold</h2>
      <Rule
        label="One pattern for every octave"
        hint="From the second octave on the fingers repeat."
        checked={brief.samePatternEveryOctave === true}
        disabled={!pattern}
        onChange={(same) => changeBrief((now) => withSamePattern(now, same))}
      />
      <Rule
        label="Natural harmonics may be used"
        hint="Touched at a half, a third or a quarter of the string."
        checked={brief.limits?.harmonics === true}
        disabled={false}
        onChange={(harmonics) => changeBrief((now) => withLimits(now, { harmonics: harmonics ? true : null }))}
      />
      <ShiftCount shifts={brief.limits?.shifts ?? null} />
    </SentencePopover>
  );
}

interface RuleProps {
  readonly label: string;
  readonly hint: string;
  readonly checked: boolean;
  readonly disabled: boolean;
  readonly onChange: (checked: boolean) => void;
}

function Rule({ label, hint, checked, disabled, onChange }: RuleProps) {
  return (
    <label className="flex items-baseline gap-2 py-1">
      <input
        type="checkbox"
        className="size-4 accent-ink"
        checked={checked}
        disabled={disabled}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span>
        {label}
        <span className="block text-sm text-dove-dark">{hint}</span>
      </span>
    </label>
  );
}

function ShiftCount({ shifts }: { readonly shifts: number | null }) {
  const read = (text: string): number | null => {
    const count = Number.parseInt(text, 10);
    return Number.isNaN(count) ? null : Math.max(0, Math.min(MOST_SHIFTS, count));
  };
  return (
    <label className="flex items-baseline gap-2 py-1">
      Exactly
      <input
        className="field w-16"
        inputMode="numeric"
        placeholder="any"
        aria-label="Number of shifts"
        value={shifts ?? ''}
        onChange={(event) => changeBrief((now) => withLimits(now, { shifts: read(event.target.value) }))}
      />
      shifts in the whole line
    </label>
  );
}

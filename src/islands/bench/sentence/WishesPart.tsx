import { lazy, useRef, useState } from 'react';
import { Part } from '../../../ui/states/index.ts';
import { type Brief, playerWays } from '#core/brief';
import { withPurpose } from '#core/brief/edits';
import { PURPOSE_LABELS, PURPOSES } from '#core/brief/parts/rules';
import { changeBrief } from '../../../state/edits/index.ts';
import { Choice, SENTENCE_PART } from '../../../ui/fields/index.ts';
import { wishLabels, wishText } from '../../../words/piece/wishes.ts';
import { useTold } from './use-told.ts';

/** The popover comes when first asked for; the bench is drawn without it. */
const WishesPopover = lazy(async () => ({ default: (await import('./WishesPopover.tsx')).WishesPopover }));

/** Tells whether player or piece answer a question of the school for themselves. */
function mayDiffer({ player = {}, ways }: Brief): boolean {
  return ways !== undefined || Object.keys(playerWays(player)).length > 0;
}

/** The words come where they are needed: the questions of a school are many, and most pieces differ in none. */
const WishWords = lazy(async () => ({ default: (await import('./WishWords.tsx')).WishWords }));

const PURPOSE_CHOICES = ['none', ...PURPOSES] as const;

/** Chooses the purpose of the plan. */
export function PurposePart({ brief }: { readonly brief: Brief }) {
  const told = useTold(brief.purpose === undefined);
  if (!told) return null;
  return (
    <>
      ,{' '}
      <span className="whitespace-nowrap">
        <Choice
          label="Purpose"
          value={brief.purpose ?? 'none'}
          values={PURPOSE_CHOICES}
          name={(purpose) => PURPOSE_LABELS[purpose]}
          onChange={(purpose) => changeBrief((now) => withPurpose(now, purpose === 'none' ? null : purpose))}
        />
      </span>
    </>
  );
}

/** Shows the teacher's wishes, as words at the end of the sentence. */
export function WishesPart({ brief }: { readonly brief: Brief }) {
  const [open, setOpen] = useState(false);
  const trigger = useRef<HTMLButtonElement>(null);
  const wishes = wishLabels(brief);
  const told = useTold(wishes.length === 0 && !mayDiffer(brief));
  if (!told) return null;
  return (
    <>
      , with{' '}
      <button
        ref={trigger}
        type="button"
        className={SENTENCE_PART}
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => setOpen(true)}
      >
        <span className="sr-only">Preferences: </span>
        {mayDiffer(brief) ? (
          <Part fallback={wishText(wishes)}>
            <WishWords brief={brief} wishes={wishes} />
          </Part>
        ) : (
          wishText(wishes)
        )}
      </button>
      {open && (
        <Part>
          <WishesPopover brief={brief} anchor={trigger} onClose={() => setOpen(false)} />
        </Part>
      )}
    </>
  );
}

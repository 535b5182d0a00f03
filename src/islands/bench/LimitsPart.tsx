import { lazy, Suspense, useRef, useState } from 'react';
import type { Brief } from '#core/plan';
import { ANY_LABELS, type Limit, LIMIT_LABELS, limitValues, someLabel } from './limits.ts';

/** Comes when first asked for: the bench is drawn without it, and without what each hand can do. */
const LimitPopover = lazy(async () => ({ default: (await import('./LimitPopover.tsx')).LimitPopover }));

/** Which positions, strings and fingers are allowed. */
export function LimitsPart({ brief }: { readonly brief: Brief }) {
  return (
    <>
      in <Subset limit="positions" brief={brief} /> on <Subset limit="strings" brief={brief} /> with{' '}
      <Subset limit="fingers" brief={brief} />
    </>
  );
}

/** A part of the sentence that allows some of several; all of them, or none, is no limit. */
function Subset({ limit, brief }: { readonly limit: Limit; readonly brief: Brief }) {
  const [open, setOpen] = useState(false);
  const trigger = useRef<HTMLButtonElement>(null);
  const chosen = limitValues(brief, limit);
  const words = chosen === null ? ANY_LABELS[limit] : someLabel(limit, chosen);
  return (
    <>
      <button
        ref={trigger}
        type="button"
        className="sentence-part"
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={`${LIMIT_LABELS[limit]}: ${words}`}
        onClick={() => setOpen(true)}
      >
        {words}
      </button>
      {open && (
        <Suspense>
          <LimitPopover limit={limit} brief={brief} anchor={trigger} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}

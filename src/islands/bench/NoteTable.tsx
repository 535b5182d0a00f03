import { lazy, Suspense, useState } from 'react';
import type { Plan } from '#core/plan';
import type { Ringing } from '../../workers/protocol.ts';

/** Comes when first opened. */
const NoteRows = lazy(async () => ({ default: (await import('./NoteRows.tsx')).NoteRows }));

export interface NoteTableProps {
  readonly plan: Plan;
  /** What rings with an open string. */
  readonly ringing: Ringing;
}

/** The same as staff and path in a table: for a screen reader, and for whoever prefers figures. */
export function NoteTable({ plan, ringing }: NoteTableProps) {
  const [open, setOpen] = useState(false);
  return (
    <details className="mt-4" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="small-heading">Table of the notes</summary>
      {open && (
        <Suspense>
          <NoteRows plan={plan} ringing={ringing} />
        </Suspense>
      )}
    </details>
  );
}

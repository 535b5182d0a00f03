import { lazy, Suspense } from 'react';
import type { Plan } from '#core/plan';
import { useBench } from '../../store/bench-store.ts';

/** Comes when a note is chosen: the bench is drawn without it. */
const SelectedNote = lazy(async () => ({ default: (await import('./SelectedNote.tsx')).SelectedNote }));

/** The selected note: what it is, how else it can be played, and how the hand gets there. */
export function NotePanel({ plan }: { readonly plan: Plan }) {
  const selected = useBench((bench) => bench.selected);
  const note = selected === null ? undefined : plan.notes[selected];
  return (
    <aside aria-label="Selected note" className="border-l border-line pl-5 lg:row-span-2 max-lg:mt-4 max-lg:border-l-0 max-lg:pl-0">
      {selected !== null && note?.kind === 'note' ? (
        <Suspense>
          <SelectedNote plan={plan} index={selected} note={note} />
        </Suspense>
      ) : (
        <Nothing />
      )}
    </aside>
  );
}

function Nothing() {
  return (
    <>
      <h2 className="text-xl font-semibold">Choose a note</h2>
      <p className="mt-2 text-dove-dark">
        Click a note or a bead, or press → for the first. Then press 0 to 4 for another finger, ↑ ↓ for another string: the rest is planned
        anew around it.
      </p>
    </>
  );
}

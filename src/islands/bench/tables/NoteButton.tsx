import { pitchLabel } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { select } from '../../../state/selection.ts';

/** Names a note of the line; pressing it selects it. */
export function NoteButton({ plan, index }: { readonly plan: Plan; readonly index: number }) {
  const note = plan.notes[index];
  return (
    <button type="button" className="underline" onClick={() => select(index)}>
      {note?.kind === 'note' ? pitchLabel(note.stops[0].written) : ''}
    </button>
  );
}

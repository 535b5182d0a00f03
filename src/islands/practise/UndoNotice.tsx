import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/states/index.ts';
import type { Undoable } from './use-undo.ts';

/** Says what was done just now, with the way back. */
export function UndoNotice({ undone }: { readonly undone: Undoable | null }) {
  return (
    undone && (
      <Notice className="mt-2 flex items-center gap-3">
        {undone.words}
        <Button onClick={undone.undo}>Undo</Button>
      </Notice>
    )
  );
}

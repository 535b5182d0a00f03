import { useLiveQuery } from 'dexie-react-hooks';
import { X } from 'lucide-react';
import { useEffect } from 'react';
import { useWork } from '../../../state/work.ts';
import { closePiece, loadOpenPieces, noteOpened } from '../../../storage/open-pieces.ts';
import { openOnBench } from '../../open-on-bench.ts';

/** The other pieces that stand open: one step away, and closed without losing anything. */
export function PieceTabs({ pieceId }: { readonly pieceId: string }) {
  const saving = useWork((work) => work.saving.state);
  const open = useLiveQuery(() => loadOpenPieces().catch(() => [])) ?? [];
  useEffect(() => {
    if (saving === 'saved') void noteOpened(pieceId).catch(() => undefined);
  }, [pieceId, saving]);
  const others = open.filter(({ id }) => id !== pieceId);
  return (
    <nav aria-label="Open pieces" className="flex min-w-0 shrink items-center gap-1 overflow-x-auto [scrollbar-width:thin]">
      {others.map(({ id, name }) => (
        <span key={id} className="flex shrink-0 items-center border-b-2 border-line">
          <a
            href={`/?piece=${id}`}
            className="max-w-36 truncate px-1.5 py-1 text-sm text-dove-dark no-underline hover:text-ink"
            title={name}
            onClick={(event) => {
              if (event.metaKey || event.ctrlKey || event.shiftKey) return;
              event.preventDefault();
              openOnBench(id);
            }}
          >
            {name === '' ? 'unnamed' : name}
          </a>
          <button
            type="button"
            className="px-0.5 text-dove-dark hover:text-ink"
            aria-label={`Close ${name}`}
            onClick={() => void closePiece(id)}
          >
            <X size={13} aria-hidden="true" />
          </button>
        </span>
      ))}
    </nav>
  );
}

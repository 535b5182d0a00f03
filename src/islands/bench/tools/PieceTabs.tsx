import { X } from '../../../ui/icons.ts';
import { closeOpen, useOpenPieces } from '../../../state/bench/index.ts';
import { PAGE_TAB } from '../../../ui/page-tab.ts';
import { pieceTitle } from '../../../words/piece/pieces.ts';
import { openOnBench } from '../../opened-piece/index.ts';

/** Shows the open pieces, where there are two or more: one step away, and closed without losing anything. */
export function PieceTabs({ pieceId }: { readonly pieceId: string }) {
  const pieces = useOpenPieces((open) => open.pieces);
  if (!pieces.some(({ id }) => id !== pieceId)) return null;
  return (
    <nav
      aria-label="Open pieces"
      className="no-print flex gap-x-4 overflow-x-auto border-b border-line px-5 text-sm [scrollbar-width:thin]"
    >
      {pieces.map((piece) => (
        <span key={piece.id} className="flex shrink-0 items-center">
          <a
            href={`/?piece=${piece.id}`}
            aria-current={piece.id === pieceId ? 'page' : undefined}
            className={`${PAGE_TAB} max-w-64 truncate no-underline hover:text-ink`}
            title={pieceTitle(piece)}
            onClick={(event) => {
              if (event.metaKey || event.ctrlKey || event.shiftKey) return;
              event.preventDefault();
              void openOnBench(piece.id);
            }}
          >
            {pieceTitle(piece)}
          </a>
          {piece.id !== pieceId && (
            <button
              type="button"
              className="min-h-[24px] min-w-[24px] pl-1 text-dove-dark hover:text-ink"
              aria-label={`Close ${pieceTitle(piece)}`}
              onClick={() => void closeOpen(piece.id)}
            >
              <X size={13} aria-hidden="true" />
            </button>
          )}
        </span>
      ))}
    </nav>
  );
}

import { useMemo } from 'react';
import { type BeforePiece, beforePiece, drillOfNeed, type PieceForNeed, type PieceOfBook } from '#core/books';
import type { DrillRequest } from '#core/drill/families';
import type { PieceFacts } from '#core/drill/finder';
import type { Plan } from '#core/plan/describe';
import { useEngine } from '../../../engine/index.ts';
import { useWork } from '../../../state/bench/index.ts';
import { ButtonLink } from '../../../ui/Button.tsx';
import { Answered } from '../../../ui/states/index.ts';
import { FAMILY_WORDS } from '../../../words/drills/families.ts';
import { forNeedText, IN_BOOKS, needName, needShareText, readingText } from '../../../words/drills/in-books.ts';
import { BriefPath } from '../../parts/index.ts';
import { DRILL_GRID } from '../find/drill-grid.ts';
import { DrillCard } from '../find/DrillCard.tsx';
import { type BooksHere, useBooks } from './use-books.ts';

interface BeforePartProps {
  readonly plan: Plan;
  readonly onOpen: (request: DrillRequest, note: number | null) => void;
}

/** The number of pieces shown for each need, beside the drill. */
const MOST_SHOWN = 2;

/** Shows what the piece on the bench asks of its player, and what practises it first: a drill, and pieces of the teacher’s books. */
export function BeforePart({ plan, onOpen }: BeforePartProps) {
  const pieceId = useWork((work) => work.pieceId);
  const books = useBooks(plan.brief.instrument.kind, pieceId);
  const { facts, done, all } = books;
  const own = useEngine(plan.brief, { kind: 'piece-facts' });
  return (
    <div className="mt-3">
      <Answered asked={own}>
        {(needs) => (
          <Answered asked={facts} waiting={done < all ? readingText(done, all) : IN_BOOKS.looking}>
            {(pieces) => (
              <>
                {all === 0 && (
                  <p className="mb-3 flex flex-wrap items-center gap-2">
                    {IN_BOOKS.beforeNoBooks} <ButtonLink href="/books">{IN_BOOKS.toBooks}</ButtonLink>
                  </p>
                )}
                <Needs plan={plan} needs={needs} pieces={pieces} books={books} onOpen={onOpen} />
              </>
            )}
          </Answered>
        )}
      </Answered>
    </div>
  );
}

interface NeedsProps extends BeforePartProps {
  readonly needs: PieceFacts;
  readonly pieces: readonly PieceOfBook[];
  readonly books: BooksHere;
}

function Needs({ plan, needs, pieces, books, onOpen }: NeedsProps) {
  const before = useMemo(
    () => beforePiece(needs, pieces, MOST_SHOWN).map((found) => ({ found, request: drillOfNeed(needs, found.need) })),
    [needs, pieces],
  );
  const counts = { notes: needs.notes, shifts: needs.shifts.length };
  return (
    <ol className={books.all === 0 ? DRILL_GRID : 'grid gap-y-4'}>
      {before
        .filter(({ request }) => books.all > 0 || request !== null)
        .map(({ found, request }) => (
          <li key={JSON.stringify(found.need)} className="min-w-0">
            <h2 className="flex flex-wrap items-baseline gap-x-3">
              <span className="font-serif text-[19px]">{needName(found.need)}</span>
              <span className="font-sans text-[14px] font-normal text-dove-dark">{needShareText(found, counts)}</span>
            </h2>
            <ul className={books.all === 0 ? '' : DRILL_GRID}>
              <OurDrill plan={plan} request={request} onOpen={onOpen} />
              {found.pieces.map((piece) => (
                <PieceCard key={piece.piece} need={found.need} piece={piece} books={books} />
              ))}
              {books.all > 0 && found.pieces.length === 0 && (
                <li className="border-t-2 border-line pt-1 text-[14px] text-dove-dark">{IN_BOOKS.beforeNone}</li>
              )}
            </ul>
          </li>
        ))}
    </ol>
  );
}

function OurDrill({ plan, request, onOpen }: BeforePartProps & { readonly request: DrillRequest | null }) {
  if (!request) return null;
  const { gains } = FAMILY_WORDS[request.asks.family];
  return <DrillCard brief={plan.brief} request={request} piece={null} why={gains} onOpen={(opened) => onOpen(opened, null)} />;
}

interface PieceCardProps {
  readonly need: BeforePiece['need'];
  readonly piece: PieceForNeed;
  readonly books: BooksHere;
}

/** The height of the path, px. */
const HEIGHT = 58;

function PieceCard({ need, piece, books }: PieceCardProps) {
  const record = books.pieceOf(piece.piece);
  return (
    <li className="flex min-w-0 flex-col border-t-2 border-ink pt-1">
      <span className="flex items-baseline gap-x-2">
        <span className="grow leading-[1.3]">{books.nameOf(piece.piece)}</span>
        <ButtonLink href={`/?piece=${piece.piece}`}>Open</ButtonLink>
      </span>
      <span className="text-[14px] text-dove-dark">{forNeedText(piece, need)}</span>
      <div className="mt-auto pt-1">{record && <BriefPath brief={record.document.brief} height={HEIGHT} />}</div>
    </li>
  );
}

import { useMemo } from 'react';
import { type BeforePiece, beforePiece, type PieceForNeed } from '#core/books';
import type { PieceFacts } from '#core/drill/finder';
import type { Plan } from '#core/plan/describe';
import { useEngine } from '../../../engine/index.ts';
import type { PieceRecord } from '../../../records/record.ts';
import { useWork } from '../../../state/bench/index.ts';
import { ButtonLink } from '../../../ui/Button.tsx';
import { Answered } from '../../../ui/states/index.ts';
import { forNeedText, IN_BOOKS, needName, needShareText, readingText } from '../../../words/drills/in-books.ts';
import { BriefPath } from '../../parts/index.ts';
import { useBooks } from './use-books.ts';

/** The number of pieces shown for each need. */
const MOST_SHOWN = 3;

/** Shows what the piece on the bench asks of its player, and the pieces of the teacher’s books that practise it first. */
export function BeforePart({ plan }: { readonly plan: Plan }) {
  const pieceId = useWork((work) => work.pieceId);
  const { facts, done, all, pieceOf, nameOf } = useBooks(plan.brief.instrument.kind, pieceId);
  const own = useEngine(plan.brief, { kind: 'piece-facts' });
  return (
    <div className="mt-3">
      <Answered asked={own}>
        {(needs) => (
          <Answered asked={facts} waiting={done < all ? readingText(done, all) : IN_BOOKS.looking}>
            {(pieces) =>
              all === 0 ? (
                <p className="flex flex-wrap items-center gap-2">
                  {IN_BOOKS.beforeNoBooks} <ButtonLink href="/books">{IN_BOOKS.toBooks}</ButtonLink>
                </p>
              ) : (
                <Needs needs={needs} pieces={pieces} pieceOf={pieceOf} nameOf={nameOf} />
              )
            }
          </Answered>
        )}
      </Answered>
    </div>
  );
}

interface NeedsProps {
  readonly needs: PieceFacts;
  readonly pieces: Parameters<typeof beforePiece>[1];
  readonly pieceOf: (id: string) => PieceRecord | undefined;
  readonly nameOf: (id: string) => string;
}

function Needs({ needs, pieces, pieceOf, nameOf }: NeedsProps) {
  const before = useMemo(() => beforePiece(needs, pieces, MOST_SHOWN), [needs, pieces]);
  const counts = { notes: needs.notes, shifts: needs.shifts.length };
  return (
    <ol className="grid gap-y-4">
      {before.map((found) => (
        <li key={JSON.stringify(found.need)} className="border-t-2 border-ink pt-1">
          <h2 className="flex flex-wrap items-baseline gap-x-3">
            <span className="font-serif text-[19px]">{needName(found.need)}</span>
            <span className="font-sans text-[14px] font-normal text-dove-dark">{needShareText(found, counts)}</span>
          </h2>
          {found.pieces.length === 0 ? (
            <p className="text-[14px] text-dove-dark">{IN_BOOKS.beforeNone}</p>
          ) : (
            <ul className="grid grid-cols-[minmax(0,1fr)] gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
              {found.pieces.map((piece) => (
                <PieceCard key={piece.piece} need={found.need} piece={piece} record={pieceOf(piece.piece)} name={nameOf(piece.piece)} />
              ))}
            </ul>
          )}
        </li>
      ))}
    </ol>
  );
}

interface PieceCardProps {
  readonly need: BeforePiece['need'];
  readonly piece: PieceForNeed;
  readonly record: PieceRecord | undefined;
  readonly name: string;
}

/** The height of the path, px. */
const HEIGHT = 46;

function PieceCard({ need, piece, record, name }: PieceCardProps) {
  return (
    <li className="flex min-w-0 flex-col py-1">
      <span className="flex items-baseline gap-2">
        <span className="grow leading-[1.3]">{name}</span>
        <ButtonLink href={`/?piece=${piece.piece}`}>Open</ButtonLink>
      </span>
      <span className="text-[14px] text-dove-dark">{forNeedText(piece, need)}</span>
      <div className="mt-auto">{record && <BriefPath brief={record.document.brief} height={HEIGHT} />}</div>
    </li>
  );
}

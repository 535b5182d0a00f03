import { type Piece, standsInBook } from '#core/documents';
import { isKindOf, type PieceFacts } from '#core/drill/finder';
import type { ShiftClass } from '#core/drill/shifts';
import type { InstrumentKind } from '#core/instrument';
import { pitchLabel } from '#core/pitch';
import { answerOf, type Asked } from '../../../engine/index.ts';
import { useFactsOfPieces } from '../../../state/books/index.ts';
import { PIECES, useStored } from '../../../state/reading/index.ts';
import { ButtonLink } from '../../../ui/Button.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { Answered } from '../../../ui/states/index.ts';
import { positionText } from '../../../words/drills/families.ts';
import { pieceTitle } from '../../../words/piece/pieces.ts';

/** A piece of the studio, with the facts by which it is found. */
interface StudioPiece extends PieceFacts {
  readonly id: string;
  readonly title: string;
}

/** Gives the pieces of the studio for an instrument, with the facts by which they are found: those that are not known are planned. */
function useStudioPieces(kind: InstrumentKind, isWanted: (piece: Piece) => boolean = () => true): Asked<readonly StudioPiece[]> {
  const kept = useStored(PIECES);
  const records = answerOf(kept)?.records.filter(({ document }) => document.brief.instrument.kind === kind && isWanted(document));
  const { asked } = useFactsOfPieces(records ?? null);
  if (kept.state === 'failed') return kept;
  if (asked.state !== 'answered') return asked;
  const titles = new Map(records?.map(({ id, document }) => [id, pieceTitle(document)]));
  return { state: 'answered', value: asked.value.map(({ id, facts }) => ({ id, title: titles.get(id) ?? '', ...facts })) };
}

/** Tells whether a piece stands in no book: the nearest measures of books are told by themselves. */
function isOutsideBooks(piece: Piece): boolean {
  return !standsInBook(piece);
}

/** Lists where a kind of shift occurs in the pieces of the studio, each one step from being taken apart. */
export function PlacesLike({ like }: { readonly like: ShiftClass }) {
  const asked = useStudioPieces(like.kind, isOutsideBooks);
  return (
    <section aria-label="In the pieces of the studio" className="mt-4">
      <Heading as="h3">In the pieces of the studio</Heading>
      <Answered asked={asked} waiting="Looking through the pieces …">
        {(pieces) => {
          const places = pieces.flatMap(({ id, title, shifts }) =>
            shifts.filter(({ shiftClass }) => isKindOf(shiftClass, like)).map(({ to, written }) => ({ id, title, to, written })),
          );
          if (places.length === 0) return <p>No piece has such a shift.</p>;
          return (
            <ul className="text-[15px]">
              {places.map(({ id, title, to, written }) => (
                <li key={`${id} ${to}`} className="flex items-baseline gap-3 border-b border-line py-1">
                  <span className="grow">
                    {title}: to {pitchLabel(written)}, note {to + 1}
                  </span>
                  <ButtonLink href={`/drills?piece=${id}&shift=${to}`}>Take it apart</ButtonLink>
                </li>
              ))}
            </ul>
          );
        }}
      </Answered>
    </section>
  );
}

interface PiecesInsideProps {
  readonly kind: InstrumentKind;
  /** The label of the position. */
  readonly position: string;
}

/** Lists the pieces of the studio that never leave a position: they are played before any shift into it. */
export function PiecesInside({ kind, position }: PiecesInsideProps) {
  const asked = useStudioPieces(kind);
  const title = `Pieces that stay in ${positionText(position)}`;
  return (
    <section aria-label={title} className="mt-4">
      <Heading as="h3">{title}</Heading>
      <Answered asked={asked} waiting="Looking through the pieces …">
        {(pieces) => {
          const inside = pieces.filter(({ positions }) => positions.length === 1 && positions[0] === position);
          if (inside.length === 0) return <p>No piece of the studio stays there.</p>;
          return (
            <ul className="text-[15px]">
              {inside.map(({ id, title: name }) => (
                <li key={id} className="flex items-baseline gap-3 border-b border-line py-1">
                  <span className="grow">{name}</span>
                  <ButtonLink href={`/?piece=${id}`}>Open</ButtonLink>
                </li>
              ))}
            </ul>
          );
        }}
      </Answered>
    </section>
  );
}

import type { Uses } from '../../records/record.ts';
import { answerOf } from '../../engine/index.ts';
import { PIECES_USING, useStored } from '../../state/reading/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { ChangeWords } from '../parts/index.ts';

interface UsedByProps {
  readonly field: keyof Uses;
  readonly id: string;
}

/**
 * Lists the pieces that use this instrument, player or school, and the effects on each of the changes made since the teacher last looked.
 */
export function UsedBy({ field, id }: UsedByProps) {
  const pieces = answerOf(useStored(PIECES_USING, field, id));
  if (pieces === null) return null;
  return (
    <section aria-label="Used by" className="mt-5">
      <Heading as="h3">{pieces.length === 0 ? 'No piece uses it yet' : 'Used by'}</Heading>
      {pieces.length === 0 && <p className="text-sm text-dove-dark">Choose it in the sentence of a piece on the bench.</p>}
      <ul>
        {pieces.map((piece) => (
          <li key={piece.id} className="mt-1.5">
            <a className="underline" href={`/?piece=${piece.id}`}>
              {pieceTitle(piece.document)}
            </a>
            {piece.changed && (
              <p className="text-sm text-dove-dark">
                <ChangeWords before={piece.changed.before} after={piece.document.brief} />
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

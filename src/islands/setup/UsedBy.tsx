import { useMemo } from 'react';
import { piecesUsing } from '../../store/studio.ts';
import { materialLabel } from '../../words/labels.ts';
import { ChangeWords } from '../ChangeWords.tsx';
import { useAnswer } from '../use-answer.ts';

interface UsedByProps {
  readonly field: 'instrumentId' | 'playerId';
  readonly id: string;
  /** When the record was last written: the pieces are looked at again. */
  readonly version: number;
}

/** The pieces that use this instrument or player, and what the changes made since the teacher last looked do to each. */
export function UsedBy({ field, id, version }: UsedByProps) {
  const ask = useMemo(() => {
    const asked = { field, id, version };
    return () => piecesUsing(asked.field, asked.id);
  }, [field, id, version]);
  const pieces = useAnswer(ask);
  if (pieces === null) return null;
  return (
    <section aria-label="Used by" className="mt-5">
      <h3 className="small-heading">{pieces.length === 0 ? 'No piece uses it yet' : 'Used by'}</h3>
      {pieces.length === 0 && <p className="text-sm text-dove-dark">Choose it in the sentence of a piece on the bench.</p>}
      <ul>
        {pieces.map((piece) => (
          <li key={piece.id} className="mt-1.5">
            <a className="underline" href={`/?piece=${piece.id}`}>
              {piece.piece.name === '' ? materialLabel(piece.piece.brief) : piece.piece.name}
            </a>
            {piece.changed && (
              <p className="text-sm text-dove-dark">
                <ChangeWords before={piece.changed.before} after={piece.piece.brief} />
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

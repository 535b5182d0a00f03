import { useEffect, useState } from 'react';
import type { WhatChanged } from '#core/plan';
import type { PieceRecord } from '../../store/database.ts';
import { piecesUsing } from '../../store/studio.ts';
import { materialLabel } from '../../words/labels.ts';
import { changeEffects, setupChanges } from '../../words/setup.ts';
import { advisor } from '../../workers/client.ts';

interface UsedByProps {
  readonly field: 'instrumentId' | 'playerId';
  readonly id: string;
  /** When the record was last written: the pieces are looked at again. */
  readonly version: number;
}

/** The pieces that use this instrument or player, and what the changes made since the teacher last looked do to each. */
export function UsedBy({ field, id, version }: UsedByProps) {
  const pieces = usePieces(field, id, version);
  if (pieces === null) return null;
  return (
    <section aria-label="Used by" className="mt-5">
      <h3 className="small-heading">{pieces.length === 0 ? 'No piece uses it yet' : 'Used by'}</h3>
      {pieces.length === 0 && <p className="text-sm text-dove-dark">Choose it in the sentence of a piece on the bench.</p>}
      <ul>
        {pieces.map((piece) => (
          <li key={piece.id} className="mt-1.5">
            <a href={`/?piece=${piece.id}`}>{piece.piece.name === '' ? materialLabel(piece.piece.brief) : piece.piece.name}</a>
            {piece.changed && <Effects key={version} piece={piece} />}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Effects({ piece }: { readonly piece: PieceRecord }) {
  const effects = useEffects(piece);
  if (!piece.changed || effects === null) return <p className="text-sm text-dove-dark">Looking at what changes …</p>;
  return (
    <p className="text-sm text-dove-dark">
      {setupChanges(piece.changed.before, piece.piece.brief).join('; ')}
      {'. '}
      {effects.length === 0 ? 'Its fingering stays as it is.' : effects.join(' ')}
    </p>
  );
}

function useEffects({ piece, changed }: PieceRecord): readonly string[] | null {
  const [effects, setEffects] = useState<readonly string[] | null>(null);
  const before = changed?.before;
  useEffect(() => {
    let gone = false;
    if (before)
      void advisor.whatChanged(before, piece.brief).then((what: WhatChanged | null) => {
        if (!gone) setEffects(what ? changeEffects(what) : []);
      });
    return () => {
      gone = true;
    };
  }, [before, piece]);
  return effects;
}

function usePieces(field: UsedByProps['field'], id: string, version: number): readonly PieceRecord[] | null {
  const [pieces, setPieces] = useState<readonly PieceRecord[] | null>(null);
  useEffect(() => {
    let gone = false;
    void piecesUsing(field, id).then((found) => {
      if (!gone) setPieces(found);
    });
    return () => {
      gone = true;
    };
  }, [field, id, version]);
  return pieces;
}

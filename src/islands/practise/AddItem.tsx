import { useState } from 'react';
import type { PracticeItem, PracticePart } from '#core/practice/item';
import type { PieceRecord } from '../../records/record.ts';
import { Button } from '../../ui/Button.tsx';
import { LabelledChoice } from '../../ui/fields/index.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { partText } from '../../words/practice/session.ts';
import { newItem } from './new-item.ts';

interface AddItemProps {
  readonly pieces: readonly PieceRecord[];
  readonly onAdd: (item: PracticeItem) => void;
}

/** Adds an item: a piece, or a passage of it. Drills are pieces; stages and hot spots come from the drills page. */
export function AddItem({ pieces, onAdd }: AddItemProps) {
  const [id, setId] = useState(pieces[0]?.id ?? '');
  const piece = pieces.find((piece) => piece.id === id) ?? pieces[0];
  const parts = piece ? partsOf(piece) : [];
  const [chosen, setChosen] = useState(0);
  const part = parts[Math.min(chosen, parts.length - 1)];
  if (!piece || !part) return <p>There is no piece for this player yet.</p>;
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
      <LabelledChoice
        label="Piece or drill"
        value={piece.id}
        among={pieces.map((piece) => piece.id)}
        nameOf={(id) => titleOf(pieces, id)}
        onChoose={(next) => {
          setId(next);
          setChosen(0);
        }}
      />
      <LabelledChoice
        label="What of it"
        value={Math.min(chosen, parts.length - 1)}
        among={parts.map((_, order) => order)}
        nameOf={(order) => (parts[order] ? partText(parts[order]) : '')}
        onChoose={setChosen}
      />
      <Button onClick={() => onAdd(newItem(piece, part))}>Put it in</Button>
    </div>
  );
}

function titleOf(pieces: readonly PieceRecord[], id: string): string {
  const piece = pieces.find((piece) => piece.id === id);
  return piece ? pieceTitle(piece.document) : '';
}

/** Lists the parts that can be chosen: all of a piece, and its passages. */
function partsOf({ document: { brief } }: PieceRecord): readonly PracticePart[] {
  return [{ part: 'whole' }, ...(brief.stretches ?? []).map(({ from, to }): PracticePart => ({ part: 'passage', from, to }))];
}

import { useMemo, useState } from 'react';
import type { NoteGroup, PracticeItem } from '#core/practice/item';
import type { Plan } from '#core/plan/describe';
import type { PieceRecord } from '../../records/record.ts';
import { newItem } from '../../state/practice/index.ts';
import { Button } from '../../ui/Button.tsx';
import { LabelledChoice } from '../../ui/fields/index.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { forNobodyText } from '../../words/practice/session.ts';
import { usePartsOf } from './parts-of-piece.ts';
import { StandStaff } from './stand/StandStaff.tsx';

interface AddItemProps {
  /** The id of the player who practises; null for nobody of the studio. */
  readonly playerId: string | null;
  readonly pieces: readonly PieceRecord[];
  readonly onAdd: (item: PracticeItem) => void;
}

/** The choice of a part that is made on the staff. */
const ON_STAFF = -1;

/** Adds an item: a piece, or a part of it. Drills are pieces; stages come from the drills page. */
export function AddItem({ playerId, pieces, onAdd }: AddItemProps) {
  const [id, setId] = useState(pieces[0]?.id ?? '');
  const piece = pieces.find((piece) => piece.id === id) ?? pieces[0];
  const titles = useMemo(() => new Map(pieces.map((among) => [among.id, titleFor(among, playerId)])), [pieces, playerId]);
  const { plan, parts } = usePartsOf(piece);
  const [chosen, setChosen] = useState(0);
  const [marked, setMarked] = useState<NoteGroup | null>(null);
  if (!piece) return <p>There is no piece for this player yet.</p>;
  const isOnStaff = chosen === ON_STAFF && plan !== null;
  const order = isOnStaff ? ON_STAFF : Math.min(Math.max(0, chosen), parts.length - 1);
  const part = isOnStaff ? marked && { part: 'passage' as const, ...marked } : parts[order]?.part;
  return (
    <>
      <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
        <LabelledChoice
          label="Piece or drill"
          value={piece.id}
          among={[...titles.keys()]}
          nameOf={(id) => titles.get(id) ?? ''}
          onChoose={(next) => {
            setId(next);
            setChosen(0);
            setMarked(null);
          }}
        />
        <LabelledChoice
          label="What of it"
          value={order}
          among={[...parts.keys(), ...(plan ? [ON_STAFF] : [])]}
          nameOf={(value) => parts[value]?.name ?? 'notes marked on the staff'}
          onChoose={setChosen}
        />
        <Button disabled={!part} onClick={() => part && onAdd(newItem(piece, part))}>
          Put it in
        </Button>
      </div>
      {isOnStaff && <Marking plan={plan} marked={marked} onMark={setMarked} />}
    </>
  );
}

function titleFor({ playerId: whose, document }: PieceRecord, playerId: string | null): string {
  return whose === playerId ? pieceTitle(document) : forNobodyText(pieceTitle(document));
}

interface MarkingProps {
  readonly plan: Plan;
  /** The notes marked so far; null for none. */
  readonly marked: NoteGroup | null;
  readonly onMark: (marked: NoteGroup) => void;
}

/** Marks notes on the staff: a click on the first, a click on the last; the next click begins again. */
function Marking({ plan, marked, onMark }: MarkingProps) {
  const whole = { from: 0, to: plan.notes.length - 1 };
  const mark = (note: number): void => {
    const isBegun = marked !== null && marked.from === marked.to;
    onMark(isBegun ? { from: Math.min(marked.from, note), to: Math.max(marked.from, note) } : { from: note, to: note });
  };
  return (
    <div className="mt-2">
      <p className="text-[14px] text-dove-dark">Click the first note and then the last.</p>
      <StandStaff
        plan={plan}
        shown={whole}
        largest={1.5}
        whole
        group={marked ?? whole}
        selected={marked && marked.from === marked.to ? marked.from : null}
        onSelect={mark}
      />
    </div>
  );
}

import { useMemo, useState } from 'react';
import type { NearMeasure, Passage, SoughtShift } from '#core/books';
import { withOnlyLine } from '#core/brief/lines';
import type { Plan } from '#core/plan/describe';
import { answerOf, useEngine } from '../../../engine/index.ts';
import type { PieceRecord } from '../../../records/record.ts';
import { keepPassage } from '../../../state/books/index.ts';
import { wordsBesideHead } from '../../../state/keeping/index.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { belowText, IN_BOOKS, measuresText, movedText, nearText } from '../../../words/drills/in-books.ts';
import { NOT_ANSWERED } from '../../../words/notices.ts';
import { BriefPath } from '../../parts/index.ts';
import { loadLater } from '../../../ui/states/index.ts';

/** The engraver comes while the measures are looked for. */
const StandStaff = loadLater(async () => (await import('../../practise/stand/StandStaff.tsx')).StandStaff);

interface NearCardProps {
  readonly plan: Plan;
  readonly near: NearMeasure;
  readonly sought: SoughtShift;
  readonly piece: PieceRecord;
  /** The name of the piece with its place in its book. */
  readonly name: string;
}

/** The height of the path, px, and the largest scale of the staff above it. */
const [HEIGHT, LARGEST] = [58, 1.3];

/** Shows a measure of a book as the player in hand would play it: its music, its path, how near it is; one step from the bench. */
export function NearCard({ plan, near, sought, piece, name }: NearCardProps) {
  const { brief } = piece.document;
  // The player in hand plays it: this hand, this instrument.
  const forPlayer = useMemo(() => withOnlyLine(plan.brief, brief), [plan, brief]);
  const { from, to, leftIn, measure } = near.shift;
  const measures = measuresText(leftIn, measure);
  const passage = answerOf(useEngine(forPlayer, { kind: 'passage', from, to, moved: near.moved, shiftClass: near.played }));
  return (
    <li className="grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-2 border-t-2 border-ink pt-2 md:grid-cols-[17rem_minmax(0,1fr)]">
      <div className="min-w-0">
        <span className="block leading-[1.3]">
          {name}, <strong className="whitespace-nowrap">{measures}</strong>
        </span>
        <span className="block text-[14px] text-dove-dark">
          {nearText(near, sought)} {passage && passage.missing.length > 0 && belowText(passage.missing)}{' '}
          {passage && !passage.isPlayed && IN_BOOKS.otherFingers}
        </span>
        <span className="mt-1.5 flex flex-wrap gap-1.5">
          {passage && <Keep passage={passage} piece={piece} title={titleOf(name, measures, movedText(near))} />}
          <ButtonLink href={`/?piece=${piece.id}`}>{IN_BOOKS.whole}</ButtonLink>
        </span>
      </div>
      {passage && <Music passage={passage} />}
    </li>
  );
}

/** Draws the measures with the fingers of the player in hand, the two notes of the shift in full ink. */
function Music({ passage: { brief, departure, arrival } }: { readonly passage: Passage }) {
  const outcome = answerOf(useEngine(brief, { kind: 'plan' }));
  if (outcome?.ok !== true) return null;
  const { best } = outcome.value;
  return (
    <div className="min-w-0">
      <StandStaff
        plan={best}
        group={{ from: departure, to: arrival }}
        shown={{ from: 0, to: best.notes.length - 1 }}
        largest={LARGEST}
        whole
      />
      <BriefPath brief={brief} height={HEIGHT} />
    </div>
  );
}

function titleOf(name: string, measures: string, moved: string): string {
  return [name, measures, ...(moved === '' ? [] : [moved])].join(', ');
}

function Keep({ passage, piece, title }: { readonly passage: Passage; readonly piece: PieceRecord; readonly title: string }) {
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const keep = async (): Promise<void> => {
    setBusy(true);
    await keepPassage(passage, piece, title).then(
      (id) => location.assign(`/?piece=${id}`),
      (error: unknown) => {
        setTrouble(wordsBesideHead(error, NOT_ANSWERED));
        setBusy(false);
      },
    );
  };
  return (
    <>
      <Button disabled={busy} onClick={() => void keep()}>
        {IN_BOOKS.keep}
      </Button>
      {trouble !== null && <span role="alert">{trouble}</span>}
    </>
  );
}

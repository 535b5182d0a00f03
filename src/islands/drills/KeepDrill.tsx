import { dequal } from 'dequal';
import { useState } from 'react';
import type { Brief } from '#core/brief';
import { lineTextOf } from '#core/brief/lines';
import type { DrillRequest } from '#core/drill/families';
import { newPieceRecord } from '../../records/new-records.ts';
import { pieceOf } from '../../records/piece-documents.ts';
import { workStore } from '../../state/bench/index.ts';
import { keepOrThrow, wordsBesideHead } from '../../state/keeping/index.ts';
import { PIECES, readStored } from '../../state/reading/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { drillTitle } from '../../words/drills/families.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { PUT_IN_WORDS } from '../../words/practice/put-in.ts';

interface KeepDrillProps {
  /** The brief of the drill as it is written. */
  readonly brief: Brief;
  readonly request: DrillRequest;
  /** The note of the piece that called for it. */
  readonly note: number | null;
}

/** The addresses at which a kept piece is put in. */
const PUT_IN = { session: '/practise', week: '/practise/week' } as const;

/** Keeps a drill as a piece, with what it was written for, and leads to it; or puts it in the session or the week, as a piece, too. */
export function KeepDrill(drill: KeepDrillProps) {
  const [kept, setKept] = useState<{ readonly id: string } | { readonly trouble: string | null } | null>(null);
  const [busy, setBusy] = useState(false);
  const keep = async (then: (id: string) => void): Promise<void> => {
    setBusy(true);
    await keepDrill(drill).then(then, (error: unknown) => setKept({ trouble: wordsBesideHead(error, NOT_ANSWERED) }));
    setBusy(false);
  };
  if (kept && 'id' in kept) {
    return (
      <>
        <span role="status">Kept as a piece.</span>
        <ButtonLink href={`/?piece=${kept.id}`}>Open it on the bench</ButtonLink>
        <ButtonLink href={`/sheet?piece=${kept.id}`}>Its sheet</ButtonLink>
        {(['session', 'week'] as const).map((place) => (
          <ButtonLink key={place} href={`${PUT_IN[place]}?add=${kept.id}`}>
            {PUT_IN_WORDS[place]}
          </ButtonLink>
        ))}
      </>
    );
  }
  return (
    <>
      <Button disabled={busy} onClick={() => void keep((id) => setKept({ id }))}>
        Keep it as a piece
      </Button>
      {(['session', 'week'] as const).map((place) => (
        <Button key={place} disabled={busy} onClick={() => void keep((id) => location.assign(`${PUT_IN[place]}?add=${id}`))}>
          {PUT_IN_WORDS[place]}
        </Button>
      ))}
      {kept !== null && kept.trouble !== null && <span role="alert">{kept.trouble}</span>}
    </>
  );
}

/**
 * Keeps a drill as a piece of the player for whom it is written; one that was kept before is that piece.
 *
 * @throws a sentence where it could not be kept
 */
async function keepDrill({ brief, request, note }: KeepDrillProps): Promise<string> {
  const work = workStore.getState();
  const { instrumentId, playerId, schoolId } = work;
  const { records } = await readStored(PIECES);
  const before = records.find(
    (record) => record.playerId === playerId && dequal(record.document.drill?.request, request) && dequal(record.document.brief, brief),
  );
  if (before) return before.id;
  const drill = { request, piece: pieceTitle(work).slice(0, 120), ...(note === null ? {} : { note }) };
  const document = pieceOf(drillTitle(request).slice(0, 120), brief, lineTextOf(brief), { tags: ['drill'], drill });
  const record = newPieceRecord(document, false, { instrumentId, playerId, schoolId });
  await keepOrThrow('piece', record);
  return record.id;
}

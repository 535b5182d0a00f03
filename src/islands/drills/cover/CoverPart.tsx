import { useMemo, useState } from 'react';
import type { CoverAsked, CoveringDrill, ShiftCover } from '#core/drill/cover';
import type { DrillRequest } from '#core/drill/families';
import type { Plan } from '#core/plan/describe';
import { useEngine } from '../../../engine/index.ts';
import { dayWeeksBefore, WEEKS_COUNTED } from '../../../records/log-pages.ts';
import type { LogEntry } from '#core/practice/log';
import type { PieceRecord } from '../../../records/record.ts';
import { useWork } from '../../../state/bench/index.ts';
import { wordsBesideHead } from '../../../state/keeping/index.ts';
import { putCoverInWeek } from '../../../state/drills/index.ts';
import { ENTRIES, PIECES, useStored } from '../../../state/reading/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Answered } from '../../../ui/states/index.ts';
import { COVER, coversText, coverText, fewestText } from '../../../words/drills/cover.ts';
import { NOT_ANSWERED } from '../../../words/notices.ts';
import { pieceTitle } from '../../../words/piece/pieces.ts';
import { missesByPiece } from './misses-by-piece.ts';
import { CoverTable } from './CoverTable.tsx';
import { DrillCard, type DrillCardProps } from '../find/DrillCard.tsx';
import { DRILL_GRID } from '../find/drill-grid.ts';

interface CoverPartProps {
  readonly plan: Plan;
  readonly onOpen: (request: DrillRequest, note: number | null) => void;
}

/** Finds the fewest drills that cover the shifts of all pieces of the player on the bench. */
export function CoverPart({ plan, onOpen }: CoverPartProps) {
  const [from] = useState(() => dayWeeksBefore(Date.now(), WEEKS_COUNTED));
  const playerId = useWork((work) => work.playerId);
  const pieces = useStored(PIECES);
  const log = useStored(ENTRIES, playerId, from);
  return (
    <Answered asked={pieces}>
      {({ records }) => (
        <Answered asked={log}>
          {(entries) => (
            <Asked plan={plan} records={records.filter((record) => record.playerId === playerId)} entries={entries} onOpen={onOpen} />
          )}
        </Answered>
      )}
    </Answered>
  );
}

interface AskedProps extends CoverPartProps {
  /** The pieces of the player. */
  readonly records: readonly PieceRecord[];
  readonly entries: readonly LogEntry[];
}

/** The seconds after which the search for fewer drills ends. */
const MOST_SECONDS = 10;

function Asked({ plan, records, entries, onOpen }: AskedProps) {
  const { kind } = plan.brief.instrument;
  const asks = useMemo(
    () =>
      asksOf(
        records.filter(({ document }) => document.brief.instrument.kind === kind),
        entries,
      ),
    [records, entries, kind],
  );
  const asked = useEngine(plan.brief, { kind: 'shift-cover', ...asks, mostSeconds: MOST_SECONDS });
  return (
    <div className="mt-3">
      <Answered asked={asked} waiting={COVER.waiting}>
        {(cover) =>
          cover.needs.length === 0 ? (
            <p>{COVER.none}</p>
          ) : (
            <Found plan={plan} cover={cover} records={records} pieces={asks.pieces.length} onOpen={onOpen} />
          )
        }
      </Answered>
    </div>
  );
}

/** Parts the pieces into drills and what is to be covered, with what was missed in them. */
function asksOf(records: readonly PieceRecord[], entries: readonly LogEntry[]): CoverAsked {
  const missed = missesByPiece(entries);
  const isDrill = ({ document }: PieceRecord): boolean => document.drill !== undefined;
  return {
    pieces: records
      .filter((record) => !isDrill(record))
      .map(({ id, document: { brief } }) => ({ id, brief, missed: [...(missed.get(id) ?? [])] })),
    kept: records.filter(isDrill).map(({ id, document: { brief } }) => ({ id, brief })),
  };
}

interface FoundProps extends CoverPartProps {
  readonly cover: ShiftCover;
  readonly records: readonly PieceRecord[];
  /** The number of pieces that are covered. */
  readonly pieces: number;
}

function Found({ plan, cover, records, pieces, onOpen }: FoundProps) {
  const titleOf = (id: string): string => {
    const piece = records.find((record) => record.id === id)?.document;
    return piece ? pieceTitle(piece) : '';
  };
  return (
    <>
      <p className="font-serif text-[19px]">{coverText(cover, pieces)}</p>
      <p className="text-dove-dark">{fewestText(cover)}</p>
      <InWeek plan={plan} cover={cover} />
      <ul className={DRILL_GRID}>
        {cover.drills.map((found) => {
          const card = cardOf(found.drill, records);
          return (
            card && (
              <DrillCard
                key={JSON.stringify(found.drill)}
                brief={plan.brief}
                {...card}
                why={coversText(found, cover.needs)}
                onOpen={(request) => onOpen(request, null)}
              />
            )
          );
        })}
      </ul>
      <CoverTable cover={cover} titleOf={titleOf} />
    </>
  );
}

/** Gives what a card shows of a drill: its request, and the piece as which it is kept; null for a piece that is gone. */
function cardOf(drill: CoveringDrill, records: readonly PieceRecord[]): Pick<DrillCardProps, 'request' | 'piece'> | null {
  switch (drill.kind) {
    case 'made':
      return { request: drill.request, piece: null };
    case 'kept': {
      const record = records.find(({ id }) => id === drill.piece);
      const origin = record?.document.drill;
      return record && origin ? { request: origin.request, piece: { id: record.id, title: pieceTitle(record.document) } } : null;
    }
  }
}

function InWeek({ plan, cover }: { readonly plan: Plan; readonly cover: ShiftCover }) {
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const moveToWeek = async (): Promise<void> => {
    setBusy(true);
    const drills = cover.drills.map(({ drill }) => drill);
    await putCoverInWeek(plan.brief, drills).then(
      (href) => location.assign(href),
      (error: unknown) => setTrouble(wordsBesideHead(error, NOT_ANSWERED)),
    );
    setBusy(false);
  };
  return (
    <p className="mt-2 flex flex-wrap items-center gap-3">
      <Button disabled={busy} onClick={() => void moveToWeek()}>
        {COVER.inWeek}
      </Button>
      {trouble !== null && <span role="alert">{trouble}</span>}
    </p>
  );
}

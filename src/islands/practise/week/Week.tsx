import { dequal } from 'dequal';
import { useQueryStates } from 'nuqs';
import { useEffect, useMemo, useRef, useState } from 'react';
import { DAYS_A_WEEK } from '#core/calendar';
import { practisedKey, type PracticeItem } from '#core/practice/item';
import { type KnownOfItems, planDays, type WeekAsked, withItems } from '#core/week';
import { answerOf, type Asked, useAsked } from '../../../engine/index.ts';
import { standingsIn, unseenOf } from '../../../state/practice/index.ts';
import type { PieceRecord, PlayerRecord, WeekRecord } from '../../../records/record.ts';
import { dayOf, entriesOf } from '../../../records/log-pages.ts';
import { LOG, type PieceList, STUDIO, useStored } from '../../../state/reading/index.ts';
import { TellNoteHere } from '../../../state/note-places.ts';
import { NOBODY } from '../../../state/taught.ts';
import { FieldsAgain } from '../../../ui/fields/index.ts';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { Answered, guardIsland } from '../../../ui/states/index.ts';
import { weekVersionText } from '../../../words/practice/versions.ts';
import { WEEK_WORDS } from '../../../words/practice/week.ts';
import { Addressed, KeptNotices, PageShell } from '../../frame/index.ts';
import { EarlierVersions } from '../../opened-piece/index.ts';
import { BROUGHT, NOTHING_BROUGHT, usePlayerWithPieces } from '../brought.ts';
import { UndoNotice } from '../UndoNotice.tsx';
import { useUndo } from '../use-undo.ts';
import { WeekInView } from './columns/WeekInView.tsx';
import { useWeek } from './use-week.ts';
import { WeekDays } from './WeekDays.tsx';
import { WeekForm } from './WeekForm.tsx';
import { WeekList } from './WeekList.tsx';
import { WeekSteps } from './WeekSteps.tsx';

/** Shows the coming days of a player: what is practised when, and why. */
export const Week = guardIsland(GuardedWeek);

function GuardedWeek() {
  return (
    <Addressed>
      <WeekPage />
    </Addressed>
  );
}

function WeekPage() {
  return (
    <PageShell current="Week" title="Week" titled="not-printed">
      <Answered asked={useStored(STUDIO)} waiting="Opening the studio …">
        {({ players }) => <OfPlayer players={players} />}
      </Answered>
    </PageShell>
  );
}

function OfPlayer({ players }: { readonly players: readonly PlayerRecord[] }) {
  const [, setAddress] = useQueryStates(BROUGHT);
  const shown = usePlayerWithPieces(players);
  if (!shown) return null;
  const { player, read, pieces, brought, tell } = shown;
  return (
    <TellNoteHere value={tell}>
      <WeekOf key={player?.id ?? NOBODY} {...{ player, read, pieces, brought }} onTaken={() => void setAddress(NOTHING_BROUGHT)} />
    </TellNoteHere>
  );
}

interface WeekOfProps {
  readonly player: PlayerRecord | null;
  /** The reading of the pieces, which the week waits for. */
  readonly read: Asked<PieceList>;
  /** Those that the player can practise. */
  readonly pieces: readonly PieceRecord[];
  /** The item that another page has sent. */
  readonly brought: PracticeItem | null;
  readonly onTaken: () => void;
}

function WeekOf({ player, read, pieces, brought, onTaken }: WeekOfProps) {
  const [playerId, name] = [player?.id ?? null, player?.document.name ?? ''];
  const { week, trouble, elsewhere, change, bringBack } = useWeek({ playerId, name });
  const { undone, times, offerUndo } = useUndo({ items: week?.document.items, change });
  const isTaken = useRef(false);
  useEffect(() => {
    if (!week || !brought || isTaken.current) return;
    isTaken.current = true;
    change({ items: [...withItems(week.document.items, [brought])] });
    onTaken();
  });
  return (
    <>
      <div role="status" aria-label="Messages" className="no-print">
        <KeptNotices trouble={trouble} elsewhere={elsewhere} />
        <UndoNotice undone={undone} />
      </div>
      {week && (
        <WeekShown
          week={week}
          read={read}
          pieces={pieces}
          times={elsewhere.timesOf(week.id) + times}
          onChange={(fields) => {
            offerUndo(null);
            change(fields);
          }}
          onMove={(items, words) => {
            change({ items });
            offerUndo({
              words,
              stands: (now) => dequal(now.items, items),
              undo: (now) => now.change({ items: week.document.items }),
            });
          }}
          onBack={bringBack}
        />
      )}
    </>
  );
}

interface WeekShownProps extends Pick<WeekOfProps, 'read' | 'pieces'> {
  readonly week: WeekRecord;
  /** The number of times that another tab has changed it. */
  readonly times: number;
  readonly onChange: (fields: Partial<WeekAsked>) => void;
  /** Changes the items, with the words for it: it can be undone. */
  readonly onMove: (items: WeekAsked['items'], words: string) => void;
  readonly onBack: (was: WeekRecord) => void;
}

function WeekShown({ week, read, pieces, times, onChange, onMove, onBack }: WeekShownProps) {
  const { document, playerId } = week;
  const [today] = useState(() => dayOf(Date.now()));
  const log = useStored(LOG, playerId);
  const items = useMemo(() => document.items.map(({ item }) => item), [document.items]);
  const entries = useMemo(() => entriesOf(answerOf(log) ?? []), [log]);
  const pages = useMemo(() => (answerOf(log) ?? []).map((page) => page.document), [log]);
  const standing = useMemo(() => standingsIn(pages, items), [pages, items]);
  const never = items.filter(({ practised }) => standing.get(practisedKey(practised))?.sittings.length === 0);
  const looks = useAsked({
    key: ['unseen', never.map(({ practised }) => practisedKey(practised))],
    ask: async (signal) => await unseenOf(never, signal),
    when: log.state !== 'waiting',
    keptMs: KEPT_MS,
  });
  const unseen = answerOf(looks);
  const known = useMemo((): KnownOfItems => ({ standing, unseen: unseen ?? new Map() }), [standing, unseen]);
  const planned = useMemo(() => planDays(document, known, today), [document, known, today]);
  const [wanted, setShown] = useState(0);
  const weeks = Math.ceil(planned.days.length / DAYS_A_WEEK);
  const shown = Math.min(wanted, weeks - 1);
  const days = planned.days.slice(shown * DAYS_A_WEEK, (shown + 1) * DAYS_A_WEEK);
  return (
    <>
      <h2 className="hidden text-xl font-semibold print:block">Week{document.name === '' ? '' : `: ${document.name}`}</h2>
      {/* While the difficulty of things is not known, the days may still change. */}
      <WeekSteps week={week} today={looks.state === 'waiting' ? undefined : planned.days[0]} />
      <Answered asked={read.state === 'answered' ? log : read} waiting={WEEK_WORDS.waiting}>
        {() => (
          <>
            {document.items.length > 0 && (
              <WeekInView {...{ planned, known, today, week: shown, weeks, days, onWeek: setShown }} asked={document} onMove={onMove} />
            )}
            <div className="grid gap-x-8 lg:grid-cols-[minmax(0,1fr)_27rem]">
              <WeekDays {...{ planned, known, days, onChange }} asked={document} goal={document.goal?.name ?? ''} />
              <FieldsAgain times={times} className="no-print">
                <WeekForm asked={document} playerId={playerId} today={today} onChange={onChange} />
                <WeekList
                  playerId={playerId}
                  week={document}
                  pieces={pieces}
                  entries={entries}
                  known={known}
                  onChange={(next) => onChange({ items: [...next] })}
                />
              </FieldsAgain>
            </div>
            <OpenedSection title="Earlier versions" className="no-print mt-4">
              {() => (
                <EarlierVersions name="week" id={week.id} differs={(was) => weekVersionText(document, was.document)} onBack={onBack} />
              )}
            </OpenedSection>
          </>
        )}
      </Answered>
    </>
  );
}

/** The time for which the difficulty of a piece is kept: as long as the page is open. */
const KEPT_MS = 600_000;

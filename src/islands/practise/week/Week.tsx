import { useQueryStates } from 'nuqs';
import { useEffect, useMemo, useRef, useState } from 'react';
import { practisedKey, type PracticeItem } from '#core/practice/item';
import { type KnownOfItems, planDays, type WeekAsked, withItems } from '#core/week';
import { answerOf, useAsked } from '../../../engine/index.ts';
import { standingsOf, unseenOf } from '../../../state/practice/index.ts';
import type { PieceRecord, PlayerRecord, WeekRecord } from '../../../records/record.ts';
import { dayOf, entriesOf } from '../../../records/log-pages.ts';
import { LOG, STUDIO_WITH_PIECES, type StudioWithPieces, useStored } from '../../../state/reading/index.ts';
import { NOBODY } from '../../../state/taught.ts';
import { FieldsAgain } from '../../../ui/fields/index.ts';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { Answered, guardIsland } from '../../../ui/states/index.ts';
import { weekVersionText } from '../../../words/practice/versions.ts';
import { WEEK_WORDS } from '../../../words/practice/week.ts';
import { Addressed, KeptNotices, PageShell } from '../../frame/index.ts';
import { EarlierVersions } from '../../opened-piece/index.ts';
import { BROUGHT, broughtItem, NOTHING_BROUGHT, piecesFor, usePlayerFor } from '../brought.ts';
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
      <Answered asked={useStored(STUDIO_WITH_PIECES)} waiting="Opening the studio …">
        {(studio) => <OfPlayer studio={studio} />}
      </Answered>
    </PageShell>
  );
}

function OfPlayer({ studio: { players, pieces } }: { readonly studio: StudioWithPieces }) {
  const [address, setAddress] = useQueryStates(BROUGHT);
  const added = pieces.find(({ id }) => id === address.add);
  const player = usePlayerFor(players, added);
  if (player === undefined) return null;
  return (
    <WeekOf
      key={player?.id ?? NOBODY}
      player={player}
      pieces={piecesFor(pieces, player)}
      brought={added ? broughtItem(added, address) : null}
      onTaken={() => void setAddress(NOTHING_BROUGHT)}
    />
  );
}

interface WeekOfProps {
  readonly player: PlayerRecord | null;
  readonly pieces: readonly PieceRecord[];
  /** The item that another page has sent. */
  readonly brought: PracticeItem | null;
  readonly onTaken: () => void;
}

function WeekOf({ player, pieces, brought, onTaken }: WeekOfProps) {
  const [playerId, name] = [player?.id ?? null, player?.document.name ?? ''];
  const { week, trouble, elsewhere, change, bringBack } = useWeek({ playerId, name });
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
      </div>
      {week && <WeekShown week={week} pieces={pieces} times={elsewhere.timesOf(week.id)} onChange={change} />}
      {week && (
        <div className="no-print">
          <OpenedSection title="Earlier versions">
            {() => (
              <EarlierVersions
                name="week"
                id={week.id}
                differs={(was) => weekVersionText(week.document, was.document)}
                onBack={bringBack}
              />
            )}
          </OpenedSection>
        </div>
      )}
    </>
  );
}

interface WeekShownProps {
  readonly week: WeekRecord;
  readonly pieces: readonly PieceRecord[];
  /** The number of times that another tab has changed it. */
  readonly times: number;
  readonly onChange: (fields: Partial<WeekAsked>) => void;
}

function WeekShown({ week, pieces, times, onChange }: WeekShownProps) {
  const { document, playerId } = week;
  const [today] = useState(() => dayOf(Date.now()));
  const log = useStored(LOG, playerId);
  const items = useMemo(() => document.items.map(({ item }) => item), [document.items]);
  const pages = useMemo(() => (answerOf(log) ?? []).map((page) => page.document), [log]);
  const standing = useMemo(() => standingsOf(pages, items), [pages, items]);
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
  return (
    <>
      <h2 className="hidden text-xl font-semibold print:block">Week{document.name === '' ? '' : `: ${document.name}`}</h2>
      {/* While the difficulty of things is not known, the days may still change. */}
      <WeekSteps week={week} today={looks.state === 'waiting' ? undefined : planned.days[0]} />
      <Answered asked={log} waiting={WEEK_WORDS.waiting}>
        {(read) => (
          <div className="grid gap-x-8 lg:grid-cols-[minmax(0,1fr)_27rem]">
            <WeekDays planned={planned} asked={document} known={known} goal={document.goal?.name ?? ''} onChange={onChange} />
            <FieldsAgain times={times} className="no-print">
              <WeekForm asked={document} playerId={playerId} today={today} onChange={onChange} />
              <WeekList
                playerId={playerId}
                week={document}
                pieces={pieces}
                entries={entriesOf(read)}
                known={known}
                onChange={(next) => onChange({ items: [...next] })}
              />
            </FieldsAgain>
          </div>
        )}
      </Answered>
    </>
  );
}

/** The time for which the difficulty of a piece is kept: as long as the page is open. */
const KEPT_MS = 600_000;

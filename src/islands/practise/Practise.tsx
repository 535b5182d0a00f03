import { parseAsString, useQueryStates } from 'nuqs';
import { useEffect, useRef, useState } from 'react';
import { FIRST_TOLERANCE } from '#core/trends';
import { MOST_IN_SESSION, type PracticeItem } from '#core/practice/item';
import type { SessionLeft } from '#core/practice/session';
import { answerOf, type Asked } from '../../engine/index.ts';
import { beginSession, holds, type LoadedItem, loadItem, placeLeft, todaysSession, useRunning } from '../../state/practice/index.ts';
import { TellNoteHere } from '../../state/note-places.ts';
import { NOBODY } from '../../state/taught.ts';
import { type PieceList, readStored, SET_FOR_PLAYER, STUDIO, useStored } from '../../state/reading/index.ts';
import type { PieceRecord, PlayerRecord, SessionRecord } from '../../records/record.ts';
import { FieldsAgain } from '../../ui/fields/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { PageSteps } from '../../ui/NextSteps.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { Answered, guardIsland, Notice } from '../../ui/states/index.ts';
import { dayText } from '../../words/practice/record.ts';
import { sessionVersionText } from '../../words/practice/versions.ts';
import { Addressed, KeptNotices, PageShell } from '../frame/index.ts';
import { EarlierVersions } from '../opened-piece/index.ts';
import { SheetsLink } from '../parts/index.ts';
import { BROUGHT, NOTHING_BROUGHT, usePlayerWithPieces } from './brought.ts';
import { SessionInTime } from './in-time/SessionInTime.tsx';
import { PedalKeys } from './PedalKeys.tsx';
import { SessionFields } from './SessionFields.tsx';
import { Stand } from './stand/Stand.tsx';
import { useCodeOpened } from './use-code-opened.ts';
import { UndoNotice } from './UndoNotice.tsx';
import { type Sessions, useSessions } from './use-sessions.ts';

/** Prepares and runs practice: sessions with an aim, items and a check at the end. */
export const Practise = guardIsland(GuardedPractise);

function GuardedPractise() {
  return (
    <Addressed>
      <PractisePage />
    </Addressed>
  );
}

function PractisePage() {
  const isUnderWay = useRunning((running) => running !== null);
  return isUnderWay ? <Stand /> : <Preparing />;
}

function Preparing() {
  return (
    <PageShell current="Session" title="Sessions">
      <Answered asked={useStored(STUDIO)} waiting={OPENING}>
        {({ players }) => <OfPlayer players={players} />}
      </Answered>
    </PageShell>
  );
}

/** The words while the studio is read. */
const OPENING = 'Opening the studio …';

const ADDRESS = { ...BROUGHT, session: parseAsString };

function OfPlayer({ players }: { readonly players: readonly PlayerRecord[] }) {
  const shown = usePlayerWithPieces(players);
  return shown && <OfThePlayer shown={shown} />;
}

function OfThePlayer({ shown }: { readonly shown: NonNullable<ReturnType<typeof usePlayerWithPieces>> }) {
  const unplayable = useCodeOpened(shown.player);
  const { player, read, pieces, brought, tell } = shown;
  return (
    <TellNoteHere value={tell}>
      {unplayable !== null && (
        <Notice role="alert" trouble>
          {unplayable}
        </Notice>
      )}
      <SessionsOf
        key={player?.id ?? NOBODY}
        playerId={player?.id ?? null}
        name={player?.document.name ?? ''}
        {...{ read, pieces, brought }}
      />
    </TellNoteHere>
  );
}

interface SessionsOfProps {
  readonly playerId: string | null;
  readonly name: string;
  /** The reading of the pieces, for which the sessions wait. */
  readonly read: Asked<PieceList>;
  readonly pieces: readonly PieceRecord[];
  /** The item that another page has sent. */
  readonly brought: PracticeItem | null;
}

function SessionsOf({ playerId, name, read, pieces, brought }: SessionsOfProps) {
  const [{ session: chosen }, setAddress] = useQueryStates(ADDRESS);
  const kept = useSessions(playerId);
  const { sessions, trouble, elsewhere, add, remove, undone } = kept;
  const open = (session: SessionRecord | null): void => void setAddress({ ...NOTHING_BROUGHT, session: session?.id ?? null });
  useBrought(kept, brought, open);
  if (!sessions) return trouble === null ? null : <Notice trouble>{trouble}</Notice>;
  const session = sessions.find(({ id }) => id === chosen) ?? sessions[0];
  return (
    <Answered asked={read} waiting={OPENING}>
      {() => (
        <>
          <PageSteps>
            {session && <Begin session={session} name={name} />}
            <Button onClick={() => open(add('', []))}>New session</Button>
            {session && <Button onClick={() => remove(session)}>Delete this session</Button>}
            {session && (
              <SheetsLink pieces={session.document.items.map(({ practised }) => practised.piece)} title={session.document.name}>
                Print its pieces
              </SheetsLink>
            )}
            <ButtonLink href={recordOf(playerId)}>What was done</ButtonLink>
          </PageSteps>
          <div role="status" aria-label="Messages">
            <KeptNotices trouble={trouble} elsewhere={elsewhere} />
            <UndoNotice undone={undone} />
          </div>
          {session && <InTime key={session.id} session={session} sessions={kept} />}
          <div className="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_17rem]">
            {session && <Fields session={session} pieces={pieces} playerId={playerId} sessions={kept} />}
            <div className="lg:col-start-2">
              <SessionList sessions={sessions} chosen={session ?? null} onChoose={open} />
              {session && <BesideSession session={session} onBack={kept.bringBack} />}
            </div>
          </div>
        </>
      )}
    </Answered>
  );
}

function recordOf(playerId: string | null): string {
  return playerId === null ? '/record' : `/record?player=${playerId}`;
}

/** Puts what another page has sent into today’s session, or a new one, once, and opens it. */
function useBrought({ sessions, add, change }: Sessions, brought: PracticeItem | null, open: (session: SessionRecord) => void): void {
  const isPutIn = useRef(false);
  useEffect(() => {
    if (!sessions || !brought || isPutIn.current) return;
    isPutIn.current = true;
    const today = todaysSession(sessions);
    // Sent a second time, it is there already.
    if (today && holds(today, brought)) return open(today);
    if (!today || today.document.items.length >= MOST_IN_SESSION) return open(add('', [brought]));
    change(today, { items: [...today.document.items, brought] });
    open(today);
  });
}

/** Shows the session as a line of minutes; what is moved or pulled there can be undone. */
function InTime({ session, sessions: { rearrange } }: { readonly session: SessionRecord; readonly sessions: Sessions }) {
  return <SessionInTime items={session.document.items} onChange={(items, words) => rearrange(session, { items: [...items] }, words)} />;
}

interface FieldsProps extends Pick<SessionsOfProps, 'pieces' | 'playerId'> {
  readonly session: SessionRecord;
  readonly sessions: Sessions;
}

function Fields({ session, pieces, playerId, sessions: { change, elsewhere, rearrangedTimes } }: FieldsProps) {
  const set = answerOf(useStored(SET_FOR_PLAYER, playerId));
  return (
    <FieldsAgain key={`fields of ${session.id}`} times={elsewhere.timesOf(session.id) + rearrangedTimes}>
      <SessionFields session={session} pieces={pieces} nextAim={set?.aim ?? null} onChange={(fields) => change(session, fields)} />
    </FieldsAgain>
  );
}

/** Offers what is seldom needed: earlier versions, and the keys of the stand. */
function BesideSession(props: VersionsOfSessionProps) {
  return (
    <>
      <OpenedSection key={props.session.id} title="Earlier versions">
        {() => <VersionsOfSession {...props} />}
      </OpenedSection>
      <OpenedSection title="Keys and pedals">{() => <PedalKeys />}</OpenedSection>
    </>
  );
}

interface VersionsOfSessionProps {
  readonly session: SessionRecord;
  readonly onBack: (was: SessionRecord) => void;
}

function VersionsOfSession({ session: { id, document: now }, onBack }: VersionsOfSessionProps) {
  return <EarlierVersions name="session" id={id} differs={({ document }) => sessionVersionText(now, document)} onBack={onBack} />;
}

interface SessionListProps {
  readonly sessions: readonly SessionRecord[];
  readonly chosen: SessionRecord | null;
  readonly onChoose: (session: SessionRecord) => void;
}

function SessionList({ sessions, chosen, onChoose }: SessionListProps) {
  return (
    <nav aria-label="Sessions">
      <Heading>By day</Heading>
      {sessions.length === 0 && <p className="text-dove-dark">No session yet.</p>}
      <ul className="grid gap-1 text-[15px]">
        {sessions.map((session) => (
          <li key={session.id}>
            <button
              type="button"
              aria-current={session === chosen ? 'true' : undefined}
              className={`w-full cursor-pointer rounded px-2 py-1 text-left ${session === chosen ? 'bg-band font-semibold' : ''}`}
              onClick={() => onChoose(session)}
            >
              {session.document.name || 'Without an aim yet'}
              <span className="block text-[14px] font-normal text-dove-dark">
                {dayText(session.document.day)}
                {session.demo ? ' · demo' : ''}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </nav>
  );
}

/** Begins a session once its items are planned; those without a plan are left out. */
function Begin({ session, name }: { readonly session: SessionRecord; readonly name: string }) {
  const [waits, setWaits] = useState(false);
  const [trouble, setTrouble] = useState(false);
  const { items } = session.document;
  const left = placeLeft(session);
  const begin = async (from?: SessionLeft): Promise<void> => {
    setWaits(true);
    const loaded = await Promise.all(items.map(loadItem)).catch((): null[] => []);
    const set = await readStored(SET_FOR_PLAYER, session.playerId).catch(() => null);
    setWaits(false);
    const playable = loaded.flatMap((item): LoadedItem[] => (item ? [item] : []));
    setTrouble(playable.length === 0);
    if (playable.length === 0) return;
    const whose = { playerId: session.playerId, name };
    beginSession({
      session,
      whose,
      items: playable,
      tolerance: set?.tolerance?.cents ?? FIRST_TOLERANCE,
      fadingOf: set?.fadingOf ?? (() => null),
      left: from,
    });
  };
  return (
    <>
      <Button disabled={items.length === 0 || waits} onClick={() => void begin()}>
        {waits ? 'Planning …' : 'Begin'}
      </Button>
      {left && items[left.item] && (
        <Button disabled={waits} onClick={() => void begin(left)}>
          Go on with item {left.item + 1}
        </Button>
      )}
      {trouble && <span role="alert">None of its items can be played.</span>}
    </>
  );
}

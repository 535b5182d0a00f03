import { parseAsStringLiteral, useQueryStates } from 'nuqs';
import { useEffect, useState } from 'react';
import type { InstrumentKind } from '#core/instrument';
import type { PlayerRecord } from '../../records/record.ts';
import { STUDIO, useStored } from '../../state/reading/index.ts';
import { NOBODY, useTaught } from '../../state/taught.ts';
import { Button } from '../../ui/Button.tsx';
import { Answered, guardIsland, loadLater, Notice, Part } from '../../ui/states/index.ts';
import { PartTabs } from '../../ui/Tabs.tsx';
import { Addressed, PageShell } from '../frame/index.ts';
import { useLog } from './use-log.ts';

const PARTS = ['days', 'trends', 'lesson', 'data'] as const;

const PART_LABELS: Readonly<Record<(typeof PARTS)[number], string>> = {
  days: 'Day by day',
  trends: 'Trends',
  lesson: 'Lesson',
  data: 'Save or delete',
};

const Days = loadLater(async () => (await import('./Days.tsx')).Days);
const Trends = loadLater(async () => (await import('./trends/Trends.tsx')).Trends);
const Lesson = loadLater(async () => (await import('./lesson/Lesson.tsx')).Lesson);
const TheirData = loadLater(async () => (await import('./TheirData.tsx')).TheirData);

/** The code of each part, which is asked for while the studio is read. */
const LOADED = { days: Days, trends: Trends, lesson: Lesson, data: TheirData } as const;

const ADDRESS = { part: parseAsStringLiteral(PARTS).withDefault(PARTS[0]) };

/** Shows what was practised, day by day; the lesson; the files. */
export const Record = guardIsland(GuardedRecord);

function GuardedRecord() {
  return (
    <Addressed>
      <RecordPage />
    </Addressed>
  );
}

/** The entry deleted last, with the way to put it back. */
interface Deleted {
  readonly name: string;
  readonly putBack: () => Promise<void>;
}

function RecordPage() {
  const [deleted, setDeleted] = useState<Deleted | null>(null);
  const [{ part }] = useQueryStates(ADDRESS);
  useEffect(() => LOADED[part].loadNow(), [part]);
  return (
    <PageShell current="Log" title="Record" titled="not-printed">
      <div role="status" aria-label="Messages">
        {deleted && (
          <Notice className="mt-2 flex items-center gap-3">
            Everything of {deleted.name} is deleted.
            <Button onClick={() => void deleted.putBack().then(() => setDeleted(null))}>Undo</Button>
          </Notice>
        )}
      </div>
      <Answered asked={useStored(STUDIO)} waiting="Opening the record …">
        {({ players }) => <OfPlayer all={players} onDeleted={(name, putBack) => setDeleted({ name, putBack })} />}
      </Answered>
    </PageShell>
  );
}

interface OfPlayerProps {
  readonly all: readonly PlayerRecord[];
  readonly onDeleted: (name: string, putBack: () => Promise<void>) => void;
}

function OfPlayer({ all, onDeleted }: OfPlayerProps) {
  const [{ part }, setAddress] = useQueryStates(ADDRESS);
  const player = useTaught(all);
  return (
    <>
      <div className="no-print mt-2">
        <PartTabs
          label="Record"
          names={PARTS}
          nameOf={(value) => PART_LABELS[value]}
          chosen={part}
          onChoose={(next) => void setAddress({ part: next })}
        />
      </div>
      <Part>
        <PartShown part={part} player={player} onDeleted={onDeleted} />
      </Part>
    </>
  );
}

interface PartShownProps extends Pick<OfPlayerProps, 'onDeleted'> {
  readonly part: (typeof PARTS)[number];
  readonly player: PlayerRecord | null;
}

function PartShown({ part, player, onDeleted }: PartShownProps) {
  const [playerId, name] = [player?.id ?? null, player?.document.name ?? ''];
  const key = playerId ?? NOBODY;
  switch (part) {
    case 'trends':
      return <Trends key={key} playerId={playerId} />;
    case 'data':
      return <TheirData key={key} whose={{ playerId, name: name === '' ? 'nobody' : name }} onDeleted={onDeleted} />;
    case 'days':
    case 'lesson':
      return <OfLog key={key} playerId={playerId} name={name} part={part} kind={player?.document.profile.kind ?? null} />;
  }
}

interface OfLogProps {
  /** The player's instrument; null for nobody. */
  readonly kind: InstrumentKind | null;
  readonly playerId: string | null;
  readonly name: string;
  readonly part: 'days' | 'lesson';
}

function OfLog({ playerId, name, part, kind }: OfLogProps) {
  const log = useLog({ playerId, name });
  const practise = `/practise${playerId === null ? '' : `?player=${playerId}`}`;
  return (
    <>
      {log.trouble !== null && <Notice trouble>{log.trouble}</Notice>}
      {log.demo && (
        <p className="no-print mt-2 text-[14px] text-dove-dark">
          Made-up data of the demo is among this. <a href="/pieces">Remove the demo</a> under Pieces.
        </p>
      )}
      {part === 'days' ? <Days log={log} practise={practise} /> : <Lesson log={log} name={name} kind={kind} practise={practise} />}
    </>
  );
}

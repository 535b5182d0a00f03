import { useState } from 'react';
import { countText } from '#core/messages';
import { logTable } from '#core/practice/log';
import { downloadText, fileNameOf, tableText } from '../../files/index.ts';
import { isRecording, textOf, withoutRecordings } from '../../state/backup/index.ts';
import { forgetLesson } from '../../state/typed.ts';
import { remove as removeRecord } from '../../state/keeping/index.ts';
import { recordsOfPlayer } from '../../state/deleting/index.ts';
import { Question } from '../../ui/states/index.ts';
import { BROUGHT_BACK_UNDER } from '../../words/kept/deleted.ts';
import type { Logged } from '../../records/record.ts';
import { ENTRIES, readStored } from '../../state/reading/index.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckField } from '../../ui/fields/index.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';

interface TheirDataProps {
  readonly whose: Logged;
  /** Receives the way to put the data back, once they are deleted. */
  readonly onDeleted: (name: string, putBack: () => Promise<void>) => void;
}

/** Exports a player's data as files, or deletes all of it. */
export function TheirData({ whose, onDeleted }: TheirDataProps) {
  const { playerId, name } = whose;
  const [asks, setAsks] = useState<number | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const tellOutcome = (work: Promise<void>): void =>
    void work.catch((error: unknown) => setTrouble(error instanceof Error ? error.message : NOT_ANSWERED));
  const [wantsRecordings, setWantsRecordings] = useState(false);
  const entries = async () => {
    const all = await readStored(ENTRIES, playerId);
    return wantsRecordings ? all : all.filter((entry) => !isRecording(entry));
  };
  const saveTable = async (): Promise<void> => {
    const { columns, rows } = logTable(await entries());
    downloadText(fileNameOf(`${name} log`, 'csv'), 'text/csv', tableText(columns, rows));
  };
  const saveEntries = async (): Promise<void> =>
    downloadText(fileNameOf(`${name} log`, 'json'), 'application/json', JSON.stringify(await entries(), null, 2));
  const saveAll = async (id: string): Promise<void> => {
    const parts = await recordsOfPlayer(id);
    const text = textOf(wantsRecordings ? parts : withoutRecordings(parts));
    downloadText(fileNameOf(`${name} everything`, 'json'), 'application/json', text);
  };
  const remove = async (id: string): Promise<void> => {
    const outcome = await removeRecord('player', id, 'deleted');
    if (!outcome.ok) throw new Error(outcome.message);
    forgetLesson(id);
    onDeleted(name, outcome.bringBack);
  };
  return (
    <div className="mt-3">
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => tellOutcome(saveTable())}>Save the log as CSV</Button>
        <Button onClick={() => tellOutcome(saveEntries())}>Save the log as JSON</Button>
        {playerId !== null && (
          <>
            <Button onClick={() => tellOutcome(saveAll(playerId))}>Save everything of {name}</Button>
            <Button onClick={() => tellOutcome(recordsOfPlayer(playerId).then((all) => setAsks(all.length)))}>
              Delete everything of {name}
            </Button>
          </>
        )}
      </div>
      <CheckField label="with the recordings of takes" checked={wantsRecordings} onChange={setWantsRecordings} />
      <p className="mt-1 text-[14px] text-dove-dark">“Everything” can be brought in again under Backup.</p>
      {asks !== null && playerId !== null && (
        <Question
          className="mt-2"
          leave="Keep it"
          onLeave={() => setAsks(null)}
          answers={[{ label: 'Delete all of it', onGiven: () => tellOutcome(remove(playerId)) }]}
        >
          Log, sessions, week, stages, the player and the pieces for {name}: {countText(asks, 'thing', 'things')}. {BROUGHT_BACK_UNDER}{' '}
          There it can also be deleted for good.
        </Question>
      )}
      {trouble !== null && <p role="alert">{trouble}</p>}
    </div>
  );
}

import { type ReactNode, useEffect, useState } from 'react';
import type { PieceRecord } from '../../store/database.ts';
import { clearDemo, restoreDemo, seedDemoOnce } from '../../store/demo.ts';
import { deleteRecord, loadRecords, type PieceList, readPieceFile, setAsideText } from '../../store/piece-files.ts';
import { newRecord, saveRecord } from '../../store/pieces.ts';
import { pieceTitle } from '../../words/library.ts';
import { downloadText } from '../download.ts';
import { Header } from '../Header.tsx';
import { OpenFileButton } from '../OpenFileButton.tsx';
import { keepRecord } from './keep-record.ts';
import { Library } from './Library.tsx';

/** All pieces of this browser: open, rename, duplicate, delete with undo, bring in a file. */
export function Pieces() {
  const { list, trouble, refresh, run } = usePieces();
  const [deleted, setDeleted] = useState<PieceRecord | null>(null);
  const remove = (record: PieceRecord): void =>
    run(async () => {
      await deleteRecord(record.id);
      setDeleted(record);
    });
  const undelete = (record: PieceRecord): void =>
    run(async () => {
      await keepRecord(record);
      setDeleted(null);
    });
  return (
    <>
      <Header current="Pieces" />
      <main className="mx-auto max-w-6xl px-6 py-5">
        <div className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-2xl font-semibold">Pieces</h1>
          <a className="quiet-button" href="/?new">
            New piece
          </a>
          <OpenPiece onOpened={refresh} />
        </div>
        <div role="status" aria-label="Messages">
          {trouble !== null && <p className="mt-3 notice notice-trouble">{trouble}</p>}
          {deleted && (
            <p className="mt-3 flex items-center gap-3 notice">
              Deleted “{pieceTitle(deleted.piece)}”.
              <button type="button" className="quiet-button" onClick={() => undelete(deleted)}>
                Undo
              </button>
            </p>
          )}
          {list && list.setAside > 0 && <SetAside count={list.setAside} />}
        </div>
        {list && <Library records={list.records} run={run} onDelete={remove} />}
        <section aria-label="Demo pieces" className="mt-8 flex flex-wrap items-center gap-3 text-dove-dark">
          <span>Demo pieces of a made-up studio:</span>
          <button type="button" className="quiet-button" disabled={list === null} onClick={() => run(restoreDemo)}>
            Bring them back
          </button>
          <button type="button" className="quiet-button" disabled={list === null} onClick={() => run(clearDemo)}>
            Clear them
          </button>
        </section>
      </main>
    </>
  );
}

function SetAside({ count }: { readonly count: number }): ReactNode {
  const download = (): void => void setAsideText().then((text) => downloadText('set-aside.json', 'application/json', text));
  return (
    <p className="mt-3 flex items-center gap-3 notice notice-trouble">
      {count === 1
        ? 'One stored piece could not be read and was set aside.'
        : `${count} stored pieces could not be read and were set aside.`}{' '}
      Nothing was thrown away.
      <button type="button" className="quiet-button" onClick={download}>
        Download {count === 1 ? 'it' : 'them'}
      </button>
    </p>
  );
}

/** Brings in a piece saved as JSON and opens it on the bench. */
function OpenPiece({ onOpened }: { readonly onOpened: (trouble: string | null) => void }) {
  const open = async (file: File): Promise<void> => {
    const reading = await readPieceFile(await file.text());
    if (!reading.ok) return onOpened(`${file.name}: ${reading.issues.map((issue) => `${issue.message} ${issue.hint}`).join(' ')}`);
    const record = newRecord(reading.value);
    const outcome = await saveRecord(record);
    if (outcome.ok) location.href = `/?piece=${record.id}`;
    else onOpened(outcome.message);
  };
  return <OpenFileButton label="Piece saved as JSON" onFile={(file) => void open(file)} />;
}

function usePieces() {
  const [list, setList] = useState<PieceList | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const fail = (error: unknown): void => setTrouble(error instanceof Error ? error.message : 'Something went wrong with the storage.');
  const refresh = (words: string | null): void => {
    setTrouble(words);
    void loadRecords().then(setList, fail);
  };
  const run = (work: () => Promise<void>): void => void work().then(() => refresh(null), fail);
  useEffect(() => {
    const seed = document.documentElement.dataset['demo'] === 'yes' ? seedDemoOnce() : Promise.resolve();
    void seed.then(loadRecords).then(setList, fail);
  }, []);
  return { list, trouble, refresh, run };
}

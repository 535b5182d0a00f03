import { guardIsland, Notice } from '../../ui/states/index.ts';
import { type ReactNode, useEffect, useState } from 'react';
import type { PieceRecord } from '../../records/record.ts';
import { answerOf } from '../../engine/index.ts';
import { NEWEST_PIECES, type PieceList, PIECES, useStored } from '../../state/reading/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { broughtInText } from '../../words/line/brought-in.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { notReadText, STORAGE_TROUBLE } from '../../words/kept/storage.ts';
import { BackupReminder, PageShell } from '../frame/index.ts';
import type { Run } from '../parts/index.ts';
import { DemoPieces } from './DemoPieces.tsx';
import { Library, LISTED } from './Library.tsx';
import { BringIn, type BroughtIn } from './bring-in/BringIn.tsx';
import type { BringBack } from '../../state/deleting/index.ts';
import { BROUGHT_BACK_UNDER, deletedText } from '../../words/kept/deleted.ts';
import { remove as removeRecord, wordsBesideHead } from '../../state/keeping/index.ts';

/** Shows all pieces of this browser: open, rename, duplicate, delete with undo, bring in a file. */
export const Pieces = guardIsland(GuardedPieces);

function GuardedPieces() {
  const { list, trouble, setTrouble, said, run } = usePieces();
  const [broughtIn, setBroughtIn] = useState(0);
  const tellBroughtIn = ({ ids, troubles }: BroughtIn): void => {
    setBroughtIn(ids.length);
    setTrouble(troubles.length === 0 ? null : troubles.join(' '));
  };
  const [deleted, setDeleted] = useState<{ readonly record: PieceRecord; readonly bringBack: BringBack } | null>(null);
  const remove = (record: PieceRecord): void =>
    run(async () => {
      const outcome = await removeRecord('piece', record.id);
      if (!outcome.ok) throw new Error(outcome.message);
      setDeleted({ record, bringBack: outcome.bringBack });
    });
  const undelete = (bringBack: BringBack): void =>
    run(async () => {
      await bringBack();
      setDeleted(null);
    });
  return (
    <BringIn onBrought={tellBroughtIn}>
      {(openFiles) => (
        <PageShell
          current="Pieces"
          title="Pieces"
          beside={
            <>
              <ButtonLink href="/?new">New piece</ButtonLink>
              {openFiles}
            </>
          }
        >
          <div role="status" aria-label="Messages">
            {trouble !== null && (
              <Notice className="mt-3" trouble>
                {trouble}
              </Notice>
            )}
            {said !== null && <Notice className="mt-3">{said}</Notice>}
            {broughtIn > 0 && <Notice className="mt-3">{broughtInText(broughtIn)}</Notice>}
            {deleted && (
              <Notice className="mt-3 flex items-center gap-3">
                {deletedText(pieceTitle(deleted.record.document))} {BROUGHT_BACK_UNDER}
                <Button onClick={() => undelete(deleted.bringBack)}>Undo</Button>
              </Notice>
            )}
            {list && <NotShown list={list} />}
          </div>
          {list && <Listed list={list} run={run} onDelete={remove} />}
        </PageShell>
      )}
    </BringIn>
  );
}

interface ListedProps {
  readonly list: PieceList;
  readonly run: Run;
  readonly onDelete: (record: PieceRecord) => void;
}

/** Shows the pieces, once they are read, with the reminder of a backup and what is done with the demo. */
function Listed({ list, run, onDelete }: ListedProps) {
  return (
    <>
      <BackupReminder />
      {(list.whole || list.records.length > 0) && <Library list={list} run={run} onDelete={onDelete} />}
      <DemoPieces run={run} />
    </>
  );
}

/** Tells of what is stored and cannot be shown. */
function NotShown({ list: { setAside, newer } }: Pick<ListedProps, 'list'>) {
  return (
    <>
      {setAside > 0 && <SetAside count={setAside} />}
      {newer > 0 && <Newer count={newer} />}
    </>
  );
}

function SetAside({ count }: { readonly count: number }): ReactNode {
  return (
    <Notice className="mt-3 flex items-center gap-3" trouble>
      {count === 1
        ? 'One stored entry could not be read and was set aside.'
        : `${count} stored entries could not be read and were set aside.`}{' '}
      Nothing was thrown away.
      <ButtonLink href="/backup">See {count === 1 ? 'it' : 'them'} under Backup</ButtonLink>
    </Notice>
  );
}

/** Tells of pieces of a newer version, which stay where they are and are not touched. */
function Newer({ count }: { readonly count: number }): ReactNode {
  return (
    <Notice className="mt-3">
      {count === 1 ? 'One piece was' : `${count} pieces were`} written by a newer version of Dove Path and cannot be shown here; nothing was
      changed in {count === 1 ? 'it' : 'them'}. Reload the page to get the newer version.
    </Notice>
  );
}

/** The latest time at which all pieces are read after the newest are drawn, ms. */
const DRAWN_IN_MS = 500;

/** Gives the newest pieces first, and all of them once the page has nothing else to do: reading thousands blocks it for a moment. */
function usePieces() {
  const [isDrawn, setIsDrawn] = useState(false);
  const whole = useStored(isDrawn ? PIECES : null);
  const newest = useStored(whole.state === 'answered' ? null : NEWEST_PIECES, LISTED);
  const hasNewest = newest.state === 'answered';
  useEffect(() => {
    if (!hasNewest) return;
    const soon = requestIdleCallback(() => setIsDrawn(true), { timeout: DRAWN_IN_MS });
    return () => cancelIdleCallback(soon);
  }, [hasNewest]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const run: Run = (work) =>
    void work().then(
      (text) => {
        setTrouble(null);
        setSaid(typeof text === 'string' ? text : null);
      },
      (error: unknown) => setTrouble(wordsBesideHead(error, STORAGE_TROUBLE)),
    );
  const unread = [whole, newest].find((asked) => asked.state === 'failed');
  return {
    list: answerOf(whole) ?? answerOf(newest),
    trouble: trouble ?? (unread?.state === 'failed' ? notReadText(unread.message) : null),
    setTrouble,
    said,
    run,
  };
}

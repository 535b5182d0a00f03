import { guardIsland, Notice, Progress } from '../../ui/states/index.ts';
import { useState } from 'react';
import { issuesText } from '#core/messages';
import { downloadText } from '../../files/index.ts';
import {
  allowFolder,
  askToKeep,
  backUp,
  type BackupState,
  bringIn,
  type Brought,
  chooseFolder,
  leaveFolder,
  readStudioText,
  type StudioBrought,
} from '../../state/backup/index.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckField } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { OpenFileButton } from '../../ui/OpenFileButton.tsx';
import {
  broughtText,
  FILE_UNDER_WAY,
  lastBackupText,
  NO_FOLDERS,
  persistedText,
  recordingsText,
  reminderText,
} from '../../words/kept/backup.ts';
import { sizeText } from '../../words/practice/record.ts';
import { PageShell } from '../frame/index.ts';
import { PracticeOfNobody, type Run } from '../parts/index.ts';
import { BroughtTable } from './BroughtTable.tsx';
import { DeletedThings } from './DeletedThings.tsx';
import { UnreadRecords } from './UnreadRecords.tsx';
import { useBackup } from './use-backup.ts';
import { useUnderWay } from './use-under-way.ts';

/** Shows the backup: the whole studio as a file, out and in, in a folder by itself, and whether the browser keeps its storage. */
export const Backup = guardIsland(GuardedBackup);

function GuardedBackup() {
  const { state, trouble, said, run } = useBackup();
  return (
    <PageShell current="Backup" title="Backup">
      <p className="mt-1 max-w-[70ch] text-dove-dark">
        Pieces, players, instruments and schools are kept in this browser, on this machine, and nowhere else.
      </p>
      <div role="status" aria-label="Messages">
        {trouble !== null && (
          <Notice className="mt-3" trouble>
            {trouble}
          </Notice>
        )}
        {said !== null && <Notice className="mt-3">{said}</Notice>}
      </div>
      {state && (
        <>
          <SaveStudio state={state} run={run} />
          <BringIn run={run} />
          <Folder state={state} run={run} />
          <Kept state={state} run={run} />
          <DeletedThings run={run} />
          <UnreadRecords run={run} />
          <div className="mt-7">
            <PracticeOfNobody once={false} />
          </div>
        </>
      )}
    </PageShell>
  );
}

interface PartProps {
  readonly state: BackupState;
  readonly run: Run;
}

function SaveStudio({ state, run }: PartProps) {
  const [wantsRecordings, setWantsRecordings] = useState(false);
  const { count, bytes } = state.recordings;
  const save = (): void =>
    run(async () => {
      downloadText(`dove-path-studio-${new Date().toISOString().slice(0, 10)}.json`, 'application/json', await backUp(wantsRecordings));
    });
  return (
    <section aria-label="Save the studio" className="mt-5">
      <p className="mb-2">{state.daysChanged > 0 ? reminderText(state) : lastBackupText(state.backedUpAt)}</p>
      <Button onClick={save}>Save the studio as a file</Button>
      {count > 0 && <CheckField label={recordingsText(count, sizeText(bytes))} checked={wantsRecordings} onChange={setWantsRecordings} />}
    </section>
  );
}

/** Shows the content of a file first; writes it when the teacher has seen it. */
function BringIn({ run }: Pick<PartProps, 'run'>) {
  const [file, setFile] = useState<StudioBrought | null>(null);
  const { underWay, during } = useUnderWay();
  const open = (chosen: File): void =>
    run(
      async () =>
        await during('read', async (along) => {
          const reading = await readStudioText(await chosen.text(), along);
          setFile(reading.ok ? reading.value : null);
          if (!reading.ok) throw new Error(`${chosen.name}: ${issuesText(reading.issues)}`);
          return null;
        }),
    );
  const bring = (from: StudioBrought, wanted: readonly Brought[]): void =>
    run(
      async () =>
        await during('write', async (along) => {
          const outcome = await bringIn(wanted, from.brought, along);
          setFile(null);
          return broughtText(outcome);
        }),
    );
  return (
    <section aria-label="Bring in a studio" className="mt-7">
      <Heading className="mb-2">Bring in a studio from a file</Heading>
      <OpenFileButton label="Studio saved as a file" onFile={open} />
      {underWay && <Progress {...FILE_UNDER_WAY[underWay.work]} share={underWay.share} onStop={underWay.onStop} />}
      {file && !underWay && <BroughtTable file={file} onLeave={() => setFile(null)} onBring={(wanted) => bring(file, wanted)} />}
    </section>
  );
}

function Folder({ state: { folder }, run }: PartProps) {
  const choose = (): void =>
    run(async () => {
      const chosen = await window.showDirectoryPicker?.({ mode: 'readwrite' });
      if (chosen) await chooseFolder(chosen);
    });
  return (
    <section aria-label="Folder" className="mt-7">
      <Heading className="mb-2">A folder that is kept up to date</Heading>
      {folder === null && window.showDirectoryPicker === undefined && <p className="text-dove-dark">{NO_FOLDERS}</p>}
      {folder === null && window.showDirectoryPicker !== undefined && (
        <p className="flex flex-wrap items-center gap-3">
          <span className="grow">
            Choose a folder, for instance one that your computer backs up: the studio is saved there as you work.
          </span>
          <Button onClick={choose}>Choose a folder</Button>
        </p>
      )}
      {folder !== null && (
        <p className="flex flex-wrap items-center gap-3">
          <span className="grow">
            {folder.allowed
              ? `The studio is saved in “${folder.name}” as you work.`
              : `The browser needs your permission again to save in “${folder.name}”.`}
          </span>
          {!folder.allowed && <Button onClick={() => run(allowFolder)}>Allow it</Button>}
          <Button onClick={() => run(leaveFolder)}>Stop</Button>
        </p>
      )}
    </section>
  );
}

function Kept({ state: { persisted }, run }: PartProps) {
  return (
    <section aria-label="What the browser keeps" className="mt-7">
      <Heading className="mb-2">What the browser keeps</Heading>
      <p className="flex flex-wrap items-center gap-3">
        <span className="grow">{persistedText(persisted)}</span>
        {persisted === false && <Button onClick={() => run(askToKeep)}>Ask it to keep the studio</Button>}
      </p>
    </section>
  );
}

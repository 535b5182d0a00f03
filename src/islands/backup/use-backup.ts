import { useEffect, useState } from 'react';
import { backupState, type BackupState } from '../../storage/backup/backup.ts';
import { readyToRead } from '../../storage/first-start.ts';
import { STORAGE_TROUBLE } from '../../words/kept/storage.ts';
import type { Run } from './Backup.tsx';

/** How the backup stands, what was said last, and a way to do something about it. */
export function useBackup(): {
  readonly state: BackupState | null;
  readonly trouble: string | null;
  readonly said: string | null;
  readonly run: Run;
} {
  const [state, setState] = useState<BackupState | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const fail = (error: unknown): void => {
    // A teacher who chooses no folder after all has done nothing wrong.
    if (error instanceof DOMException && error.name === 'AbortError') return;
    setTrouble(error instanceof Error ? error.message : STORAGE_TROUBLE);
  };
  useEffect(() => {
    void readyToRead().then(backupState).then(setState, fail);
  }, []);
  const run: Run = (work) => {
    setTrouble(null);
    setSaid(null);
    void work()
      .then(async (words) => {
        setSaid(typeof words === 'string' ? words : null);
        setState(await backupState());
      })
      .catch(fail);
  };
  return { state, trouble, said, run };
}

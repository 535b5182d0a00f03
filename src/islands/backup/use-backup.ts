import { useState } from 'react';
import type { BackupState } from '../../state/backup/index.ts';
import { BACKUP_STATE, useStored } from '../../state/reading/index.ts';
import { notReadText, STORAGE_TROUBLE } from '../../words/kept/storage.ts';
import type { Run } from '../parts/index.ts';

/** Gives the state of the backup, the last message, and the actions on it. */
export function useBackup(): {
  readonly state: BackupState | null;
  readonly trouble: string | null;
  readonly said: string | null;
  readonly run: Run;
} {
  const [turn, setTurn] = useState(0);
  const asked = useStored(BACKUP_STATE, turn);
  const [state, setState] = useState<BackupState | null>(null);
  // While it is asked again, the former state stays.
  if (asked.state === 'answered' && asked.value !== state) setState(asked.value);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const fail = (error: unknown): void => {
    // A teacher who chooses no folder after all has done nothing wrong.
    if (error instanceof DOMException && error.name === 'AbortError') return;
    setTrouble(error instanceof Error ? error.message : STORAGE_TROUBLE);
  };
  const run: Run = (work) => {
    setTrouble(null);
    setSaid(null);
    void work()
      .then((words) => {
        setSaid(typeof words === 'string' ? words : null);
        setTurn((now) => now + 1);
      })
      .catch(fail);
  };
  return { state, trouble: trouble ?? (asked.state === 'failed' ? notReadText(asked.message) : null), said, run };
}

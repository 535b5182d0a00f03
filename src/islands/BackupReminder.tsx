import { useEffect, useState } from 'react';
import { backupState, type BackupState, putOffBackup } from '../storage/backup/backup.ts';
import { Button, ButtonLink } from '../ui/Button.tsx';
import { Notice } from '../ui/states/Notice.tsx';
import { persistedText, reminderText } from '../words/kept/backup.ts';

/** After some days with changes since the last backup: that it would be time for one, until it is made or put off. */
export function BackupReminder() {
  const [state, setState] = useState<BackupState | null>(null);
  useEffect(() => {
    void backupState().then(setState, () => undefined);
  }, []);
  if (state?.isDue !== true) return null;
  const putOff = (): void => void putOffBackup().then(() => setState(null));
  return (
    <Notice label="Backup" className="mt-3 flex flex-wrap items-center gap-3">
      <p className="grow">
        {reminderText(state)} {state.persisted === false && persistedText(false)}
      </p>
      <ButtonLink href="/backup">Back up</ButtonLink>
      <Button onClick={putOff}>Not now</Button>
    </Notice>
  );
}

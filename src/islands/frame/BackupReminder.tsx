import { answerOf } from '../../engine/index.ts';
import { putOffBackup } from '../../state/backup/index.ts';
import { BACKUP_STATE, useStored } from '../../state/reading/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { Notice } from '../../ui/states/index.ts';
import { persistedText, reminderText } from '../../words/kept/backup.ts';

/** Reminds the teacher of a backup after some days with changes since the last, until it is made or put off. */
export function BackupReminder() {
  const state = answerOf(useStored(BACKUP_STATE));
  if (state?.isDue !== true) return null;
  return (
    <Notice label="Backup" className="mt-3 flex flex-wrap items-center gap-3">
      <p className="grow">
        {reminderText(state)} {state.persisted === false && persistedText(false)}
      </p>
      <ButtonLink href="/backup">Back up</ButtonLink>
      <Button onClick={() => void putOffBackup()}>Not now</Button>
    </Notice>
  );
}

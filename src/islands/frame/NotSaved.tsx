import { useSaving, waitingStore } from '../../state/keeping/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/states/index.ts';
import { SAVED_WORDS } from '../../words/kept/saved.ts';

/** Says why something of this page is not saved, and how it is saved as a file; whatever was typed stays where it is. */
export function NotSaved() {
  const saving = useSaving();
  return (
    <div role="status" aria-label={SAVED_WORDS.failed} className="no-print px-6">
      {saving.state === 'failed' && (
        <Notice className="mt-2 flex items-start gap-3" trouble>
          <span className="grow">
            {saving.message} {SAVED_WORDS.again}
          </span>
          <Button className="shrink-0" onClick={() => void saveAsFile()}>
            {SAVED_WORDS.asFile}
          </Button>
        </Notice>
      )}
    </div>
  );
}

/** Saves the records that wait as a file, which the page “Backup” brings in. */
async function saveAsFile(): Promise<void> {
  const [{ textOf }, { downloadText }] = await Promise.all([
    import('../../state/backup/studio-file.ts'),
    import('../../files/download.ts'),
  ]);
  const parts = [...waitingStore.getState().waiting.values()].map(({ name, record }) => ({ kind: name, record }));
  downloadText('not-saved.json', 'application/json', textOf(parts));
}

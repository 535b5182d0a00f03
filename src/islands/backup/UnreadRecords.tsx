import { countText } from '#core/messages';
import { downloadText } from '../../files/index.ts';
import { answerOf } from '../../engine/index.ts';
import { restoreSetAside, setAsideText } from '../../state/backup/index.ts';
import { readStored, UNREAD_COUNTS, useStored } from '../../state/reading/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { Notice } from '../../ui/states/index.ts';
import { ofNewerText } from '../../words/kept/newer-version.ts';
import { restoredText } from '../../words/kept/backup.ts';
import type { Run } from '../parts/index.ts';

/** Tells of records that do not read: those that were set aside, and those that a newer version has written. */
export function UnreadRecords({ run }: { readonly run: Run }) {
  const { setAside, newer } = answerOf(useStored(UNREAD_COUNTS)) ?? { setAside: 0, newer: 0 };
  return (
    <>
      {setAside > 0 && <SetAsideRecords count={setAside} run={run} />}
      {newer > 0 && <Notice className="mt-7">{ofNewerText(newer)}</Notice>}
    </>
  );
}

/** Offers records that were set aside: to be tried again, or taken out and looked at. */
function SetAsideRecords({ count, run }: { readonly count: number; readonly run: Run }) {
  const restore = (): void => run(async () => restoredText(await restoreSetAside(), (await readStored(UNREAD_COUNTS)).setAside));
  return (
    <section aria-label="Set aside" className="mt-7">
      <Heading className="mb-2">Set aside</Heading>
      <p className="flex flex-wrap items-center gap-3">
        <span className="grow">
          {countText(count, 'entry could not be read and is', 'entries could not be read and are')} kept as found. A newer Dove Path may
          read what this one cannot.
        </span>
        <Button onClick={restore}>Try to read again</Button>
        <Button onClick={() => void setAsideText().then((text) => downloadText('set-aside.json', 'application/json', text))}>
          Download
        </Button>
      </p>
    </section>
  );
}

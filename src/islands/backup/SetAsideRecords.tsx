import { countText } from '#core/messages';
import { downloadText } from '../../files/index.ts';
import { answerOf } from '../../engine/index.ts';
import { restoreSetAside, setAsideText } from '../../state/backup/index.ts';
import { readStored, SET_ASIDE_COUNT, useStored } from '../../state/reading/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { restoredText } from '../../words/kept/backup.ts';
import type { Run } from '../parts/index.ts';

/** Lists records that did not read and were set aside: to be tried again, or taken out and looked at. */
export function SetAsideRecords({ run }: { readonly run: Run }) {
  const count = answerOf(useStored(SET_ASIDE_COUNT)) ?? 0;
  if (count === 0) return null;
  const restore = (): void => run(async () => restoredText(await restoreSetAside(), await readStored(SET_ASIDE_COUNT)));
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

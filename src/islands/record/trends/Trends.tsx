import { useEffect, useState } from 'react';
import { answerOf, useAsked } from '../../../engine/index.ts';
import { dayWeeksBefore, WEEKS_COUNTED } from '../../../records/log-pages.ts';
import { ENTRIES, useStored } from '../../../state/reading/index.ts';
import { Answered, loadLater } from '../../../ui/states/index.ts';
import { TRENDS_WORDS } from '../../../words/practice/trends.ts';
import { TellsNotes } from '../TellsNotes.tsx';
import { readTrends } from './read-trends.ts';

/** The drawings, and the engraver that they need, come while the plans are worked out. */
const TrendsShown = loadLater(async () => (await import('./TrendsShown.tsx')).TrendsShown);

interface TrendsProps {
  readonly playerId: string | null;
}

/** Shows the last weeks of a record: week by week, across pieces, and from each statement to what can be done. */
export function Trends({ playerId }: TrendsProps) {
  const [from] = useState(() => dayWeeksBefore(Date.now(), WEEKS_COUNTED));
  useEffect(() => TrendsShown.loadNow(), []);
  const log = useStored(ENTRIES, playerId, from);
  const entries = answerOf(log) ?? [];
  // Entries are only ever added, so an equal number means the same entries.
  const asked = useAsked({
    key: ['trends', playerId, entries.length],
    ask: (signal) => readTrends(entries, signal),
    when: log.state === 'answered',
  });
  return (
    <Answered asked={log.state === 'failed' ? log : asked} waiting={TRENDS_WORDS.waiting}>
      {(read) => (
        <TellsNotes>
          <TrendsShown read={read} playerId={playerId} />
        </TellsNotes>
      )}
    </Answered>
  );
}

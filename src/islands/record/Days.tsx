import { useState } from 'react';
import { workIn, type LogEntry, ofKind } from '#core/practice/log';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { useTellNote } from '../../state/note-places.ts';
import { EmptyState } from '../../ui/states/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { answersText, attemptText, dayText, entryText, sumText } from '../../words/practice/record.ts';
import { DoneTable } from './DoneTable.tsx';
import type { Log, LogDay } from './use-log.ts';

/** The number of days shown at first. */
const SHOWN = 10;

/** Shows a log day by day, the newest first: what was done, and what was said. */
export function Days({ log, practise }: { readonly log: Log; readonly practise: string }) {
  const [shown, setShown] = useState(SHOWN);
  const { days } = log;
  if (!days) return null;
  if (days.length === 0) {
    return (
      <div className="mt-4">
        <EmptyState title="Nothing is logged yet">What is tried in a session comes here by itself.</EmptyState>
        <ButtonLink className="mt-2" href={practise}>
          Prepare a session
        </ButtonLink>
      </div>
    );
  }
  const attempts = days.flatMap(({ entries }) => ofKind(entries, 'attempt'));
  return (
    <div className="mt-3 max-w-3xl">
      <p className="text-dove-dark">
        {log.isCut ? 'The last eight weeks: ' : 'All of it: '}
        {sumText(days.length, attempts.length, attempts.filter(({ miss }) => miss === null).length)}.
      </p>
      {days.slice(0, shown).map((day) => (
        <Day key={day.day} day={day} log={log} />
      ))}
      <div className="no-print mt-3 flex flex-wrap gap-2">
        {shown < days.length && <Button onClick={() => setShown(shown + SHOWN)}>Earlier days</Button>}
        {log.isCut && <Button onClick={log.readAll}>Everything that was ever logged</Button>}
      </div>
    </div>
  );
}

/** Shows a page of the notebook. */
function Day({ day: { day, entries }, log }: { readonly day: LogDay; readonly log: Log }) {
  const done = workIn(entries);
  const said = entries.filter((entry) => entryText(entry) !== '');
  const answers = ofKind(entries, 'answer');
  const tell = useTellNote();
  return (
    <article aria-label={dayText(day)} className="mt-4 break-inside-avoid">
      <Heading as="h2">{dayText(day)}</Heading>
      <DoneTable done={done} />
      {answers.length > 0 && <p className="text-[15px]">{answersText(answers)}</p>}
      <ul className="text-[15px]">
        {said.map((entry) => (
          <li key={entry.id}>
            {entryText(entry)} <TakeBack entry={entry} log={log} />
            {entry.kind === 'file' && <Attached entry={entry} />}
          </li>
        ))}
      </ul>
      {done.length > 0 && (
        <OpenedSection title="Try by try">
          {() => (
            <ul className="text-[14px]">
              {ofKind(entries, 'attempt').map((attempt) => (
                <li key={attempt.id}>
                  {attemptText(attempt, tell)} <TakeBack entry={attempt} log={log} />
                </li>
              ))}
            </ul>
          )}
        </OpenedSection>
      )}
    </article>
  );
}

/** Takes an entry back; the correction is an entry of its own, and the entry stays in the file. */
function TakeBack({ entry, log }: { readonly entry: LogEntry; readonly log: Log }) {
  const tell = useTellNote();
  const what = entry.kind === 'attempt' ? attemptText(entry, tell) : entryText(entry);
  return (
    <button
      type="button"
      aria-label={`Take back: ${what}`}
      className="no-print cursor-pointer px-1 text-[13px] text-dove-dark underline decoration-dotted underline-offset-3"
      onClick={() => void log.add({ kind: 'correction', of: entry.id })}
    >
      take back
    </button>
  );
}

function Attached({ entry }: { readonly entry: Extract<LogEntry, { kind: 'file' }> }) {
  if (entry.type.startsWith('image/')) return <img src={entry.data} alt={entry.name} className="mt-1 max-h-60" />;
  if (entry.type.startsWith('audio/')) return <audio controls src={entry.data} aria-label={entry.name} className="mt-1 block" />;
  return (
    <a href={entry.data} download={entry.name}>
      Download
    </a>
  );
}

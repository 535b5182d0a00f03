import { lazy, Suspense, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { DAYS_A_WEEK, dayNumber } from '#core/calendar';
import { workIn, type LogEntry, ofKind } from '#core/practice/log';
import { type DayTries, daysOfPractice, temposByPiece } from '#core/trends';
import { blobOfDataUrl } from '../../files/index.ts';
import { dayOf, WEEKS_COUNTED } from '../../records/log-pages.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { useTellNote } from '../../state/note-places.ts';
import { EmptyState } from '../../ui/states/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { PageSteps } from '../../ui/NextSteps.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { answersText, attemptText, dayText, entryText, sumText } from '../../words/practice/record.ts';
import { DRAWN_WORDS } from '../../words/practice/record-drawn.ts';
import { DoneTable } from './DoneTable.tsx';
import { DaysOfWeeks } from './drawn/DaysOfWeeks.tsx';
import { TellsNotes } from './TellsNotes.tsx';
import { TempoTable } from './drawn/TempoTable.tsx';
import type { Log, LogDay } from './use-log.ts';

/** Charts come when they are looked at. */
const TempoCharts = lazy(() => import('./drawn/TempoCharts.tsx'));

/** The number of days shown at first. */
const SHOWN = DAYS_A_WEEK;

/** Shows a log day by day, the newest first: what was done, and what was said. */
export function Days({ log, practise }: { readonly log: Log; readonly practise: string }) {
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
  return (
    <>
      <PageSteps>
        <ButtonLink href={practise}>Prepare the next session</ButtonLink>
      </PageSteps>
      <TellsNotes>
        <DaysShown log={log} days={days} />
      </TellsNotes>
    </>
  );
}

/** Shows the weeks as a drawing, the tempos of each piece, and the days themselves. */
function DaysShown({ log, days }: { readonly log: Log; readonly days: readonly LogDay[] }) {
  const [shown, setShown] = useState(SHOWN);
  const [week, setWeek] = useState<string | null>(null);
  const [today] = useState(() => dayOf(Date.now()));
  const attempts = days.flatMap(({ entries }) => ofKind(entries, 'attempt'));
  const drawn = useMemo(() => daysOfPractice(log.all, { today, weeks: WEEKS_COUNTED, dayOf: log.dayOf }), [log.all, log.dayOf, today]);
  const inWeek = week === null ? days : days.filter(({ day }) => day >= week && dayNumber(day) < dayNumber(week) + DAYS_A_WEEK);
  return (
    <div className="mt-3">
      <section aria-label={DRAWN_WORDS.days} className="no-print">
        <DaysOfWeeks days={drawn} chosen={week} onChoose={setWeek} />
        <p className="text-[14px] text-dove-dark">{DRAWN_WORDS.daysLegend}</p>
      </section>
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div className="min-w-0">
          <p className="text-dove-dark">
            {log.isCut ? 'The last eight weeks: ' : 'All of it: '}
            {sumText(days.length, attempts.length, attempts.filter(({ miss }) => miss === null).length)}.
          </p>
          {inWeek.length === 0 && <p className="mt-2">Nothing was logged in this week.</p>}
          {inWeek.slice(0, shown).map((day) => (
            <Day key={day.day} day={day} log={log} />
          ))}
          <div className="no-print mt-3 flex flex-wrap gap-2">
            {shown < inWeek.length && <Button onClick={() => setShown(shown + SHOWN)}>Earlier days</Button>}
            {week !== null && <Button onClick={() => setWeek(null)}>All weeks</Button>}
            {log.isCut && <Button onClick={log.readAll}>Everything that was ever logged</Button>}
          </div>
        </div>
        <Tempos log={log} days={drawn} />
      </div>
    </div>
  );
}

/** Shows at which tempos each piece was tried, after the days stand. */
function Tempos({ log, days }: { readonly log: Log; readonly days: readonly DayTries[] }) {
  const entries = useDeferredValue(log.all, NONE);
  const tempos = useMemo(() => temposByPiece(entries, log.dayOf), [entries, log.dayOf]);
  if (tempos.length === 0) return null;
  return (
    <section aria-label={DRAWN_WORDS.tempos} className="no-print min-w-0">
      <Heading>{DRAWN_WORDS.tempos}</Heading>
      <p className="mb-1 text-[14px] text-dove-dark">{DRAWN_WORDS.temposLegend}</p>
      <Suspense fallback={<p>Drawing …</p>}>
        <TempoCharts pieces={tempos} days={days} />
      </Suspense>
      <OpenedSection title="Table of the tempos">{() => <TempoTable pieces={tempos} />}</OpenedSection>
    </section>
  );
}

const NONE: readonly LogEntry[] = [];

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

/** Plays a sound of the log; the page may play what it has made itself, but no address with the sound in it. */
function AttachedSound({ entry }: { readonly entry: Extract<LogEntry, { kind: 'file' }> }) {
  const address = useMemo(() => URL.createObjectURL(blobOfDataUrl(entry.data, entry.type)), [entry]);
  useEffect(() => () => URL.revokeObjectURL(address), [address]);
  return <audio controls src={address} aria-label={entry.name} className="mt-1 block" />;
}

function Attached({ entry }: { readonly entry: Extract<LogEntry, { kind: 'file' }> }) {
  if (entry.type.startsWith('image/')) return <img src={entry.data} alt={entry.name} className="mt-1 max-h-60" />;
  if (entry.type.startsWith('audio/')) return <AttachedSound entry={entry} />;
  return (
    <a href={entry.data} download={entry.name}>
      Download
    </a>
  );
}

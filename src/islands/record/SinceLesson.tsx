import { aimsIn, asCorrected, workIn, missCounts, missesOf, ofKind, setIn } from '#core/practice/log';
import { practisedKey } from '#core/practice/item';
import type { WeekItem } from '#core/week';
import { answerOf } from '../../engine/index.ts';
import { dayOf } from '../../records/log-pages.ts';
import { useStored, WEEK } from '../../state/reading/index.ts';
import { useTellNote } from '../../state/note-places.ts';
import { TextField } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { Notice } from '../../ui/states/index.ts';
import type { TellNote } from '../../words/line/note-places.ts';
import { aimText, answersText, dayText, entryText, sumText } from '../../words/practice/record.ts';
import { itemText, MISS_WORDS } from '../../words/practice/session.ts';
import { DoneTable } from './DoneTable.tsx';
import type { Log } from './use-log.ts';

interface SinceLessonProps {
  readonly log: Log;
  readonly now: number;
  /** The day of the last lesson: "2026-03-09". */
  readonly since: string;
  readonly onSince: (day: string) => void;
}

/** Shows the work since the last lesson: days, items, misses, what was said, and what of the week was not practised. */
export function SinceLesson({ log, now, since, onSince }: SinceLessonProps) {
  const today = dayOf(now);
  const entries = asCorrected(log.all).filter((entry) => log.dayOf(entry) >= since);
  const { aim } = setIn(log.all);
  const checked = new Set(ofKind(entries, 'end-check').map(({ aim: text }) => text));
  const aims = aimsIn(log.all).filter(({ text }) => text === aim || checked.has(text));
  const attempts = ofKind(entries, 'attempt');
  const done = workIn(entries);
  const misses = missesOf(missCounts(attempts));
  const pains = ofKind(entries, 'pain');
  const answers = ofKind(entries, 'answer');
  const days = new Set(attempts.map(log.dayOf));
  const said = entries.filter((entry) => entry.kind === 'skipped' || (entry.kind === 'remark' && log.dayOf(entry) !== today));
  return (
    <section aria-label="Since the last lesson">
      {pains.length > 0 && (
        <Notice className="mt-2">
          {pains.map((pain) => entryText(pain)).join(' ')} Ask about it before anything is played; if it stays or comes back, a doctor.
        </Notice>
      )}
      <Heading as="h3" className="mt-3">
        Since the last lesson, {dayText(since)}
      </Heading>
      <LastLesson since={since} today={today} onChoose={onSince} />
      {aims.length === 0 && <p>No aim was set.</p>}
      {aims.map((one) => (
        <p key={one.text}>{aimText(one)}</p>
      ))}
      {attempts.length === 0 ? (
        <p className="text-dove-dark">Nothing was logged.</p>
      ) : (
        <p>
          {sumText(days.size, attempts.length, attempts.filter(({ miss }) => miss === null).length)}.
          {misses.length > 0 && ` Missed: ${misses.map(({ miss, times }) => `${times} ${MISS_WORDS[miss]}`).join(', ')}.`}
        </p>
      )}
      <DoneTable done={done} />
      <NotPractised playerId={log.whose.playerId} practised={new Set(attempts.map(({ practised }) => practisedKey(practised)))} />
      {answers.length > 0 && <p>{answersText(answers)}</p>}
      <ul>
        {said.map((entry) => (
          <li key={entry.id}>{entryText(entry)}</li>
        ))}
      </ul>
    </section>
  );
}

interface LastLessonProps {
  readonly since: string;
  readonly today: string;
  readonly onChoose: (day: string) => void;
}

function LastLesson({ since, today, onChoose }: LastLessonProps) {
  return (
    <label className="no-print flex items-center gap-2 text-[14px]">
      <span className="text-dove-dark">The last lesson was on</span>
      <TextField
        type="date"
        aria-label="The last lesson was on"
        max={today}
        value={since}
        onChange={({ target }) => target.value !== '' && onChoose(target.value)}
      />
    </label>
  );
}

interface NotPractisedProps {
  readonly playerId: string | null;
  /** Whether each thing was practised, by key. */
  readonly practised: ReadonlySet<string>;
}

/** Lists the things of the week that were not practised; those the date asks for first. */
function NotPractised({ playerId, practised }: NotPractisedProps) {
  const week = answerOf(useStored(WEEK, playerId));
  const tell = useTellNote();
  const missing = (week?.document.items ?? []).filter(({ item }) => !practised.has(practisedKey(item.practised)));
  if (missing.length === 0) return null;
  const asked = missing.filter((item) => item.asked);
  const others = missing.filter((item) => !item.asked);
  return <p>Not practised: {[...asked, ...others].map((item) => nameOf(item, tell)).join('; ')}.</p>;
}

function nameOf({ item, asked }: WeekItem, tell: TellNote): string {
  return asked ? `${itemText(item.practised, tell)} (asked for by the date)` : itemText(item.practised, tell);
}

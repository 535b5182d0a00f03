import { countText } from '#core/messages';
import { aimsIn, asCorrected, workIn, missCounts, missesOf, ofKind, setIn } from '#core/practice/log';
import { type Practised, practisedKey } from '#core/practice/item';
import type { WeekItem } from '#core/week';
import { dayOf } from '../../../records/log-pages.ts';
import type { WeekRecord } from '../../../records/record.ts';
import { useTellNote } from '../../../state/note-places.ts';
import { TextField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { Notice } from '../../../ui/states/index.ts';
import type { TellNote } from '../../../words/line/note-places.ts';
import { aimText, answersText, dayText, entryText, sumText } from '../../../words/practice/record.ts';
import { itemText, MISS_WORDS } from '../../../words/practice/session.ts';
import { fromMeasureText } from '../../../words/practice/week.ts';
import { DoneTable } from '../DoneTable.tsx';
import type { Log } from '../use-log.ts';

interface SinceLessonProps {
  readonly log: Log;
  readonly now: number;
  /** The day of the last lesson: "2026-03-09". */
  readonly since: string;
  /** The week of the player; null where none is planned. */
  readonly week: WeekRecord | null;
  readonly onSince: (day: string) => void;
}

/** Shows the work since the last lesson: days, items, misses, what was said, and what of the week was not practised. */
export function SinceLesson({ log, now, since, week, onSince }: SinceLessonProps) {
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
      <div className="flex flex-wrap items-center gap-x-4">
        <Heading as="h3">Since the last lesson, {dayText(since)}</Heading>
        <LastLesson since={since} today={today} onChoose={onSince} />
      </div>
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
      {answers.length > 0 && <p>{answersText(answers)}</p>}
      <ul className="mt-1">
        {said.map((entry) => (
          <li key={entry.id}>{entryText(entry)}</li>
        ))}
      </ul>
      <NotPractised week={week} practised={new Set(attempts.map(({ practised }) => practisedKey(practised)))} />
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
  readonly week: WeekRecord | null;
  /** Whether each thing was practised, by key. */
  readonly practised: ReadonlySet<string>;
}

/** Lists the things of the week that were not practised; those the date asks for first. */
function NotPractised({ week, practised }: NotPractisedProps) {
  const tell = useTellNote();
  const missing = (week?.document.items ?? []).filter(({ item }) => !practised.has(practisedKey(item.practised)));
  if (missing.length === 0) return null;
  const inOrder = [...missing.filter(({ asked }) => asked), ...missing.filter(({ asked }) => !asked)];
  const more = inOrder.length - NOT_PRACTISED_TOLD;
  return (
    <>
      <p className="mt-1 text-dove-dark">Not practised:</p>
      <ul className="grid gap-x-6 text-[15px] sm:grid-cols-2">
        {inOrder.slice(0, NOT_PRACTISED_TOLD).map((item) => (
          <li key={practisedKey(item.item.practised)}>{nameAmong(inOrder, item, tell)}</li>
        ))}
        {more > 0 && <li className="text-dove-dark">and {countText(more, 'other thing', 'other things')} of the week</li>}
      </ul>
    </>
  );
}

/** The number of things told that were not practised. */
const NOT_PRACTISED_TOLD = 4;

/** Names something among the things of a week, in few words where that tells it from the others: "B♭ major, from measure 2 (for the date)". */
function nameAmong(items: readonly WeekItem[], { item: { practised }, asked }: WeekItem, tell: TellNote): string {
  const short = shortName(practised, tell);
  const isClear = items.filter(({ item }) => shortName(item.practised, tell) === short).length === 1;
  return `${isClear ? short : itemText(practised, tell)}${asked ? ' (for the date)' : ''}`;
}

function shortName(practised: Practised, tell: TellNote): string {
  const from = fromMeasureText(practised, tell);
  return from === '' ? practised.title : `${practised.title}, ${from}`;
}

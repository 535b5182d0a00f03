import { Printer } from '../../ui/icons.ts';
import { useState } from 'react';
import { dayNumber, dayOfNumber } from '#core/calendar';
import { asCorrected, lastLesson, LARGEST_FILE, missedNotes, setIn } from '#core/practice/log';
import { FIRST_TOLERANCE, proposedTolerance } from '#core/trends';
import { dayOf } from '../../records/log-pages.ts';
import { lessonField, fieldsTypedBefore, useTyped } from '../../state/typed.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { SuggestedField, TextField } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { useTellNote } from '../../state/note-places.ts';
import { entryText, missedNoteText, tooLargeText } from '../../words/practice/record.ts';
import { AIMS_OFFERED } from '../../words/practice/session.ts';
import { PosturePoints } from './PosturePoints.tsx';
import { SinceLesson } from './SinceLesson.tsx';
import type { Log } from './use-log.ts';

/** The days since a lesson that nobody has noted: a week. */
const USUAL_DAYS = 7;

interface LessonProps {
  readonly log: Log;
  readonly name: string;
  /** The address of the player's sessions. */
  readonly practise: string;
}

/** Shows a lesson on one page: the past week, what is said, and what comes next. */
export function Lesson({ log, name, practise }: LessonProps) {
  const [now] = useState(() => Date.now());
  const [since, setSince] = useState<string | null>(null);
  if (!log.days) return null;
  const today = dayOf(now);
  const lesson = since ?? lastLesson(log.all, today, log.dayOf) ?? dayOfNumber(dayNumber(today) - USUAL_DAYS);
  return (
    <div className="mt-3 max-w-3xl">
      <NextSteps atHead>
        <Button onClick={() => print()}>
          <Printer size={15} aria-hidden="true" /> Print it
        </Button>
        <ButtonLink href={practise}>Prepare the next session</ButtonLink>
      </NextSteps>
      <h2 className="mt-2 hidden text-xl font-semibold print:block">Lesson: {name}</h2>
      <SinceLesson log={log} now={now} since={lesson} onSince={setSince} />
      <MissedMost log={log} since={lesson} />
      <Remarks log={log} now={now} />
      <PosturePoints log={log} now={now} />
      <Tolerance log={log} now={now} />
      <NextAim log={log} />
    </div>
  );
}

/** The number of statements told, since a lesson works on one of them. */
const MOST_TOLD = 3;

/** Lists the notes that missed most since the last lesson, each one step from its drill. */
function MissedMost({ log, since }: { readonly log: Log; readonly since: string }) {
  const missed = missedNotes(asCorrected(log.all).filter((entry) => log.dayOf(entry) >= since)).slice(0, MOST_TOLD);
  const tell = useTellNote();
  if (missed.length === 0) return null;
  return (
    <section aria-label="Missed most">
      <Heading as="h3" className="mt-3">
        Missed most
      </Heading>
      <ul>
        {missed.map((note) => (
          <li key={`${note.piece} ${note.note}`} className="flex flex-wrap items-baseline gap-x-3 py-0.5">
            <span className="grow">{missedNoteText(note, tell)}</span>
            <ButtonLink className="no-print" href={`/drills?piece=${note.piece}&part=spots&spot=${note.note}`}>
              Its loop and its drill
            </ButtonLink>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Tells whether a field is left for another place of the page: where the window or the tab is left, typing goes on. */
function isOnPage(): boolean {
  return document.hasFocus();
}

/** Edits remarks of today, kept as they are written; a sound or a picture can go with them. */
function Remarks({ log, now }: { readonly log: Log; readonly now: number }) {
  const typed = lessonField('remark', log.whose.playerId);
  const [text, setText] = useState(() => fieldsTypedBefore(typed, { text: '' }).text);
  // Text is kept letter by letter: a page that is closed in the middle of a remark has it still when it is opened again.
  useTyped(typed, { text }, text === '');
  const { attach, trouble } = useAttaching(log);
  const today = asCorrected(log.all).filter((entry) => log.dayOf(entry) === dayOf(now));
  const keep = async (): Promise<void> => {
    if (text.trim() === '') return;
    // The text is cleared at once, so that leaving the field right after Enter does not write it again.
    setText('');
    await log.add({ kind: 'remark', text: text.trim().slice(0, 1000) });
  };
  return (
    <section aria-label="Remarks">
      <Heading as="h3" className="mt-3">
        Remarks
      </Heading>
      <ul>
        {today
          .filter(({ kind }) => kind === 'remark' || kind === 'file')
          .map((entry) => (
            <li key={entry.id}>{entryText(entry)}</li>
          ))}
      </ul>
      <div className="no-print mt-1 flex flex-wrap items-center gap-2">
        <TextField
          aria-label="Remark"
          className="min-w-64 grow"
          value={text}
          onChange={({ target }) => setText(target.value)}
          onBlur={() => void (isOnPage() && keep())}
          onKeyDown={(event) => {
            if (event.key === 'Enter') void keep();
          }}
        />
        <label className="text-[14px]">
          <span className="text-dove-dark">Sound or picture </span>
          <input
            type="file"
            accept="audio/*,image/*"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) void attach(file);
            }}
          />
        </label>
      </div>
      {trouble !== null && <p role="alert">{trouble}</p>}
    </section>
  );
}

interface Attaching {
  readonly attach: (file: File) => Promise<void>;
  /** The message where a file is too large; null otherwise. */
  readonly trouble: string | null;
}

/** Attaches sounds and pictures to the log, as far as they are small enough. */
function useAttaching(log: Log): Attaching {
  const [trouble, setTrouble] = useState<string | null>(null);
  const attach = async (file: File): Promise<void> => {
    if (file.size > LARGEST_FILE) {
      setTrouble(tooLargeText(file.name, file.size, LARGEST_FILE));
      return;
    }
    setTrouble(null);
    const data = await dataUrlOf(file);
    await log.add({ kind: 'file', name: file.name.slice(0, 120), type: file.type.slice(0, 80), bytes: file.size, data });
  };
  return { attach, trouble };
}

async function dataUrlOf(file: File): Promise<string> {
  return await new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(typeof reader.result === 'string' ? reader.result : '');
    reader.onerror = () => reject(reader.error ?? new Error('The file cannot be read.'));
    reader.readAsDataURL(file);
  });
}

/** Sets the tolerance, with the proposed one. */
function Tolerance({ log, now }: { readonly log: Log; readonly now: number }) {
  const { tolerance } = setIn(log.all);
  const { cents, since, tried } = tolerance ?? { cents: FIRST_TOLERANCE, since: now, tried: [] };
  const proposed = proposedTolerance({ cents, since, tries: tried.length, good: tried.filter(({ miss }) => miss === null).length }, now);
  return (
    <section aria-label="Tolerance">
      <Heading as="h3" className="mt-3">
        Tolerance
      </Heading>
      <p>
        A note counts as in tune within {cents} cents{tolerance ? '' : ', where every player begins'}.{' '}
        {proposed === cents ? (
          <span className="text-dove-dark">It stays for now.</span>
        ) : (
          <Button onClick={() => void log.add({ kind: 'tolerance', cents: proposed })}>Set it to {proposed} cents</Button>
        )}
      </p>
      <AnotherTolerance key={cents} log={log} cents={cents} />
    </section>
  );
}

/** Edits a tolerance of the teacher's own: it is entered when its field is left, and there again when the page was closed before. */
function AnotherTolerance({ log, cents }: { readonly log: Log; readonly cents: number }) {
  const place = lessonField('tolerance', log.whose.playerId);
  const [text, setText] = useState(() => fieldsTypedBefore(place, { text: String(cents) }).text);
  useTyped(place, { text }, text === String(cents));
  const enter = (): void => {
    const typed = Number(text);
    if (Number.isInteger(typed) && typed >= 1 && typed <= 100 && typed !== cents) void log.add({ kind: 'tolerance', cents: typed });
  };
  return (
    <label className="no-print mt-1 flex items-center gap-2 text-[14px]">
      <span className="text-dove-dark">Another</span>
      <TextField
        type="number"
        aria-label="Tolerance in cents"
        className="w-20"
        min={1}
        max={100}
        value={text}
        onChange={({ target }) => setText(target.value)}
        onBlur={enter}
      />
      <span className="text-dove-dark">cents</span>
    </label>
  );
}

function NextAim({ log }: { readonly log: Log }) {
  const { aim } = setIn(log.all);
  const place = lessonField('aim', log.whose.playerId);
  const [typed, setTyped] = useState(() => fieldsTypedBefore(place, { text: aim ?? '' }).text);
  useTyped(place, { text: typed }, typed === (aim ?? ''));
  return (
    <section aria-label="Next aim">
      <Heading as="h3" className="mt-3">
        Next aim
      </Heading>
      <p className="hidden print:block">{aim ?? ''}</p>
      <SuggestedField
        key={aim}
        label="Next aim"
        suggestions={AIMS_OFFERED}
        value={typed}
        maxLength={80}
        className="no-print w-full max-w-xl"
        onType={setTyped}
        onLeave={(left) => {
          const text = left.trim();
          if (isOnPage() && text !== '' && text !== aim) void log.add({ kind: 'aim', text });
        }}
      />
    </section>
  );
}

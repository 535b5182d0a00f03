import { useState } from 'react';
import { dayNumber, dayOfNumber } from '#core/calendar';
import type { InstrumentKind } from '#core/instrument';
import { lastLesson } from '#core/practice/log';
import { answerOf } from '../../../engine/index.ts';
import { dayOf } from '../../../records/log-pages.ts';
import { SESSIONS, useStored, WEEK } from '../../../state/reading/index.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { Printer } from '../../../ui/icons.ts';
import { PageSteps } from '../../../ui/NextSteps.tsx';
import type { Log } from '../use-log.ts';
import { TellsNotes } from '../TellsNotes.tsx';
import { MissedMost } from './MissedMost.tsx';
import { NextAim } from './NextAim.tsx';
import { NextSession } from './NextSession.tsx';
import { PosturePoints } from './PosturePoints.tsx';
import { Remarks } from './Remarks.tsx';
import { SinceLesson } from './SinceLesson.tsx';
import { Tolerance } from './Tolerance.tsx';

/** The days since a lesson that nobody has noted: a week. */
const USUAL_DAYS = 7;

interface LessonProps {
  readonly log: Log;
  readonly name: string;
  /** The player's instrument; null where it is not known. */
  readonly kind: InstrumentKind | null;
  /** The address of the player's sessions. */
  readonly practise: string;
}

/** Shows a lesson on one page: the past week, what is said, and what comes next. */
export function Lesson({ log, name, kind, practise }: LessonProps) {
  const [now] = useState(() => Date.now());
  const [since, setSince] = useState<string | null>(null);
  const { playerId } = log.whose;
  const [week, sessions] = [useStored(WEEK, playerId), useStored(SESSIONS, playerId)];
  // A part that came later would push the rest of the page down.
  if (!log.days || week.state === 'waiting' || sessions.state === 'waiting') return null;
  const today = dayOf(now);
  const lesson = since ?? lastLesson(log.all, today, log.dayOf) ?? dayOfNumber(dayNumber(today) - USUAL_DAYS);
  return (
    <TellsNotes>
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-3 lg:grid-cols-3 print:grid-cols-3">
        <PageSteps>
          <Button onClick={() => print()}>
            <Printer size={15} aria-hidden="true" /> Print it
          </Button>
          <ButtonLink href={practise}>Prepare the next session</ButtonLink>
        </PageSteps>
        <h2 className="hidden text-xl font-semibold lg:col-span-3 print:col-span-3 print:block">Lesson: {name}</h2>
        <div className="min-w-0 lg:col-span-2 print:col-span-2">
          <SinceLesson log={log} now={now} since={lesson} week={answerOf(week)} onSince={setSince} />
        </div>
        <div className="min-w-0 space-y-3">
          <NextAim log={log} />
          <NextSession sessions={answerOf(sessions) ?? []} practise={practise} />
          <Tolerance log={log} now={now} />
          <Remarks log={log} now={now} />
        </div>
        <div className="min-w-0 lg:col-span-3 print:col-span-3">
          <MissedMost log={log} since={lesson} />
        </div>
        <div className="min-w-0 lg:col-span-3 print:col-span-3">
          <PosturePoints log={log} now={now} kind={kind} />
        </div>
      </div>
    </TellsNotes>
  );
}

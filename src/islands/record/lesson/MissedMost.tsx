import { useMemo } from 'react';
import { asCorrected, type MissedNote, missedNotes } from '#core/practice/log';
import type { Plan } from '#core/plan/describe';
import { answerOf, useAsked } from '../../../engine/index.ts';
import { useTellNote } from '../../../state/note-places.ts';
import { ButtonLink } from '../../../ui/Button.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { loadLater } from '../../../ui/states/index.ts';
import { missedNoteText } from '../../../words/practice/record.ts';
import { readPlans } from '../read-plans.ts';
import type { Log } from '../use-log.ts';

/** The engraver comes while the plans are worked out. */
const StandStaff = loadLater(async () => (await import('../../practise/stand/StandStaff.tsx')).StandStaff);

/** The number of notes told, since a lesson works on one of them. */
const MOST_TOLD = 3;

/** The largest scale of the music against the desk. */
const SCALE = 1;

/** Shows the measures of the notes that missed most since the last lesson, each one step from its drill. */
export function MissedMost({ log, since }: { readonly log: Log; readonly since: string }) {
  const missed = useMemo(
    () => missedNotes(asCorrected(log.all).filter((entry) => log.dayOf(entry) >= since)).slice(0, MOST_TOLD),
    [log, since],
  );
  const pieces = [...new Set(missed.map(({ piece }) => piece))];
  const plans = answerOf(
    useAsked({ key: ['missed most', ...pieces], ask: (signal) => readPlans(pieces, signal), when: pieces.length > 0 }),
  );
  if (missed.length === 0) return null;
  return (
    <section aria-label="Missed most">
      <Heading as="h3">Missed most</Heading>
      <ul className={`grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-2 ${missed.length < MOST_TOLD ? 'md:grid-cols-2' : 'md:grid-cols-3'}`}>
        {missed.map((note) => (
          <Missed
            key={`${note.piece} ${note.note}`}
            missed={note}
            plan={plans?.get(note.piece) ?? null}
            withBefore={missed.length < MOST_TOLD}
          />
        ))}
      </ul>
    </section>
  );
}

interface MissedProps {
  readonly missed: MissedNote;
  readonly plan: Plan | null;
  /** Whether there is room for the measure of the note before, too. */
  readonly withBefore: boolean;
}

function Missed({ missed, plan, withBefore }: MissedProps) {
  const tell = useTellNote();
  const { piece, note } = missed;
  return (
    <li className="flex min-w-0 flex-col">
      <div className="-mt-1 min-h-[136px]">
        {plan?.notes[note] && (
          <StandStaff
            plan={plan}
            group={{ from: note, to: note }}
            shown={{ from: withBefore ? Math.max(0, note - 1) : note, to: note }}
            largest={SCALE}
            whole
          />
        )}
      </div>
      <div className="flex items-start gap-x-3">
        <span className="grow text-[15px] leading-[1.3]">{missedNoteText(missed, tell)}</span>
        <ButtonLink className="no-print" href={`/drills?piece=${piece}&part=spots&spot=${note}`}>
          Its loop and its drill
        </ButtonLink>
      </div>
    </li>
  );
}

import { useMemo } from 'react';
import type { GivenFingering } from '#core/given';
import { issuesText } from '#core/messages';
import type { Brief } from '#core/brief';
import { useEngine } from '../../../engine/index.ts';
import { compareGiven, lockGiven, removeGiven } from '../../../state/edits/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { Answered, Notice } from '../../../ui/states/index.ts';
import {
  alternatesText,
  closeStringsText,
  comparedText,
  doubtText,
  fingeredText,
  GIVEN,
  noHandTexts,
  readWithText,
  shiftsTold,
  stringsText,
  takenOverText,
} from '../../../words/line/given.ts';
import { tellNotesOfPlan } from '../../../words/line/note-places.ts';
import { reachOfText } from '../../../words/hand/reach-of.ts';
import { PathScore } from '../../score/index.ts';
import { PassageTable } from './PassageTable.tsx';

/** Shows the fingering that a score or a teacher gave to the piece: drawn over ours, what is doubtful in it, and what it gains and costs. */
export function GivenSection({ brief }: { readonly brief: Brief }) {
  const asked = useEngine(brief, { kind: 'given' }, true);
  return (
    <Answered asked={asked} waiting={`${GIVEN.title} is being read …`}>
      {(reading) =>
        reading === null ? null : (
          <section aria-label={GIVEN.title}>
            {reading.ok ? <Read given={reading.value} brief={brief} /> : <Notice className="mt-1">{issuesText(reading.issues)}</Notice>}
          </section>
        )
      }
    </Answered>
  );
}

function Read({ given, brief }: { readonly given: GivenFingering; readonly brief: Brief }) {
  const { plan, against } = given;
  const sounding = plan.notes.filter(({ kind }) => kind === 'note').length;
  const completed = useMemo(() => inBrackets(given), [given]);
  const isLocked = given.given.every(({ note }) => brief.locks?.some((lock) => lock.note === note));
  return (
    <>
      <p className="mt-1">
        {fingeredText(given, sounding)} {readWithText(given)} {comparedText(given)}
      </p>
      <p className="no-print mt-1.5 flex flex-wrap gap-2">
        {isLocked ? (
          <Button onClick={() => compareGiven(given.given)}>{GIVEN.unlock}</Button>
        ) : (
          <Button onClick={() => lockGiven(given.given)}>{GIVEN.lock}</Button>
        )}
        {brief.given && <Button onClick={removeGiven}>{GIVEN.remove}</Button>}
      </p>
      {!isLocked && (
        <PathScore
          name={GIVEN.drawing}
          plan={plan}
          completed={completed}
          over={against ? { plan: against.plan, differsAt: against.differsAt } : null}
        />
      )}
      <Doubtful given={given} />
      <Sentences title={GIVEN.shifts} told={shiftsTold(plan, tellNotesOfPlan(plan))} />
      {against && against.passages.length > 0 && <PassageTable plan={plan} ours={against.plan} passages={against.passages} />}
    </>
  );
}

/** Gives the notes for which no finger is given, and those for which no string is. */
function inBrackets({ given, plan }: GivenFingering): {
  readonly fingers: ReadonlySet<number>;
  readonly strings: ReadonlySet<number>;
} {
  const notes = plan.notes.map((_, index) => index);
  const at = new Map(given.map((entry) => [entry.note, entry]));
  return {
    fingers: new Set(notes.filter((note) => at.get(note)?.finger === undefined)),
    strings: new Set(notes.filter((note) => at.get(note)?.string === undefined)),
  };
}

/** Tells what is likely a misprint, what our hands do not play, which strings were chosen, and the reach. */
function Doubtful({ given }: { readonly given: GivenFingering }) {
  const { plan, doubts } = given;
  const tell = tellNotesOfPlan(plan);
  const noHand = noHandTexts(plan, tell);
  return (
    <>
      <Sentences title={GIVEN.doubts} told={doubts.map((doubt) => doubtText(doubt, tell))} />
      <Sentences title={GIVEN.noHand} told={noHand} />
      <p className="mt-2 text-[15px]">
        {[
          stringsText(given),
          closeStringsText(given, tell),
          alternatesText(given, tell),
          takenOverText(given, tell),
          reachOfText(plan, tell),
        ]
          .filter((text) => text !== null)
          .join(' ')}
      </p>
    </>
  );
}

function Sentences({ title, told }: { readonly title: string; readonly told: readonly string[] }) {
  if (told.length === 0) return null;
  return (
    <section aria-label={title} className="mt-2">
      <Heading as="h3">{title}</Heading>
      <ul className="list-disc pl-5 text-[15px]">
        {told.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
    </section>
  );
}

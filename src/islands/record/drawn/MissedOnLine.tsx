import { useMemo, useState } from 'react';
import type { LogEntry } from '#core/practice/log';
import { missesByNote } from '#core/trends';
import type { Plan } from '#core/plan/describe';
import { LabelledChoice } from '../../../ui/fields/index.ts';
import { ButtonLink } from '../../../ui/Button.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { Table } from '../../../ui/Table.tsx';
import { noteAtText, tellNotesOfPlan } from '../../../words/line/note-places.ts';
import { DRAWN_WORDS, noteMissesText } from '../../../words/practice/record-drawn.ts';
import { PathScore } from '../../score/index.ts';

interface MissedOnLineProps {
  readonly entries: readonly LogEntry[];
  readonly plans: ReadonlyMap<string, Plan>;
  /** The names of the pieces, by id, those missed most first. */
  readonly titles: ReadonlyMap<string, string>;
}

/** Shows on the staff and on the hand's path of a piece where it was missed, and how often. */
export function MissedOnLine({ entries, plans, titles }: MissedOnLineProps) {
  const pieces = [...titles.keys()].filter((piece) => plans.has(piece));
  const [asked, setAsked] = useState<string | null>(null);
  const piece = asked ?? pieces[0];
  const plan = piece === undefined ? undefined : plans.get(piece);
  if (piece === undefined || !plan) return null;
  return (
    <section aria-label={DRAWN_WORDS.onLine}>
      <div className="flex flex-wrap items-end gap-x-4">
        <Heading className="grow">{DRAWN_WORDS.onLine}</Heading>
        <LabelledChoice label="Piece" value={piece} among={pieces} nameOf={(id) => titles.get(id) ?? ''} onChoose={setAsked} />
      </div>
      <LineOf key={piece} entries={entries} piece={piece} plan={plan} title={titles.get(piece) ?? ''} />
    </section>
  );
}

interface LineOfProps {
  readonly entries: readonly LogEntry[];
  readonly piece: string;
  readonly plan: Plan;
  readonly title: string;
}

function LineOf({ entries, piece, plan, title }: LineOfProps) {
  const notes = useMemo(() => missesByNote(entries, piece, plan), [entries, piece, plan]);
  const missed = useMemo(() => new Map(notes.filter((note) => note.missed > 0).map((note) => [note.note, note.missed])), [notes]);
  const tell = useMemo(() => tellNotesOfPlan(plan), [plan]);
  return (
    <>
      <PathScore plan={plan} name={title} missed={missed} />
      <p className="text-[14px] text-dove-dark">{missed.size === 0 ? DRAWN_WORDS.onLineNone : DRAWN_WORDS.onLineLegend}</p>
      {missed.size > 0 && (
        <OpenedSection title="Table of the misses" className="mt-1">
          {() => (
            <Table>
              <thead>
                <tr>
                  <th scope="col">Note</th>
                  <th scope="col">Missed</th>
                  <th scope="col">Next</th>
                </tr>
              </thead>
              <tbody>
                {notes
                  .filter((note) => note.missed > 0)
                  .toSorted((one, other) => other.missed - one.missed)
                  .map((note) => (
                    <tr key={note.note}>
                      <td>{noteAtText(tell(note.note), note.note)}</td>
                      <td>{noteMissesText(note)}</td>
                      <td>
                        <ButtonLink href={`/drills?piece=${piece}&part=spots&spot=${note.note}`}>Its loop and its drill</ButtonLink>
                      </td>
                    </tr>
                  ))}
              </tbody>
            </Table>
          )}
        </OpenedSection>
      )}
    </>
  );
}

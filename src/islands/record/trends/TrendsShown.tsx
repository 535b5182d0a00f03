import { lazy, Suspense, useMemo, useState } from 'react';
import { asCorrected, type LogEntry, ofKind } from '#core/practice/log';
import { piecesTried } from '#core/practice/tries';
import { becameSure, meanSemitoneCents, pointsBack, type Statement, statementsOf, type Week, weeksOf } from '#core/trends';
import { WEEKS_COUNTED } from '../../../records/log-pages.ts';
import { ButtonLink } from '../../../ui/Button.tsx';
import { SelectField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { PageSteps } from '../../../ui/NextSteps.tsx';
import { PUT_IN_WORDS } from '../../../words/practice/put-in.ts';
import { useTellNote } from '../../../state/note-places.ts';
import { Scrolls } from '../../../ui/Scrolls.tsx';
import { Table } from '../../../ui/Table.tsx';
import { chromaticText, missedPlaceText, pointsBackText, statementText, TRENDS_WORDS, weekText } from '../../../words/practice/trends.ts';
import { becameSureText, DRAWN_WORDS } from '../../../words/practice/record-drawn.ts';
import { MissedOnBoard } from '../drawn/MissedOnBoard.tsx';
import { MissedOnLine } from '../drawn/MissedOnLine.tsx';
import { MissesTable } from './MissesTable.tsx';
import type { TrendsRead } from './read-trends.ts';

/** Charts come when they are looked at. */
const WeeksChart = lazy(() => import('./WeeksChart.tsx'));

interface TrendsShownProps {
  readonly read: TrendsRead;
  readonly playerId: string | null;
}

/** Shows what was read of a record: where it was missed, each statement with what can be done, the weeks. */
export function TrendsShown({ read, playerId }: TrendsShownProps) {
  const weeks = useMemo(() => weeksOf(read.entries, read.now, WEEKS_COUNTED), [read]);
  const statements = useMemo(() => statementsOf(read.arrivals), [read]);
  const titles = useMemo(() => titlesOf(read.entries), [read]);
  if (piecesTried(read.entries).size === 0) {
    return (
      <div className="mt-3">
        <p>Nothing was tried in the last {WEEKS_COUNTED} weeks.</p>
        <ButtonLink className="mt-2" href={`/practise${playerId === null ? '' : `?player=${playerId}`}`}>
          Prepare a session
        </ButtonLink>
      </div>
    );
  }
  return (
    <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-5 lg:grid-cols-2">
      <PageSteps>
        <ButtonLink href={`/practise${playerId === null ? '' : `?player=${playerId}`}`}>Prepare the next session</ButtonLink>
      </PageSteps>
      <div className="lg:col-span-2">
        <MissedOnLine entries={read.entries} plans={read.plans} titles={titles} />
      </div>
      <div className="min-w-0 space-y-5">
        <section aria-label={TRENDS_WORDS.statements}>
          <Heading>{TRENDS_WORDS.statements}</Heading>
          {statements.length === 0 && <p>{TRENDS_WORDS.nothing}</p>}
          <ul className="grid gap-y-3">
            {statements.map((statement) => (
              <StatementItem key={`${statement.by} ${statement.group}`} statement={statement} read={read} playerId={playerId} />
            ))}
          </ul>
          <p className="mt-2 max-w-[75ch] text-[14px] text-dove-dark">{TRENDS_WORDS.rule}</p>
        </section>
        <Sure read={read} />
      </div>
      <div className="min-w-0 space-y-5">
        <MissedOnBoard entries={read.entries} plans={read.plans} />
        <section aria-label={TRENDS_WORDS.weeks}>
          <Heading>{TRENDS_WORDS.weeks}</Heading>
          <Suspense fallback={<p>Drawing …</p>}>
            <WeeksChart weeks={weeks} />
          </Suspense>
          <Scrolls what={TRENDS_WORDS.weeks}>
            <WeeksTable weeks={weeks} />
          </Scrolls>
        </section>
      </div>
      <div className="min-w-0 lg:col-span-2">
        <MissesTable read={read} weeks={weeks} />
      </div>
      <div className="lg:col-span-2">
        <ChromaticOctave />
      </div>
    </div>
  );
}

/** Names the pieces of a record, those with the most misses first. */
function titlesOf(entries: readonly LogEntry[]): ReadonlyMap<string, string> {
  const missed = new Map<string, { title: string; times: number }>();
  for (const { practised, miss } of ofKind(asCorrected(entries), 'attempt')) {
    const before = missed.get(practised.piece)?.times ?? 0;
    missed.set(practised.piece, { title: practised.title, times: before + (miss === null ? 0 : 1) });
  }
  const inOrder = [...missed].toSorted(([, one], [, other]) => other.times - one.times);
  return new Map(inOrder.map(([piece, { title }]) => [piece, title]));
}

/** The number of notes told that have become sure. */
const SURE_TOLD = 5;

/** Tells what has become sure. */
function Sure({ read }: { readonly read: TrendsRead }) {
  const sure = useMemo(() => becameSure(read.entries, read.plans), [read]);
  const tell = useTellNote();
  return (
    <section aria-label={DRAWN_WORDS.sure}>
      <Heading>{DRAWN_WORDS.sure}</Heading>
      {sure.length === 0 && <p>{DRAWN_WORDS.sureNone}</p>}
      <ul>
        {sure.slice(0, SURE_TOLD).map((note) => (
          <li key={`${note.piece} ${note.note}`} className="border-b border-line py-1">
            {becameSureText(note, tell)}
          </li>
        ))}
      </ul>
      <p className="mt-1 max-w-[75ch] text-[14px] text-dove-dark">{DRAWN_WORDS.sureRule}</p>
    </section>
  );
}

/** The number of places told of a statement. */
const PLACES = 5;

interface StatementItemProps extends TrendsShownProps {
  readonly statement: Statement;
}

/** Shows a statement with its evidence: the places, the cause to which they point back, and one step to the drill and to the session. */
function StatementItem({ statement, read, playerId }: StatementItemProps) {
  const tell = useTellNote();
  return (
    <li>
      <p className="text-[17px] font-semibold">{statementText(statement)}</p>
      <ul className="text-[15px]">
        {statement.places.slice(0, PLACES).map((place) => {
          const plan = read.plans.get(place.piece);
          const points = plan ? pointsBack(plan, place.note) : null;
          const practise = new URLSearchParams({ add: place.piece, from: String(Math.max(0, place.note - 1)), to: String(place.note) });
          if (playerId !== null) practise.set('player', playerId);
          return (
            <li key={`${place.piece} ${place.note}`} className="flex flex-wrap items-center gap-2 border-b border-line py-1">
              <span className="grow">
                {missedPlaceText(place, tell)}{' '}
                <span className="text-dove-dark">{points && pointsBackText(points, (note) => tell(place.piece, note))}</span>
              </span>
              <ButtonLink href={`/drills?piece=${place.piece}&part=spots&spot=${place.note}`}>Its loop and its drill</ButtonLink>
              <ButtonLink href={`/practise?${practise.toString()}`}>{PUT_IN_WORDS.session}</ButtonLink>
              <ButtonLink href={`/practise/week?${practise.toString()}`}>{PUT_IN_WORDS.week}</ButtonLink>
            </li>
          );
        })}
      </ul>
    </li>
  );
}

/** Shows the chart in figures. */
function WeeksTable({ weeks }: { readonly weeks: readonly Week[] }) {
  return (
    <Table className="mt-2">
      <caption className="sr-only">{TRENDS_WORDS.weeks}</caption>
      <thead>
        <tr>
          <th scope="col">Week from</th>
          <th scope="col">Tries</th>
          <th scope="col">Good</th>
          <th scope="col">Flat</th>
          <th scope="col">Sharp</th>
          <th scope="col">Fastest good tempo</th>
        </tr>
      </thead>
      <tbody>
        {weeks.map((week) => (
          <tr key={week.begins}>
            <th scope="row">{weekText(week)}</th>
            <td>{week.tries}</td>
            <td>{week.tries === 0 ? '' : `${Math.round((100 * week.good) / week.tries)} %`}</td>
            <td>{week.flat}</td>
            <td>{week.sharp}</td>
            <td>{week.tempo === null ? '' : `♩ = ${Math.round(week.tempo)}`}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

const STEPS = [10, 11, 12, 13, 14, 15];

/** Shows the width of semitones, from the steps that were counted in a chromatic octave. */
function ChromaticOctave() {
  const [steps, setSteps] = useState(12);
  return (
    <section aria-label={TRENDS_WORDS.chromatic}>
      <Heading>{TRENDS_WORDS.chromatic}</Heading>
      <p className="flex flex-wrap items-center gap-2">
        {TRENDS_WORDS.chromaticHow}
        <SelectField
          aria-label="Steps counted"
          value={steps}
          options={STEPS.map((count) => ({ value: count, name: String(count) }))}
          onChoose={setSteps}
        />
      </p>
      <p role="status" aria-label="Semitones">
        {chromaticText(steps, meanSemitoneCents(steps))}
      </p>
    </section>
  );
}

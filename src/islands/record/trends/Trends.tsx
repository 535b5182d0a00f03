import { lazy, Suspense, useMemo, useState } from 'react';
import { ofKind } from '#core/practice/log';
import { meanSemitoneCents, pointsBack, type Statement, statementsOf, type Week, weeksOf } from '#core/trends';
import { answerOf, useAsked } from '../../../engine/index.ts';
import { dayWeeksBefore } from '../../../records/log-pages.ts';
import { ENTRIES, useStored } from '../../../state/reading/index.ts';
import { ButtonLink } from '../../../ui/Button.tsx';
import { SelectField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { PUT_IN_WORDS } from '../../../words/practice/put-in.ts';
import { useTellNote } from '../../../state/note-places.ts';
import { Scrolls } from '../../../ui/Scrolls.tsx';
import { Table } from '../../../ui/Table.tsx';
import { Answered } from '../../../ui/states/index.ts';
import { chromaticText, missedPlaceText, pointsBackText, statementText, TRENDS_WORDS, weekText } from '../../../words/practice/trends.ts';
import { MissesTable } from './MissesTable.tsx';
import { readTrends, type TrendsRead, WEEKS } from './read-trends.ts';

/** Charts come when they are looked at. */
const WeeksChart = lazy(() => import('./WeeksChart.tsx'));

interface TrendsProps {
  readonly playerId: string | null;
}

/** Shows the last weeks of a record: week by week, across pieces, and from each statement to what can be done. */
export function Trends({ playerId }: TrendsProps) {
  const [from] = useState(() => dayWeeksBefore(Date.now(), WEEKS));
  const log = useStored(ENTRIES, playerId, from);
  const entries = answerOf(log) ?? [];
  // Entries are only ever added, so an equal number means the same entries.
  const asked = useAsked({
    key: ['trends', playerId, entries.length],
    ask: (signal) => readTrends(entries, signal),
    when: log.state === 'answered',
  });
  return (
    <Answered asked={log.state === 'failed' ? log : asked} waiting={TRENDS_WORDS.waiting}>
      {(read) => <TrendsOf read={read} playerId={playerId} />}
    </Answered>
  );
}

function TrendsOf({ read, playerId }: TrendsProps & { readonly read: TrendsRead }) {
  const weeks = useMemo(() => weeksOf(read.entries, read.now, WEEKS), [read]);
  const statements = useMemo(() => statementsOf(read.arrivals), [read]);
  if (ofKind(read.entries, 'attempt').length === 0) {
    return (
      <div className="mt-3">
        <p>Nothing was tried in the last {WEEKS} weeks.</p>
        <ButtonLink className="mt-2" href={`/practise${playerId === null ? '' : `?player=${playerId}`}`}>
          Prepare a session
        </ButtonLink>
      </div>
    );
  }
  return (
    <div className="mt-3 space-y-4">
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
      <section aria-label={TRENDS_WORDS.weeks}>
        <Heading>{TRENDS_WORDS.weeks}</Heading>
        <Suspense fallback={<p>Drawing …</p>}>
          <WeeksChart weeks={weeks} />
        </Suspense>
        <Scrolls what={TRENDS_WORDS.weeks}>
          <WeeksTable weeks={weeks} />
        </Scrolls>
      </section>
      <MissesTable read={read} weeks={weeks} />
      <ChromaticOctave />
    </div>
  );
}

/** The number of places told of a statement. */
const PLACES = 5;

interface StatementItemProps extends TrendsProps {
  readonly statement: Statement;
  readonly read: TrendsRead;
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
    <Table className="mt-2 max-w-3xl">
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

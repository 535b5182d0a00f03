import { Printer } from 'lucide-react';
import { Fragment, useCallback, useEffect, useMemo, useState } from 'react';
import { asFingered, type Engraving, engravingOf, type FingerMark, fingerMarks, type Measure } from '#core/notation';
import type { Plan } from '#core/plan';
import { layoutStaff } from '../../engraving/layout.ts';
import { writtenMarks } from '../../engraving/written-marks.ts';
import { systemsOf } from '../../engraving/systems.ts';
import { loadRecord } from '../../store/pieces.ts';
import { briefLine } from '../../words/brief-line.ts';
import { materialLabel, pitchLabel } from '../../words/labels.ts';
import { mmText, movementText, semitonesText, shiftText } from '../../words/plan-words.ts';
import { OVERTAKEN, planner } from '../../workers/client.ts';
import { Header } from '../Header.tsx';
import { type Engraved, Staff } from '../score/Staff.tsx';
import { StaffMarks } from '../score/StaffMarks.tsx';

/** Width of the music on the page, px: A4 and Letter between their margins. */
const SHEET_WIDTH = 680;

interface Loaded {
  readonly name: string;
  readonly plan: Plan;
}

/** One clean page for the stand: name, brief, the music with its fingering, the shifts. */
export function Sheet() {
  const { loaded, trouble, id } = useSheet();
  return (
    <>
      <Header current="Bench">
        <a className="quiet-button" href={id === null ? '/' : `/?piece=${id}`}>
          Back to the bench
        </a>
        <button type="button" className="quiet-button" onClick={() => print()} disabled={loaded === null}>
          <Printer size={15} aria-hidden="true" /> Print
        </button>
      </Header>
      <main className="light-paper mx-auto my-6 bg-white text-ink px-8 py-8 print:m-0 print:p-0" style={{ maxWidth: SHEET_WIDTH + 64 }}>
        {trouble !== null && <p role="alert">{trouble}</p>}
        {loaded && <SheetBody loaded={loaded} />}
      </main>
    </>
  );
}

function SheetBody({ loaded }: { readonly loaded: Loaded }) {
  const { plan, name } = loaded;
  const engraving = useMemo(() => engravingOf(plan.brief.instrument.kind, plan.line, asFingered(plan)), [plan]);
  const marks = useMemo(() => fingerMarks(plan), [plan]);
  const systems = useMemo(() => systemsOf(engraving, SHEET_WIDTH), [engraving]);
  const title = name === '' ? materialLabel(plan.brief) : name;
  return (
    <article>
      <h1 className="text-2xl font-semibold">{title}</h1>
      <p className="mt-1 mb-4 text-[15px]">{briefLine(plan.brief)}</p>
      {systems.map((measures, index) => (
        <System
          key={index}
          plan={plan}
          engraving={engraving}
          marks={marks}
          measures={measures}
          first={index === 0}
          last={index === systems.length - 1}
        />
      ))}
      <Remarks plan={plan} />
      <SheetShifts plan={plan} />
      <p className="mt-4 text-[13px] text-dove-dark">
        – a shift onto this note · ↓ ↑ the finger stands lower, higher · x extended · Roman numerals: strings, I the highest. The ear
        decides; stop at any pain and ask your teacher.
      </p>
    </article>
  );
}

interface SystemProps {
  readonly plan: Plan;
  readonly engraving: Engraving;
  readonly marks: readonly (FingerMark | null)[];
  readonly measures: readonly Measure[];
  readonly first: boolean;
  readonly last: boolean;
}

/** One line of music. All but the last fill the width. */
function System({ plan, engraving, marks, measures, first, last }: SystemProps) {
  const layout = useMemo(
    () => layoutStaff(engraving, measures, last ? SHEET_WIDTH * 0.8 : SHEET_WIDTH, first, writtenMarks(plan.brief).rows),
    [plan, engraving, measures, first, last],
  );
  const [engraved, setEngraved] = useState<Engraved | null>(null);
  const keep = useCallback((next: Engraved) => setEngraved(next), []);
  const range = { from: 0, to: measures.length };
  const width = (layout.offsets[measures.length] ?? SHEET_WIDTH) + 2;
  return (
    <div className="relative break-inside-avoid" style={{ width, height: layout.height + 10 }}>
      <Staff engraving={engraving} measures={measures} layout={layout} range={range} first={first} onEngraved={keep} />
      <svg className="absolute top-0 left-0" width={width} height={layout.height} aria-hidden="true">
        <StaffMarks plan={plan} marks={marks} heads={engraved?.heads ?? []} layout={layout} selected={null} />
      </svg>
    </div>
  );
}

/** The teacher's remarks, by the letters under the staff. */
function Remarks({ plan }: { readonly plan: Plan }) {
  const { at, letters } = writtenMarks(plan.brief);
  if (letters.size === 0) return null;
  return (
    <section aria-label="Remarks" className="mt-4 break-inside-avoid">
      <h2 className="small-heading">Remarks</h2>
      <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-2 text-[14px]">
        {[...letters].map(([note, letter]) => (
          <Fragment key={note}>
            <dt>{letter})</dt>
            <dd>{at.get(note)?.remark}</dd>
          </Fragment>
        ))}
      </dl>
    </section>
  );
}

function SheetShifts({ plan }: { readonly plan: Plan }) {
  if (plan.shifts.length === 0) return <p className="mt-4">No shift: the hand stays where it begins.</p>;
  return (
    <section aria-label="Shifts" className="mt-4 break-inside-avoid">
      <h2 className="small-heading">Shifts</h2>
      <ol className="mt-1 list-decimal pl-6 text-[14px]">
        {plan.shifts.map((shift) => {
          const arrival = plan.notes[shift.to];
          return (
            <li key={shift.to}>
              To {arrival?.kind === 'note' ? pitchLabel(arrival.stops[0].written) : ''}: {shiftText(shift)}; the hand{' '}
              {semitonesText(shift.handSemitones)}, {mmText(shift.handMm)}; the notes {movementText(shift.noteSemitones)}.
            </li>
          );
        })}
      </ol>
    </section>
  );
}

function useSheet(): { readonly loaded: Loaded | null; readonly trouble: string | null; readonly id: string | null } {
  const [loaded, setLoaded] = useState<Loaded | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const id = new URL(location.href).searchParams.get('piece');
  useEffect(() => {
    void loadSheet(id).then((result) => (typeof result === 'string' ? setTrouble(result) : setLoaded(result)));
  }, [id]);
  return { loaded, trouble, id };
}

/** The piece with its plan, or words for why there is none. */
async function loadSheet(id: string | null): Promise<Loaded | string> {
  const record = id === null ? null : await loadRecord(id);
  if (!record) return 'There is no piece under this address. Go back to the bench and open the sheet from there.';
  const answer = await planner.plan(record.piece.brief);
  if (answer === OVERTAKEN) return 'Reload the page.';
  if (!answer.ok) return answer.issues.map((issue) => `${issue.message} ${issue.hint}`).join(' ');
  return { name: record.piece.name, plan: answer.value.best };
}

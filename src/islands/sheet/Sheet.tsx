import { Answered, guardIsland } from '../../ui/states/index.ts';
import { Printer, Rows4 } from '../../ui/icons.ts';
import { Fragment, useMemo } from 'react';
import { engravingOfPlan, fingerMarks } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { answerOf } from '../../engine/index.ts';
import { writtenMarks } from '../../engraving/index.ts';
import { useUnderStaff } from '../../state/under-staff.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { Scrolls } from '../../ui/Scrolls.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { Opening } from '../../ui/Opening.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { briefLine } from '../../words/piece/brief-line.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { shiftsOnce } from '../../words/hand/shifts-once.ts';
import { UNDER_STAFF_WORDS } from '../../words/hand/under-staff.ts';
import { Addressed, Header, StudioPlayer, usePageTitle } from '../frame/index.ts';
import { type PlannedPiece, usePlanned } from '../opened-piece/index.ts';
import { UnderStaffMenu, useBowPlan } from '../score/under-staff/index.ts';
import { BowSummary } from './BowSummary.tsx';
import { SHEET_WIDTH, Systems } from './Systems.tsx';
import { useVariants, VariantChoice, Variants } from './Variants.tsx';

/** Shows one clean page for the stand: name, brief, the music with its fingering, the shifts. */
export const Sheet = guardIsland(GuardedSheet);

function GuardedSheet() {
  return (
    <Addressed>
      <SheetPage />
    </Addressed>
  );
}

function SheetPage() {
  const id = new URL(location.href).searchParams.get('piece');
  const asked = usePlanned(id);
  const sheet = answerOf(asked);
  const loaded = typeof sheet === 'string' ? null : sheet;
  usePageTitle('Sheet', loaded ? pieceTitle({ name: loaded.name, brief: loaded.plan.brief }) : null);
  return (
    <>
      <Header current="Sheet" pieceId={id} player={<StudioPlayer pieceId={id} />}>
        <div className="flex flex-wrap items-center gap-4 lg:ml-auto">
          <Opening label="Under the staff" icon={Rows4} named Content={UnderStaffMenu} />
          <VariantChoice />
          <Button onClick={() => print()} disabled={loaded === null}>
            <Printer size={15} aria-hidden="true" /> Print it
          </Button>
        </div>
      </Header>
      <main className="light-paper mx-auto my-6 bg-white text-ink px-8 py-8 print:m-0 print:p-0" style={{ maxWidth: SHEET_WIDTH + 64 }}>
        <Answered asked={asked}>{(come) => (typeof come === 'string' ? <NoSheet why={come} /> : <SheetBody loaded={come} />)}</Answered>
      </main>
    </>
  );
}

/** Tells why nothing can be printed, and where a piece is found. */
function NoSheet({ why }: { readonly why: string }) {
  return (
    <>
      <p role="alert">{why}</p>
      <NextSteps>
        <ButtonLink href="/pieces">Choose a piece</ButtonLink>
        <ButtonLink href="/?new">Start a new piece</ButtonLink>
      </NextSteps>
    </>
  );
}

function SheetBody({ loaded }: { readonly loaded: PlannedPiece }) {
  const { plan, name } = loaded;
  const under = useUnderStaff();
  const { variants } = useVariants();
  const bow = useBowPlan(plan, under.bow);
  const engraving = useMemo(() => engravingOfPlan(plan), [plan]);
  const marks = useMemo(() => fingerMarks(plan), [plan]);
  return (
    <article>
      <h1 className="text-2xl font-semibold">{pieceTitle({ name, brief: plan.brief })}</h1>
      <p className="mt-1 mb-4 text-[15px]">{briefLine(plan.brief)}</p>
      <Scrolls what="Music">
        <Systems plan={plan} engraving={engraving} marks={marks} bow={bow} />
      </Scrolls>
      {bow && <BowSummary bow={bow} />}
      <Remarks plan={plan} />
      {variants.length > 0 ? <Variants plan={plan} marks={marks} /> : <SheetShifts plan={plan} />}
      <p className="mt-4 text-[13px] text-dove-dark">
        – a shift onto this note · ↓ ↑ the finger stands lower, higher · x extended · Roman numerals: strings, I the highest.{' '}
        {under.steps && UNDER_STAFF_WORDS.steps} {under.fingers && UNDER_STAFF_WORDS.fingers} {under.bow && UNDER_STAFF_WORDS.bow} The ear
        decides; stop at any pain and ask your teacher.
      </p>
    </article>
  );
}

/** Shows the teacher's remarks, by the letters under the staff. */
function Remarks({ plan }: { readonly plan: Plan }) {
  const { at, letters } = writtenMarks(plan.brief);
  if (letters.size === 0) return null;
  return (
    <section aria-label="Remarks" className="mt-4 break-inside-avoid">
      <Heading>Remarks</Heading>
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

/** Tells every shift once, with the places at which it is made. */
function SheetShifts({ plan }: { readonly plan: Plan }) {
  const shifts = useMemo(() => shiftsOnce(plan), [plan]);
  if (shifts.length === 0) return <p className="mt-4">No shifts: the hand stays in one position.</p>;
  return (
    <section aria-label="Shifts" className="mt-4 break-inside-avoid">
      <Heading>Shifts</Heading>
      <ol className="mt-1 list-decimal pl-6 text-[14px]">
        {shifts.map(({ told, at }) => (
          <li key={told}>
            {told} <span className="text-dove-dark">({at})</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

import { keyAt } from '#core/material/measures';
import { parseAsInteger, parseAsStringLiteral, useQueryStates } from 'nuqs';
import { useMemo, useState } from 'react';
import { readPlayer } from '#core/brief';
import { type DrillFamily, PLAIN_VARIANT } from '#core/drill/families';
import type { ShiftClass } from '#core/drill/shifts';
import { formatKey } from '#core/key';
import type { Plan } from '#core/plan/describe';
import { usePlanning } from '../../state/planning.ts';
import { useWork } from '../../state/bench/index.ts';
import { guardIsland, Part } from '../../ui/states/index.ts';
import { PartTabs } from '../../ui/Tabs.tsx';
import { briefLine } from '../../words/piece/brief-line.ts';
import { COVER } from '../../words/drills/cover.ts';
import { IN_BOOKS } from '../../words/drills/in-books.ts';
import { originText } from '../../words/drills/families.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { Addressed, usePageTitle } from '../frame/index.ts';
import { Messages } from '../bench/Messages.tsx';
import { PiecePage, useOpenedPiece } from '../opened-piece/index.ts';
import { BeforePart } from './books/BeforePart.tsx';
import { CoverPart } from './cover/CoverPart.tsx';
import { FindPart } from './find/FindPart.tsx';
import { ShiftPart } from './ShiftPart.tsx';
import { SpotPart } from './SpotPart.tsx';
import { useWriter } from './use-writer.ts';
import { WritePart } from './WritePart.tsx';

const PARTS = ['shifts', 'spots', 'before', 'write', 'find', 'cover'] as const;
type PartName = (typeof PARTS)[number];

const PART_LABELS: Readonly<Record<PartName, string>> = {
  shifts: 'Shifts',
  spots: 'Hot spots',
  before: IN_BOOKS.before,
  write: 'Write a drill',
  find: 'Find a drill',
  cover: COVER.tab,
};

/** Leads from the plan of a piece to the hand: its shifts taken apart, drills written for them, drills found. */
export const Drills = guardIsland(GuardedDrills);

function GuardedDrills() {
  return (
    <Addressed>
      <DrillsPage />
    </Addressed>
  );
}

function DrillsPage() {
  const trouble = useOpenedPiece();
  const plan = usePlanning((planning) => planning.planSet?.best ?? null);
  const pieceId = useWork((work) => work.pieceId);
  const title = useWork((work) => (pieceId === null ? null : pieceTitle(work)));
  const drill = useWork((work) => work.drill);
  usePageTitle('Drills', title);
  return (
    <PiecePage current="Drills" pieceId={pieceId} trouble={trouble}>
      <div className="flex flex-wrap items-baseline gap-x-5">
        <h1 className="text-2xl font-semibold">{title}</h1>
        {plan && <p className="text-dove-dark">{briefLine(plan.brief)}</p>}
        {drill && <p className="text-dove-dark">{originText(drill)}</p>}
      </div>
      <Messages />
      {plan && (
        <Part>
          <DrillParts key={pieceId} plan={plan} />
        </Part>
      )}
    </PiecePage>
  );
}

const ADDRESS = { part: parseAsStringLiteral(PARTS).withDefault(PARTS[0]), shift: parseAsInteger, spot: parseAsInteger };

function DrillParts({ plan }: { readonly plan: Plan }) {
  const [{ part, shift, spot }, setAddress] = useQueryStates(ADDRESS);
  const go = (next: PartName): void => void setAddress({ part: next });
  const writer = useWriter(() => go('write'));
  const [like, setLike] = useState<ShiftClass | null>(null);
  const place = useMemo(() => readPlayer(plan.brief), [plan]);
  if (!place.ok) return null;
  const writeFor = (asks: DrillFamily, note: number): void =>
    writer.ask({ key: formatKey(keyAt(plan.line, note)), asks, variant: PLAIN_VARIANT }, note);
  return (
    <>
      <PartTabs label="Drills" names={PARTS} nameOf={(name) => PART_LABELS[name]} chosen={part} onChoose={go} />
      {part === 'shifts' && (
        <ShiftPart
          plan={plan}
          chosen={shift}
          onChoose={(note) => void setAddress({ shift: note })}
          onWrite={writeFor}
          onFind={(shiftClass) => {
            setLike(shiftClass);
            go('find');
          }}
          onWriteAny={() => go('write')}
          onFindAny={() => go('find')}
        />
      )}
      {part === 'spots' && (
        <SpotPart
          plan={plan}
          place={place.value}
          chosen={spot}
          onChoose={(note) => void setAddress({ spot: note })}
          onTakeApart={(note) => void setAddress({ part: 'shifts', shift: note })}
          onWrite={writeFor}
        />
      )}
      {part === 'before' && <BeforePart plan={plan} onOpen={writer.ask} />}
      {part === 'write' && <WritePart plan={plan} place={place.value} writer={writer} />}
      {part === 'cover' && <CoverPart plan={plan} onOpen={writer.ask} />}
      {part === 'find' && (
        <FindPart plan={plan} place={place.value} musicKey={formatKey(plan.line.key)} like={like} onLike={setLike} onOpen={writer.ask} />
      )}
    </>
  );
}

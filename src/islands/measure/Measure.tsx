import { parseAsStringLiteral, useQueryState } from 'nuqs';
import { type ComponentType, lazy, Suspense } from 'react';
import type { Plan } from '#core/plan/describe';
import { usePlanning } from '../../state/planning.ts';
import { useWork } from '../../state/work/work.ts';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { PartTabs } from '../../ui/Tabs.tsx';
import { briefLine } from '../../words/brief-line.ts';
import { pieceTitle } from '../../words/labels.ts';
import { Addressed } from '../Addressed.tsx';
import { Header } from '../Header.tsx';
import { NumberOrigins } from '../NumberOrigins.tsx';
import { StorageTrouble } from '../StorageTrouble.tsx';
import { Messages } from '../bench/Messages.tsx';
import { useOpenedPiece } from '../use-opened-piece.ts';
import { usePageTitle } from '../use-page-title.ts';

const PARTS = ['fingerboard', 'intonation', 'reach', 'tapes'] as const;
type Part = (typeof PARTS)[number];

const PART_LABELS: Readonly<Record<Part, string>> = {
  fingerboard: 'Fingerboard',
  intonation: 'Intonation',
  reach: 'Reach',
  tapes: 'Tapes',
};

const PART_VIEWS: Readonly<Record<Part, ComponentType<{ readonly plan: Plan }>>> = {
  fingerboard: lazy(async () => ({ default: (await import('./FingerboardPart.tsx')).FingerboardPart })),
  intonation: lazy(async () => ({ default: (await import('./IntonationPart.tsx')).IntonationPart })),
  reach: lazy(async () => ({ default: (await import('./ReachPart.tsx')).ReachPart })),
  tapes: lazy(async () => ({ default: (await import('./TapesPart.tsx')).TapesPart })),
};

/** A piece in millimetres, cents and hertz: its fingerboard, its intonation, what it asks of the hand, its tapes. */
export function Measure() {
  return (
    <Addressed>
      <MeasurePage />
    </Addressed>
  );
}

function MeasurePage() {
  const trouble = useOpenedPiece();
  const [part, choose] = useQueryState('part', parseAsStringLiteral(PARTS).withDefault(PARTS[0]));
  const plan = usePlanning((planning) => planning.planSet?.best ?? null);
  const pieceId = useWork((work) => work.pieceId);
  const ready = pieceId !== null;
  usePageTitle(
    'Measures',
    useWork((work) => (ready ? pieceTitle(work) : null)),
  );
  const View = PART_VIEWS[part];
  return (
    <>
      <Header current="Measures" pieceId={pieceId} />
      {trouble !== null && <StorageTrouble message={trouble} />}
      {ready && (
        <main className="px-6 pt-3 pb-6">
          <PieceHead />
          <Messages />
          <PartTabs
            label="Measures"
            names={PARTS}
            nameOf={(each) => PART_LABELS[each]}
            chosen={part}
            onChoose={(next) => void choose(next)}
          />
          {plan && (
            <Suspense>
              <View plan={plan} />
            </Suspense>
          )}
          <OpenedSection title="How this is calculated">{() => <NumberOrigins />}</OpenedSection>
        </main>
      )}
    </>
  );
}

function PieceHead() {
  const name = useWork((work) => work.name);
  const brief = useWork((work) => work.brief);
  return (
    <div className="flex flex-wrap items-baseline gap-x-5">
      <h1 className="text-2xl font-semibold">{pieceTitle({ name, brief })}</h1>
      <p className="text-dove-dark">{briefLine(brief)}</p>
    </div>
  );
}
